import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import { pickAddress, PickPapers } from "./PickPapers";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("pick papers", () => {
  it("keep the order of the jobs, whatever is in their numbers", () => {
    expect(pickAddress("pick-list", ["24&17", "A 1"], "A4")).toBe(
      "/api/v1/pick-list?job=24%2617&job=A+1&sheet=A4",
    );
  });

  it("are opened for the chosen, on the paper chosen, one after the other", async () => {
    const open = vi.fn();
    vi.stubGlobal("open", open);
    const user = userEvent.setup();
    render(<PickPapers jobs={["2401", "2402"]} />);
    await user.selectOptions(screen.getByLabelText("Paper"), "LABEL");
    await user.click(screen.getByRole("checkbox"));
    await user.click(screen.getByRole("button", { name: "Pick slips" }));
    expect(open).toHaveBeenLastCalledWith(
      "/api/v1/pick-slips?job=2401&job=2402&sheet=LABEL&onePage=false",
      "_blank",
    );
    await user.click(screen.getByRole("button", { name: "One list by shelf" }));
    expect(open).toHaveBeenLastCalledWith("/api/v1/pick-list?job=2401&job=2402&sheet=LABEL", "_blank");
  });

  it("say how many go at once", () => {
    render(<PickPapers jobs={Array.from({ length: 201 }, (_, index) => String(index))} />);
    expect(screen.queryByRole("button")).toBeNull();
  });
});
