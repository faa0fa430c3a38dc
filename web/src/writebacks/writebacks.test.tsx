import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen, waitFor, within } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../api/client";
import { WriteBacks } from "./WriteBacks";
import { FIRST_PLAN } from "./writeBackData";

const VIEW = {
  targets: [
    {
      code: "ORDERDESK",
      name: "Order desk",
      system: "record system (JSON with a key)",
      address: "http://127.0.0.1/orderdesk",
      takesStatements: false,
      leftAlone: false,
      waiting: 2,
      limits: { paused: false, callsAMinute: 0 },
      entry: { version: 4, active: true, plan: FIRST_PLAN },
    },
  ],
  facts: [
    {
      word: "tracking",
      about: "tracking numbers",
      forms: "what stands between them, or lines",
      scope: "SHIPMENT",
    },
    { word: "lots", about: "lots or serials", forms: "", scope: "LINE" },
  ],
  moments: [
    { value: "LABEL_BOUGHT", words: "label bought" },
    { value: "VOID", words: "void" },
  ],
  sources: [{ value: "WEBSHOP", words: "Web shop" }],
  kinds: [
    { adapter: "orderdesk-json", label: "record system", takesStatements: false, addressForm: "https://" },
    {
      adapter: "database-statement",
      label: "database",
      takesStatements: true,
      addressForm: "jdbc:mariadb://",
    },
  ],
  books: {
    code: "BOOKS",
    name: "Books",
    leftAlone: false,
    waiting: 0,
    limits: { paused: true, callsAMinute: 60 },
  },
};

const put = vi.fn();
const post = vi.fn();
let who = {};

function show(permissions: string[] = ["SET_UP"]) {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  who = { signedIn: true, person: { permissions } };
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter>
        <WriteBacks />
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

describe("Write-backs", () => {
  beforeEach(() => {
    vi.spyOn(api, "GET").mockImplementation((async (path: string) => ({
      data: path.endsWith("/who") ? who : VIEW,
      response: new Response(),
    })) as never);
    put.mockResolvedValue({ data: VIEW, response: new Response() });
    vi.spyOn(api, "PUT").mockImplementation(put as never);
    vi.spyOn(api, "POST").mockImplementation(post as never);
  });

  afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
    put.mockReset();
    post.mockReset();
  });

  it("puts a fact that is chosen where somebody wrote last, and keeps it", async () => {
    show();
    fireEvent.click(await screen.findByRole("button", { name: "+ Field of the job" }));
    fireEvent.change(screen.getByLabelText("Field 3 of Field of the job"), { target: { value: "parcels" } });
    const value = screen.getByLabelText("What parcels gets");
    fireEvent.focus(value);
    fireEvent.click(screen.getByRole("button", { name: "tracking" }));
    expect(value).toHaveProperty("value", "{tracking}");
    fireEvent.click(screen.getByRole("button", { name: "Keep it" }));
    await waitFor(() => expect(put).toHaveBeenCalled());
    const [, { body }] = put.mock.calls[0] as [
      string,
      { body: { version: number; plan: typeof FIRST_PLAN } },
    ];
    expect(body.version).toBe(4);
    expect(body.plan.fields[2]).toEqual({ name: "parcels", value: "{tracking}", whenVoid: "" });
  });

  it("shows old and new beside each other", async () => {
    post.mockResolvedValue({
      data: {
        job: "2417",
        number: "2417",
        trouble: "",
        changes: [
          { of: "job", field: "status", standing: "in the shop", fresh: "shipped" },
          { of: "line 1", field: "lots", fresh: "L-7" },
        ],
      },
      response: new Response(),
    });
    show();
    fireEvent.change(await screen.findByLabelText("Job"), { target: { value: " 2417 " } });
    fireEvent.click(screen.getByRole("button", { name: "Show what would be written" }));
    const row = (await screen.findByText("in the shop")).closest("tr");
    expect(within(row as HTMLElement).getByText("shipped")).toBeTruthy();
    expect(screen.getByText("not known")).toBeTruthy();
  });

  it("switches a system off, and asks for statements where a database is told", async () => {
    show();
    expect(await screen.findByText(/Switched off: what is due waits/)).toBeTruthy();
    fireEvent.click(await screen.findByRole("button", { name: "Switch Order desk off" }));
    await waitFor(() =>
      expect(put).toHaveBeenCalledWith("/api/v1/write-backs/{code}/limits", {
        params: { path: { code: "ORDERDESK" } },
        body: { paused: true, callsAMinute: 0 },
      }),
    );
    fireEvent.click(screen.getByRole("button", { name: "Another system" }));
    fireEvent.change(screen.getByLabelText("Kind"), { target: { value: "database-statement" } });
    expect(screen.getByLabelText("Statement for the job")).toBeTruthy();
  });

  it("is for reading only without the right to set up", async () => {
    show([]);
    expect(await screen.findByText("An administrator changes it.")).toBeTruthy();
    expect(screen.queryByRole("button", { name: "Another system" })).toBeNull();
  });
});
