import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, renderHook, screen, waitFor } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../api/client";
import { deskName } from "../ui/desk";
import { Printing } from "./Printing";
import { usePrint, usePrintRun } from "./usePrinting";

const PRINTERS = {
  rows: [
    {
      code: "LABELS",
      name: "Label printer",
      state: "STOPPED",
      said: "It is out of paper.",
      formats: ["image/pwg-raster"],
      resolution: 203,
      trays: ["main"],
      open: 1,
    },
    {
      code: "OFFICE",
      name: "Office printer",
      state: "IDLE",
      said: "",
      formats: ["application/pdf"],
      resolution: 300,
      trays: ["tray-1", "tray-2"],
      open: 0,
    },
  ],
};
const JOBS = {
  rows: [
    {
      id: 7,
      title: "Label 1 of 1, job 2417",
      printer: "LABELS",
      printerName: "Label printer",
      desk: "bench 1",
      copies: 1,
      state: "WAITING",
      said: "It is out of paper.",
      askedBy: "Ines",
      askedAt: "2026-12-01T19:05:00Z",
      paper: "/api/v1/papers/3",
    },
  ],
};
const ROUTES = {
  routes: { desk: "", rows: [{ kind: "LABEL", printer: "LABELS", copies: 1, tray: "" }] },
  kinds: [
    { kind: "LABEL", words: "Label" },
    { kind: "PACKING_SLIP", words: "Packing slip" },
  ],
  desks: ["bench 1"],
};

const asked: { method: string; address: string; body?: unknown }[] = [];

function answers(method: "GET" | "PUT" | "POST") {
  vi.spyOn(api, method).mockImplementation(((address: string, init?: { body?: unknown }) => {
    asked.push({ method, address, body: init?.body });
    const data = address.endsWith("/who")
      ? { signedIn: true, person: { permissions: ["PACK_AND_SHIP"] } }
      : address.includes("print-routes")
        ? ROUTES
        : method === "POST" && address.endsWith("/print-jobs")
          ? { queued: 1, printers: ["Label printer"], asPdf: [4] }
          : address.includes("print-jobs")
            ? JOBS
            : PRINTERS;
    return Promise.resolve({ data, response: new Response() });
  }) as never);
}

beforeEach(() => {
  asked.length = 0;
  localStorage.clear();
  (["GET", "PUT", "POST"] as const).forEach(answers);
});
afterEach(cleanup);

const inApp = ({ children }: { children: React.ReactNode }) => (
  <QueryClientProvider client={new QueryClient()}>
    <MemoryRouter>{children}</MemoryRouter>
  </QueryClientProvider>
);

const sent = (method: string, end: string) =>
  asked.filter((each) => each.method === method && each.address.endsWith(end)).map(({ body }) => body);

describe("printers", () => {
  it("say what is wrong with them, and what waits for them is sent elsewhere", async () => {
    render(<Printing />, { wrapper: inApp });
    await waitFor(() => expect(screen.getAllByText("It is out of paper.")).toHaveLength(2));
    expect(screen.getByText("dots at 203 dpi")).toBeTruthy();
    fireEvent.change(await screen.findByLabelText("Print Label 1 of 1, job 2417 on another printer"), {
      target: { value: "OFFICE" },
    });
    await waitFor(() => expect(sent("POST", "/again")).toEqual([{ printer: "OFFICE" }]));
  });

  it("get each kind of paper where this desk says", async () => {
    render(<Printing />, { wrapper: inApp });
    const slips = await screen.findByLabelText("Printer for Packing slip");
    await waitFor(() => expect((slips as HTMLSelectElement).disabled).toBe(false));
    fireEvent.change(slips, { target: { value: "OFFICE" } });
    await waitFor(() =>
      expect(sent("PUT", "/print-routes")).toEqual([
        {
          desk: "",
          rows: [
            { kind: "LABEL", printer: "LABELS", copies: 1, tray: "" },
            { kind: "PACKING_SLIP", printer: "OFFICE", copies: 1, tray: "" },
          ],
        },
      ]),
    );
  });

  it("print for the desk of this browser, and what has no printer is opened", async () => {
    deskName.set("bench 1");
    const open = vi.spyOn(window, "open").mockReturnValue(null);
    const { result } = renderHook(() => usePrint(), { wrapper: inApp });
    result.current.mutate({ of: "job 2417", papers: ["/api/v1/papers/3", "/api/v1/papers/4"] });
    await waitFor(() => expect(open).toHaveBeenCalledTimes(1));
    expect(open).toHaveBeenCalledWith("/api/v1/papers/4", "_blank");
    expect(sent("POST", "/print-jobs")).toEqual([{ desk: "bench 1", of: "job 2417", papers: [3, 4] }]);
  });

  it("take the papers of a run, and what has no printer is opened as one document", async () => {
    const open = vi.spyOn(window, "open").mockReturnValue(null);
    vi.spyOn(api, "POST").mockResolvedValue({
      data: { queued: 3, printers: ["Label printer"], asPdf: ["PACKING_SLIP"] },
      response: new Response(),
    } as never);
    const { result } = renderHook(() => usePrintRun(7), { wrapper: inApp });
    result.current.mutate(undefined);
    await waitFor(() =>
      expect(open).toHaveBeenCalledWith("/api/v1/runs/7/papers?kinds=PACKING_SLIP", "_blank"),
    );
  });
});
