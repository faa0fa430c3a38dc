import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../api/client";
import { CustomsPage } from "./CustomsPage";
import { ExportSetUp } from "./ExportSetUp";
import type { Customs } from "./useCustoms";

const SHIP_TO = {
  company: "かもめ工業",
  person: "Stores",
  street: "1 Kiso",
  street2: "",
  city: "Nagoya",
  state: "Aichi",
  postalCode: "450-0002",
  country: "JP",
};

const CUSTOMS: Customs = {
  job: "2431",
  mayEdit: true,
  abroad: true,
  country: "Japan",
  service: "Dunlin Worldwide",
  shipTo: ["かもめ工業", "1 Kiso", "JAPAN"],
  writtenShipTo: SHIP_TO,
  notPrintable: "か",
  terms: [
    {
      field: "INCOTERM",
      label: "Incoterm",
      said: "",
      counts: "DAP, Delivered at place",
      choices: [{ text: "DDP", words: "DDP, Delivered duty paid" }],
    },
  ],
  lines: [
    {
      job: "2431",
      line: 1,
      item: "SK-2",
      quantity: 6,
      entries: [
        {
          field: "HS_CODE",
          said: "848",
          counts: "848",
          problem: "SK-2: “848” is no HS code: it has 3 digits.",
          stops: true,
        },
      ],
      value: "156.00",
      net: "0.816 kg",
      mayTeach: true,
    },
  ],
  packages: [
    {
      number: 1,
      pieces: 6,
      value: "156.00",
      net: "0.816 kg",
      gross: "1.089 kg",
      weighed: false,
      form: "CN 22: within",
    },
  ],
  currency: "USD",
  weightUnit: "lb",
  rate: "",
  value: "156.00",
  net: "0.816 kg",
  gross: "1.089 kg",
  problems: [
    {
      stops: true,
      reason: "SK-2: “848” is no HS code: it has 3 digits.",
      remedy: "Write six to ten digits.",
    },
  ],
  papers: [{ words: "commercial invoice", copies: 3 }],
  notInPrices: "Duty and tax in Japan are not in these prices.",
  signer: "",
};

const SET_UP = {
  setUp: {
    version: 1,
    signer: "Hollis",
    signerTitle: "",
    taxNumber: "",
    incoterm: "DAP",
    reason: "SALE",
    forwarder: [],
  },
  ours: "USD",
  today: "2026-12-01",
  incoterms: [{ value: "DAP", words: "Delivered at place" }],
  reasons: [{ value: "SALE", words: "sale of goods" }],
  rates: [{ currency: "EUR", name: "Euro", day: "2026-10-01", rate: "1.08", old: true }],
  services: [{ service: "Godwit Abroad", countries: "CA MX", papers: ["postal customs declaration"] }],
};

const asked: { method: string; address: string; body?: unknown }[] = [];
let customs = CUSTOMS;

function answers(method: "GET" | "PUT" | "POST") {
  vi.spyOn(api, method).mockImplementation(((address: string, init?: { body?: unknown }) => {
    asked.push({ method, address, body: init?.body });
    const data = address.includes("export-set-up")
      ? SET_UP
      : address.endsWith("/who")
        ? { signedIn: true, person: { permissions: ["KEEP_RULES"] } }
        : customs;
    return Promise.resolve({ data, response: new Response() });
  }) as never);
}

beforeEach(() => {
  customs = CUSTOMS;
  asked.length = 0;
  (["GET", "PUT", "POST"] as const).forEach(answers);
});
afterEach(cleanup);

function show(page: React.ReactNode, address: string) {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={[address]}>{page}</MemoryRouter>
    </QueryClientProvider>,
  );
}

const entries = () =>
  asked
    .filter(({ method, address }) => method === "PUT" && address.endsWith("/entries"))
    .map(({ body }) => (body as { entries: unknown[] }).entries[0]);

describe("what is declared of a job", () => {
  it("says what is missing, and a cell is corrected where it stands", async () => {
    show(<CustomsPage />, "/jobs/customs?job=2431");
    expect(await screen.findByText(/it has 3 digits/)).toBeTruthy();
    expect(screen.getByText("commercial invoice, 3 copies")).toBeTruthy();
    expect(screen.getByText(/Nobody is named to sign/)).toBeTruthy();
    const code = screen.getByLabelText("HS code, job 2431, line 1");
    expect(code.getAttribute("aria-invalid")).toBe("true");
    fireEvent.change(code, { target: { value: "8484.20" } });
    fireEvent.keyDown(code, { key: "Enter" });
    await waitFor(() =>
      expect(entries()).toEqual([{ field: "HS_CODE", line: 1, before: "848", text: "8484.20" }]),
    );
    fireEvent.click(screen.getByRole("button", { name: "Keep for item SK-2" }));
    await waitFor(() =>
      expect(asked.find(({ address }) => address.endsWith("/customs/items"))?.body).toEqual({
        job: "2431",
        line: 1,
      }),
    );
  });

  it("takes the terms from the shop's usual until the job says its own", async () => {
    show(<CustomsPage />, "/jobs/customs?job=2431");
    const incoterm = await screen.findByLabelText("Incoterm");
    expect(screen.getByText("as usual: DAP, Delivered at place")).toBeTruthy();
    fireEvent.change(incoterm, { target: { value: "DDP" } });
    await waitFor(() => expect(entries()).toEqual([{ field: "INCOTERM", line: 0, text: "DDP" }]));
  });

  it("asks for the Latin form of what papers cannot show", async () => {
    show(<CustomsPage />, "/jobs/customs?job=2431");
    fireEvent.change(await screen.findByLabelText("Company"), { target: { value: "Kamome; Kogyo" } });
    fireEvent.click(screen.getByRole("button", { name: "Keep for papers" }));
    await waitFor(() =>
      expect(entries()).toEqual([
        {
          field: "LATIN_SHIP_TO",
          line: 0,
          text: "Kamome, Kogyo; Stores; 1 Kiso; ; Nagoya; Aichi; 450-0002; JP",
        },
      ]),
    );
  });

  it("declares nothing of a job that stays", async () => {
    customs = { ...CUSTOMS, abroad: false };
    show(<CustomsPage />, "/jobs/customs?job=2431");
    expect(await screen.findByText(/nothing is declared/)).toBeTruthy();
  });
});

describe("how the shop declares", () => {
  it("shows an old rate as one, and takes a new one", async () => {
    show(<ExportSetUp />, "/papers/abroad");
    expect(await screen.findByText(/over a month old/)).toBeTruthy();
    fireEvent.change(await screen.findByLabelText("Currency"), { target: { value: "NOK" } });
    fireEvent.change(screen.getByLabelText("costs, USD"), { target: { value: "0.09" } });
    fireEvent.click(screen.getByRole("button", { name: "Add the rate" }));
    await waitFor(() =>
      expect(asked.find(({ method }) => method === "POST")?.body).toEqual({
        currency: "NOK",
        day: "2026-12-01",
        rate: "0.09",
      }),
    );
  });
});
