import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../api/client";
import { Partners } from "./Partners";
import { ShipNotices } from "./ShipNotices";
import { NEW_PARTNER } from "./usePartners";

const VIEW = {
  numbers: {
    version: 1,
    companyPrefix: "0614141",
    extensionDigit: 0,
    locationNumber: "",
    interchangeQualifier: "ZZ",
    interchangeId: "HERONWORKS",
  },
  packageNumbersLeft: 999_999_990,
  partners: [
    {
      code: "GREBE",
      partner: {
        ...NEW_PARTNER,
        version: 3,
        name: "Grebe Outfitters",
        customers: ["Grebe Outfitters"],
        elements: ["CONSIGNMENT"],
        address: "http://127.0.0.1/grebe",
        interchangeId: "GREBE01",
      },
      wayInWords: "called over HTTP",
      hasSecret: true,
    },
  ],
  mostElements: 2,
  elements: [
    { value: "CONSIGNMENT", words: "(401) Consignment number" },
    { value: "CUSTOMER_PO", words: "(400) Customer’s order number" },
    { value: "POSTAL_CODE", words: "(420) Ship-to postal code" },
  ],
  forms: [
    { value: "NONE", words: "no notice" },
    { value: "UBL", words: "UBL 2.1 DespatchAdvice" },
    { value: "X12", words: "X12 856, version 004010" },
  ],
  ways: [
    { value: "HTTP", words: "called over HTTP" },
    { value: "FOLDER", words: "files in a folder" },
    { value: "FETCHED", words: "the partner comes for it" },
  ],
};

const NOTICE = {
  id: 7,
  partner: "Grebe Outfitters",
  job: "2611",
  number: "SN000004",
  purpose: "ORIGINAL",
  form: "X12",
  state: "SENT",
  overdue: true,
  said: "Sent again: nothing came back in time.",
  madeAt: "2026-12-01T19:05:00Z",
  sentAt: "2026-12-01T19:05:02Z",
  dueAt: "2026-12-02T19:05:02Z",
  chased: 3,
};

const NOTICES = { rows: [NOTICE], total: 1 };
const WHO = {
  signedIn: true,
  timeZone: "America/Chicago",
  person: { permissions: ["SET_UP", "WRITE_BACK"] },
};

const asked: { method: string; address: string; body?: unknown }[] = [];

function shown(screenOf: React.ReactNode, address = "/") {
  return render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter initialEntries={[address]}>{screenOf}</MemoryRouter>
    </QueryClientProvider>,
  );
}

function answering(method: "GET" | "POST" | "PUT") {
  vi.spyOn(api, method).mockImplementation((async (address: string, options?: { body?: unknown }) => {
    asked.push({ method, address, body: options?.body });
    const data = address.endsWith("/who") ? WHO : address.startsWith("/api/v1/partners") ? VIEW : NOTICES;
    return { data, response: new Response() };
  }) as never);
}

describe("partners", () => {
  beforeEach(() => {
    asked.length = 0;
    answering("GET");
    answering("POST");
    answering("PUT");
  });
  afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
  });

  it("shows what one demands and lets no more than two numbers stand beside the package’s own", async () => {
    shown(<Partners />);
    await screen.findByText(
      "999,999,990 package numbers (SSCC) are left with this prefix and digit. None is given twice.",
    );
    fireEvent.click(screen.getByLabelText("(400) Customer’s order number"));
    expect(screen.getByLabelText<HTMLInputElement>("(420) Ship-to postal code").disabled).toBe(true);
    fireEvent.click(screen.getByRole("button", { name: "Keep it" }));
    await waitFor(() => expect(asked.at(-1)?.method).toBe("PUT"));
    expect(asked.at(-1)?.body).toMatchObject({ version: 3, elements: ["CONSIGNMENT", "CUSTOMER_PO"] });
    expect(asked.at(-1)?.body).not.toHaveProperty("secret");
  });

  it("asks for what X12 needs only where it is X12", async () => {
    shown(<Partners />);
    await screen.findByLabelText("Its interchange ID");
    fireEvent.change(screen.getByLabelText("Ship notice"), { target: { value: "UBL" } });
    expect(screen.queryByLabelText("Its interchange ID")).toBeNull();
    fireEvent.change(screen.getByLabelText("How"), { target: { value: "FOLDER" } });
    expect(screen.getByLabelText<HTMLInputElement>("Folder’s name").value).toBe("");
  });

  it("adds a new one", async () => {
    shown(<Partners />);
    fireEvent.click(await screen.findByRole("button", { name: "A new partner" }));
    const name = screen.getByLabelText("Name");
    expect(screen.getByRole<HTMLButtonElement>("button", { name: "Add it" }).disabled).toBe(true);
    fireEvent.change(name, { target: { value: "Siskin" } });
    const customers = screen.getByLabelText("Customers as work orders call it, one a line");
    fireEvent.change(customers, { target: { value: "Siskin East\n\n Siskin West " } });
    fireEvent.blur(customers);
    fireEvent.click(screen.getByRole("button", { name: "Add it" }));
    await waitFor(() => expect(asked.at(-1)?.method).toBe("POST"));
    expect(asked.at(-1)?.body).toMatchObject({ name: "Siskin", customers: ["Siskin East", "Siskin West"] });
  });

  it("says what nobody acknowledged, and keeps that somebody called", async () => {
    shown(<ShipNotices timeZone="America/Chicago" />, "/partners/notices");
    await screen.findByText("Not acknowledged: call them.");
    fireEvent.click(await screen.findByRole("button", { name: "They have SN000004" }));
    fireEvent.change(screen.getByLabelText("How it is known"), { target: { value: "Said so by phone" } });
    fireEvent.click(screen.getByRole("button", { name: "Keep" }));
    await waitFor(() => expect(asked.some((each) => each.address.endsWith("/acknowledgment"))).toBe(true));
    fireEvent.click(screen.getByRole("button", { name: "Send SN000004 again" }));
    await waitFor(() => expect(asked.some((each) => each.address.endsWith("/another-sending"))).toBe(true));
  });

  it("says which state was asked for when there is none", async () => {
    vi.spyOn(api, "GET").mockResolvedValue({
      data: { rows: [], total: 0 },
      response: new Response(),
    } as never);
    shown(<ShipNotices timeZone="America/Chicago" />, "/partners/notices?state=REFUSED");
    await screen.findByText("No ship notice is refused.");
  });
});
