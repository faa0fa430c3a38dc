import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../api/client";
import { Books } from "./Books";

const usd = (amount: string) => ({ amount, currency: "USD" });
const VIEW = {
  entry: { version: 3, closedInvoice: "CREDIT", rules: [] },
  usualExpense: "5210 Freight out",
  usualLiability: "2150 Freight not yet billed",
  today: "2026-12-03",
  closedInvoices: [
    { value: "CREDIT", words: "a credit note" },
    { value: "NEXT_INVOICE", words: "a line below zero" },
  ],
  carriers: [{ value: "CURLEW", words: "Curlew Freight" }],
  sites: [],
  terms: [],
};
const BALANCE = {
  accounts: [{ account: "5210 Freight out", entries: 2, debit: usd("31.20"), credit: usd("0.00") }],
  debit: usd("31.20"),
  credit: usd("31.20"),
};

const put = vi.fn();
let permissions: string[] = [];

function show() {
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter>
        <Books />
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

describe("Books", () => {
  beforeEach(() => {
    permissions = ["WRITE_BACK"];
    put.mockResolvedValue({ data: VIEW, response: new Response() });
    vi.spyOn(api, "PUT").mockImplementation(put as never);
    vi.spyOn(api, "GET").mockImplementation((async (path: string) => ({
      data: path.endsWith("/who")
        ? { signedIn: true, person: { permissions } }
        : path.endsWith("/balance")
          ? BALANCE
          : VIEW,
      response: new Response(),
    })) as never);
  });

  afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
    put.mockReset();
  });

  it("shows a month in balance and gives it away as a file", async () => {
    show();
    expect(await screen.findByText(/in balance/)).toBeTruthy();
    expect(screen.getByText("Save as plain-text accounting").getAttribute("href")).toBe(
      "/api/v1/books/journal?from=2026-12-01&until=2026-12-03&form=PLAIN_TEXT",
    );
  });

  it("keeps a closed period, what becomes of closed invoices, and accounts by carrier", async () => {
    show();
    fireEvent.change(await screen.findByLabelText(/Closed through/), { target: { value: "2026-11-30" } });
    fireEvent.click(screen.getByLabelText("a line below zero"));
    fireEvent.click(screen.getByRole("button", { name: "+ a rule" }));
    fireEvent.change(screen.getByLabelText("Carrier of rule 1"), { target: { value: "CURLEW" } });
    fireEvent.change(screen.getByLabelText("Expense account of rule 1"), { target: { value: "5220" } });
    fireEvent.click(screen.getByRole("button", { name: "Keep it" }));
    await waitFor(() =>
      expect(put).toHaveBeenCalledWith("/api/v1/books", {
        body: {
          version: 3,
          closedInvoice: "NEXT_INVOICE",
          closedThrough: "2026-11-30",
          rules: [
            {
              carrier: "CURLEW",
              site: "",
              customer: "",
              expenseAccount: "5220",
              liabilityAccount: "2150 Freight not yet billed",
            },
          ],
        },
      }),
    );
  });

  it("is for reading only for others", async () => {
    permissions = [];
    show();
    expect(await screen.findByText("A bookkeeper changes it.")).toBeTruthy();
  });
});
