import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import { ConnectionForm } from "./ConnectionForm";

const whimbrel = {
  code: "WHIMBREL",
  name: "Whimbrel Lines",
  adapter: "waybills-xml",
  address: "https://lines.example/api",
  timeLimitMillis: 3000,
  userName: "shop-417",
  hasSecret: true,
  leftAlone: false,
};

function open(error: unknown = null) {
  const keep = vi.fn();
  const close = vi.fn();
  render(<ConnectionForm connection={whimbrel} busy={false} error={error} keep={keep} close={close} />);
  return { keep, close };
}

afterEach(cleanup);

describe("a connection", () => {
  it("is changed by keys alone, and keeps its password when none is typed", async () => {
    const { keep } = open();
    const person = userEvent.setup();
    expect(document.activeElement).toBe(screen.getByLabelText("Address"));
    await person.tab();
    await person.keyboard("{Control>}a{/Control}2500{Enter}");
    expect(keep).toHaveBeenCalledWith({
      address: "https://lines.example/api",
      timeLimitMillis: 2500,
      userName: "shop-417",
    });
  });

  it("sends a new password, and shows none", async () => {
    const { keep } = open();
    const field = screen.getByLabelText<HTMLInputElement>("New password or token");
    expect(field.type).toBe("password");
    expect(field.value).toBe("");
    await userEvent.setup().type(field, "reed{Enter}");
    expect(keep).toHaveBeenCalledWith(expect.objectContaining({ secret: "reed" }));
  });

  it("says why it was refused, and closes on Escape", async () => {
    const { close } = open({
      thing: "Credentials of Whimbrel Lines",
      detail: "They were entered for another address.",
      remedy: "Enter the password or token again.",
    });
    expect(screen.getByRole("alert").textContent).toContain("Enter the password or token again.");
    await userEvent.setup().keyboard("{Escape}");
    expect(close).toHaveBeenCalled();
  });

  it("is saved all the same by whoever was warned", async () => {
    const { keep } = open({ thing: "Address", detail: "Something waits.", remedy: "Wait.", status: 409 });
    await userEvent.setup().click(screen.getByRole("button", { name: /Save all the same/ }));
    expect(keep).toHaveBeenCalledWith(expect.objectContaining({ sure: true }));
  });
});
