import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import type { ReactElement } from "react";
import { MemoryRouter } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { ReasonChoice } from "./ReasonChoice";
import { ReceiveReturn } from "./ReceiveReturn";
import { acts, reminderLetter, type Return } from "./useReturns";

const row: Return = {
  id: 7,
  shipmentId: 3,
  job: "2417",
  customer: "Pellworth Robotics",
  mail: "stores@pellworth.example",
  site: "Rockford",
  reason: "FAULTY",
  reasonWords: "does not work",
  note: "",
  state: "EXPECTED",
  overdue: false,
  service: "Plover Ground",
  trackingNumber: "PV900417000061",
  payer: "SHOP",
  payerWords: "we pay",
  due: "2026-12-31",
  said: "",
  askedBy: "Ines Calloway",
  askedAt: "2026-12-01T19:05:00Z",
  reminders: 0,
  reminderMailed: false,
  receivedBy: "",
  came: "",
  lines: [{ position: 1, item: "SK-2", quantity: 6 }],
  papers: ["/api/v1/papers/9"],
};

function show(screenOf: ReactElement) {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter>{screenOf}</MemoryRouter>
    </QueryClientProvider>,
  );
}

const opened = (of: Return, mayAct = true) =>
  show(
    <ReceiveReturn
      row={of}
      timeZone="America/Chicago"
      mayAct={mayAct}
      leave={() => undefined}
      received={() => undefined}
    />,
  );

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe("a return", () => {
  it("is received by Enter, with all that was to come filled in", async () => {
    const receive = vi.spyOn(acts, "receive").mockResolvedValue({ ...row, state: "RECEIVED" });
    opened(row);
    expect(document.activeElement?.textContent).toContain("Receive it");
    await userEvent.keyboard("{Enter}");
    expect(receive).toHaveBeenCalledWith(7, [{ position: 1, quantity: 6, condition: "GOOD" }]);
  });

  it("says that it is overdue, and what came of it, in words", () => {
    opened({ ...row, overdue: true });
    expect(screen.getByText("overdue")).toBeTruthy();
    cleanup();
    opened({ ...row, state: "RECEIVED", receivedAt: "2026-12-03T15:00:00Z", came: "5 of 6 SK-2 used" });
    expect(screen.getByText(/5 of 6 SK-2 used/)).toBeTruthy();
    expect(screen.queryByRole("button", { name: /Receive it/ })).toBeNull();
  });

  it("can only be looked at by whoever may not act", () => {
    opened(row, false);
    expect(screen.queryByRole("button", { name: /Receive it|Call it off/ })).toBeNull();
  });

  it("has a letter of reminder for the person's own mail program", () => {
    const letter = decodeURIComponent(reminderLetter(row));
    expect(letter).toContain("mailto:stores@pellworth.example");
    expect(letter).toContain("6 x SK-2");
    expect(letter).toContain("PV900417000061");
  });

  it("is reminded of by the shop’s email where one is written", async () => {
    const remind = vi.spyOn(acts, "remind").mockResolvedValue({ ...row, reminders: 1 });
    opened(row);
    expect(screen.getByRole("link", { name: "Write a reminder" })).toBeTruthy();
    cleanup();
    opened({ ...row, reminderMailed: true });
    await userEvent.click(screen.getByRole("button", { name: "Send a reminder" }));
    expect(remind).toHaveBeenCalledWith(7);
  });
});

describe("the reason", () => {
  it("is chosen by a person, never filled in", async () => {
    const choose = vi.fn();
    show(<ReasonChoice label="Reason" reason={undefined} choose={choose} />);
    expect(screen.getByRole<HTMLSelectElement>("combobox").value).toBe("");
    await userEvent.selectOptions(screen.getByRole("combobox"), "to be repaired");
    expect(choose).toHaveBeenCalledWith("REPAIR");
  });
});
