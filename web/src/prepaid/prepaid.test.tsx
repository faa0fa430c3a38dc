import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../api/client";
import { PrepaidLine, type Prepaid } from "./PrepaidLine";

const account: Prepaid = {
  carrierCode: "GODWIT",
  carrier: "Godwit Post",
  balance: { amount: "12.00" },
  said: "",
  needed: { amount: "26.66" },
  missing: { amount: "14.66" },
  stays: { amount: "0.00" },
};
const post = vi.spyOn(api, "POST");

beforeEach(() => {
  post.mockResolvedValue({ data: { rows: [] }, response: new Response() } as never);
});

afterEach(() => {
  cleanup();
  post.mockReset();
});

/** The bodies that were sent to an address. */
const sentTo = (end: string) =>
  (post.mock.calls as unknown as [string, { body?: unknown }][])
    .filter(([path]) => path.endsWith(end))
    .map(([, init]) => init.body);

function shown(of: Prepaid, mayPayIn = true) {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <PrepaidLine account={of} currency="USD" timeZone="UTC" mayPayIn={mayPayIn} looksAgain={["run", 1]} />
    </QueryClientProvider>,
  );
}

describe("an account that is paid beforehand", () => {
  it("asks the carrier when it is shown, and says what is missing", async () => {
    shown(account);
    expect(screen.getByText("14.66")).toBeTruthy();
    await waitFor(() => expect(sentTo("/balance")).toHaveLength(1));
  });

  it("asks once before it pays in, with the amount", async () => {
    const user = userEvent.setup();
    shown(account);
    await user.click(screen.getByRole("button", { name: "Pay in" }));
    expect(sentTo("/payments")).toEqual([]);
    await user.click(screen.getByRole("button", { name: /Pay in/ }));
    await waitFor(() => expect(sentTo("/payments")).toEqual([{ amount: "14.66" }]));
  });

  it("shows who may not pay in the figures alone", () => {
    shown({ ...account, missing: { amount: "0.00" }, stays: { amount: "3.00" } }, false);
    expect(screen.getByText("3.00")).toBeTruthy();
    expect(screen.queryByLabelText("Amount to pay in")).toBeNull();
  });
});
