import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import type { ReactNode } from "react";
import { MemoryRouter } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../api/client";
import { CustomerSetUp } from "./CustomerSetUp";
import { Customers } from "./Customers";
import { JobCustomer } from "./JobCustomer";

const USD = (amount: string) => ({ amount, currency: "USD" });
const LIST = {
  asked: [
    {
      id: 4,
      job: "2417",
      customer: "Quillfeather",
      before: "Quillfeather, 88 Carding Lane, Madison, WI 53703, US",
      address: "Quillfeather, 700 Pike St, Seattle, WA 98101, US",
      reason: "The customer’s price is 21.71 USD there, and 13.13 USD as it stands.",
      askedAt: "2026-12-01T19:05:00Z",
      priceBefore: USD("13.13"),
      priceNow: USD("21.71"),
    },
  ],
  requests: [
    {
      job: "W-12",
      customer: "Avocet",
      what: "2 Pump housing",
      mail: "buyer@avocet.example",
      askedAt: "2026-12-01T19:05:00Z",
      request: true,
      service: "",
    },
  ],
  chosen: [],
};
const SETTING = {
  version: 3,
  setting: {
    page: true,
    services: [],
    papers: ["PACKING_SLIP"],
    looksAtAddresses: false,
    form: true,
    answersByItself: true,
    quoteDays: 14,
    formWords: "",
  },
  services: [{ value: "PLV-GROUND", words: "Plover Ground" }],
  papers: [{ value: "PACKING_SLIP", words: "Packing slip" }],
  formAddress: "https://ship.shop.example/request",
  quoteMails: 0,
};
const PAGE = {
  address: "https://ship.shop.example/customer/a-0-b",
  service: "Plover Air",
  price: USD("30.00"),
};
const post = vi.fn();
const put = vi.fn();

function show(what: ReactNode) {
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter>{what}</MemoryRouter>
    </QueryClientProvider>,
  );
}

describe("what customers asked", () => {
  beforeEach(() => {
    post.mockResolvedValue({ data: { ...LIST, asked: [] }, response: new Response() });
    put.mockResolvedValue({ data: { ...SETTING, version: 4 }, response: new Response() });
    vi.spyOn(api, "POST").mockImplementation(post as never);
    vi.spyOn(api, "PUT").mockImplementation(put as never);
    vi.spyOn(api, "GET").mockImplementation((async (path: string) => ({
      data: path.endsWith("/who")
        ? { signedIn: true, person: { permissions: ["BRING_IN", "SET_UP"] } }
        : path.endsWith("/setting")
          ? SETTING
          : path.endsWith("/page")
            ? PAGE
            : path.endsWith("/rules")
              ? { rules: [{ name: "Your quote" }] }
              : LIST,
      response: new Response(),
    })) as never);
  });
  afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
    post.mockReset();
    put.mockReset();
  });

  it("says yes to an address at the price that is shown", async () => {
    show(<Customers timeZone="America/Chicago" />);
    fireEvent.click(await screen.findByRole("button", { name: "Yes, send it there" }));
    await waitFor(() =>
      expect(post.mock.calls[0]?.[1]).toMatchObject({ body: { yes: true, seen: "21.71", text: "" } }),
    );
    expect(await screen.findByText(/None. One that changes no price/)).toBeTruthy();
    expect(screen.getByText("a person answers")).toBeTruthy();
  });

  it("says no with a reason only", async () => {
    show(<Customers timeZone="America/Chicago" />);
    const no = await screen.findByRole("button", { name: "No" });
    expect((no as HTMLButtonElement).disabled).toBe(true);
    fireEvent.change(screen.getByLabelText(/Why not/), { target: { value: "Too far" } });
    fireEvent.click(no);
    await waitFor(() =>
      expect(post.mock.calls[0]?.[1]).toMatchObject({ body: { yes: false, text: "Too far" } }),
    );
  });

  it("warns that nobody gets an answer by mail, and keeps what was marked", async () => {
    show(<CustomerSetUp />);
    expect(await screen.findByText(/nobody gets an answer by mail/)).toBeTruthy();
    fireEvent.click(await screen.findByLabelText("Plover Ground"));
    fireEvent.click(await screen.findByRole("button", { name: "Keep it" }));
    await waitFor(() =>
      expect(put.mock.calls[0]?.[1]).toMatchObject({
        body: { version: 3, setting: { services: ["PLV-GROUND"] } },
      }),
    );
    expect(await screen.findByText("✓ Kept.")).toBeTruthy();
  });

  it("shows on a job what was chosen, and writes an email of it", async () => {
    post.mockResolvedValue({ data: { done: 1, refused: [] }, response: new Response() });
    show(<JobCustomer job="2417" zone="America/Chicago" />);
    expect(await screen.findByText("Plover Air")).toBeTruthy();
    fireEvent.click(await screen.findByRole("button", { name: "Write it now" }));
    await waitFor(() =>
      expect(post.mock.calls[0]?.[1]).toMatchObject({ body: { jobs: ["2417"], email: "Your quote" } }),
    );
    expect(await screen.findByText(/1 job done/)).toBeTruthy();
  });
});
