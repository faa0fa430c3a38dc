import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen, waitFor, within } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../api/client";
import { Papers } from "./Papers";
import { type DesignView, type SlipDesign } from "./slipDesign";
import { SlipDesignPage } from "./SlipDesignPage";
import { Stickers } from "./Stickers";
import type { SheetList, StickerSheet } from "./stickerSheet";

const DESIGN: SlipDesign = {
  name: "standard",
  sheet: "LETTER",
  blocks: [
    { kind: "TITLE", shown: true, beside: false, heading: "Packing slip", text: "" },
    { kind: "SHIP_TO", shown: true, beside: false, heading: "Ship to", text: "" },
    { kind: "TERMS", shown: false, beside: false, heading: "", text: "" },
  ],
  columns: [{ kind: "ITEM", field: "" }],
  markup: "",
  style: "",
};

const VIEW: DesignView = {
  id: 0,
  version: 0,
  withdrawn: false,
  design: DESIGN,
  blocks: [
    { kind: "TITLE", label: "Title", madeOf: "" },
    { kind: "SHIP_TO", label: "Ship to", madeOf: "" },
    { kind: "TERMS", label: "Terms", madeOf: "Words" },
  ],
  columns: [
    { kind: "ITEM", label: "Item" },
    { kind: "AMOUNT", label: "Amount" },
  ],
  sheets: [
    { sheet: "LETTER", label: "letter" },
    { sheet: "A6", label: "A6" },
  ],
  template: "<p>ours</p>",
  ourStyle: "p { }",
};

const ROW = { ownTemplate: false, withdrawn: false, problem: "", changedBy: "" };
const LIST = {
  atHome: "standard",
  abroad: "standard",
  onBox: "on A6",
  labelSheet: "LABEL",
  labelSheets: [
    { sheet: "LABEL", label: "4 × 6 in" },
    { sheet: "A6", label: "A6" },
  ],
  rows: [
    { ...ROW, id: 0, name: "standard", sheet: "LETTER", paper: "letter" },
    { ...ROW, id: 0, name: "on A6", sheet: "A6", paper: "A6" },
    {
      ...ROW,
      id: 7,
      name: "for gifts",
      sheet: "LETTER",
      paper: "letter",
      ownTemplate: true,
      problem: "Job 12: The template, line 3: no.",
    },
  ],
};

let asked: { address: string; method: string; body: unknown }[] = [];
let previewProblem: object | undefined;

beforeEach(() => {
  asked = [];
  previewProblem = undefined;
  const taken = (method: string) => (path: string, init?: { body?: unknown }) => {
    asked.push({ address: path, method, body: init?.body });
    const refused = path.endsWith("/preview") && previewProblem;
    const data = path.endsWith("/preview")
      ? { page: 1, pages: 2, picture: "aGk=" }
      : path.endsWith("/one")
        ? VIEW
        : LIST;
    return Promise.resolve(
      refused
        ? { error: previewProblem, response: new Response(null, { status: 422 }) }
        : { data, response: new Response() },
    );
  };
  vi.spyOn(api, "GET").mockImplementation(taken("GET") as never);
  vi.spyOn(api, "POST").mockImplementation(taken("POST") as never);
  vi.spyOn(api, "PUT").mockImplementation(taken("PUT") as never);
});

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

function show(page: React.ReactNode, address: string) {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={[address]}>{page}</MemoryRouter>
    </QueryClientProvider>,
  );
}

function lastPreview(): { design: SlipDesign; job: string } | undefined {
  return asked.findLast(({ address }) => address.endsWith("/preview"))?.body as never;
}

describe("the list of slip designs", () => {
  it("stands by paper, says what each prints and which failed, and a key chooses one", async () => {
    show(<Papers />, "/papers");
    const rows = await screen.findAllByRole("row");
    expect(rows.map((row) => within(row).queryByRole("link")?.textContent)).toEqual([
      undefined,
      "standard",
      "for gifts",
      "on A6",
    ]);
    expect(screen.getByText(/Last printed by ours instead. Job 12/)).toBeTruthy();
    fireEvent.keyDown(document.body, { key: "ArrowDown" });
    fireEvent.keyDown(document.body, { key: "a" });
    await waitFor(() =>
      expect(asked.find(({ method }) => method === "PUT")?.body).toEqual({
        use: "ABROAD",
        name: "for gifts",
      }),
    );
    fireEvent.click(screen.getByLabelText("A6"));
    await waitFor(() =>
      expect(asked.findLast(({ method }) => method === "PUT")?.body).toEqual({ sheet: "A6" }),
    );
  });
});

describe("a slip design", () => {
  it("is printed beside while it is made, with the blocks as they are ordered", async () => {
    show(<SlipDesignPage copy={false} />, "/papers/slip-design?name=standard");
    await screen.findByAltText(/Page 1 of the packing slip/);
    fireEvent.keyDown(screen.getByLabelText("Heading of Ship to"), { key: "ArrowUp", altKey: true });
    fireEvent.click(screen.getByLabelText("Terms shown"));
    fireEvent.change(screen.getByLabelText("Text of Terms"), { target: { value: "Thirty days" } });
    fireEvent.change(screen.getByLabelText("Another column"), { target: { value: "AMOUNT" } });
    fireEvent.change(screen.getByLabelText(/Tried on job/), { target: { value: "2417" } });
    await waitFor(() => {
      const trial = lastPreview();
      expect(trial?.job).toBe("2417");
      expect(trial?.design.blocks.map(({ kind }) => kind)).toEqual(["SHIP_TO", "TITLE", "TERMS"]);
      expect(trial?.design.blocks[2]).toMatchObject({ shown: true, text: "Thirty days" });
      expect(trial?.design.columns.map(({ kind }) => kind)).toEqual(["ITEM", "AMOUNT"]);
    });
    fireEvent.keyDown(document.body, { key: "F10" });
    await waitFor(() =>
      expect(
        asked.find(({ address, method }) => method === "POST" && address.endsWith("/slip-designs"))?.body,
      ).toMatchObject({ name: "standard, ours" }),
    );
  });

  it("says where a template is broken, and keeps the last page in sight", async () => {
    show(<SlipDesignPage copy />, "/papers/new-slip-design?from=standard");
    await screen.findByAltText(/Page 1 of the packing slip/);
    previewProblem = { thing: "The template, line 2", detail: "No.", remedy: "Correct it.", status: 422 };
    fireEvent.click(screen.getByText("Begin with our template"));
    expect((screen.getByLabelText(/^Template, 1 lines/) as HTMLTextAreaElement).value).toBe("<p>ours</p>");
    expect(await screen.findByText(/The template, line 2/)).toBeTruthy();
    expect(screen.getByAltText(/Page 1 of the packing slip/)).toBeTruthy();
  });
});

const SHEET: StickerSheet = {
  name: "10 of 4 × 2 in",
  sheet: "LETTER",
  rows: 5,
  columns: 2,
  top: "0.5 in",
  right: "0",
  bottom: "0.5 in",
  left: "0",
  gapAcross: "0",
  gapDown: "0",
  border: false,
  type: 9,
  fields: ["JOB"],
};

const SHEETS: SheetList = {
  rows: [{ id: 0, version: 0, sheet: SHEET, withdrawn: false, changedBy: "" }],
  fields: [
    { field: "JOB", label: "Job number" },
    { field: "SHIP_TO", label: "Ship-to address" },
  ],
  papers: [{ sheet: "LETTER", label: "letter" }],
};

describe("stickers", () => {
  beforeEach(() => {
    vi.spyOn(api, "GET").mockImplementation(((path: string) =>
      Promise.resolve({
        data: path.endsWith("/who") ? { signedIn: true, person: { permissions: ["KEEP_RULES"] } } : SHEETS,
        response: new Response(),
      })) as never);
    vi.spyOn(api, "POST").mockImplementation(((path: string, init?: { body?: unknown }) => {
      asked.push({ address: path, method: "POST", body: init?.body });
      const data = path.endsWith("/preview")
        ? {
            page: 1,
            pages: 1,
            picture: "aGk=",
            paperWidth: 215.9,
            size: "101.6 × 50.8 mm",
            stickers: 2,
            smaller: [],
            cut: ["job 2401"],
            withoutBarcode: [],
          }
        : SHEETS;
      return Promise.resolve({ data, response: new Response() });
    }) as never);
  });

  it("of chosen jobs begin at the free one, say what is cut, and are printed by a key", async () => {
    const open = vi.fn();
    vi.stubGlobal("open", open);
    show(<Stickers />, "/papers/stickers?job=2401&job=2402");
    expect(await screen.findByText("Cut, since it does not fit: job 2401")).toBeTruthy();
    fireEvent.change(screen.getByLabelText("First free sticker"), { target: { value: "3" } });
    fireEvent.change(screen.getByLabelText("How many of each"), { target: { value: "2" } });
    fireEvent.keyDown(document.body, { key: "F9" });
    expect(open).toHaveBeenLastCalledWith(
      "/api/v1/stickers?sheet=10+of+4+%C3%97+2+in&job=2401&job=2402&first=3&each=2",
      "_blank",
    );
    await waitFor(() =>
      expect(asked.findLast(({ address }) => address.endsWith("/preview"))?.body).toMatchObject({
        first: 3,
        each: 2,
        jobs: ["2401", "2402"],
      }),
    );
    vi.unstubAllGlobals();
  });

  it("stand on a sheet that is made up here and kept under its name", async () => {
    show(<Stickers />, "/papers/stickers");
    fireEvent.change(await screen.findByLabelText("Margin left"), { target: { value: "12 mm" } });
    fireEvent.change(screen.getByLabelText("Another field"), { target: { value: "SHIP_TO" } });
    fireEvent.change(screen.getByLabelText("Name"), { target: { value: "ours" } });
    fireEvent.click(screen.getByText("Keep as a new sheet"));
    await waitFor(() =>
      expect(
        asked.find(({ address, method }) => method === "POST" && address.endsWith("/sticker-sheets"))?.body,
      ).toMatchObject({ name: "ours", left: "12 mm", fields: ["JOB", "SHIP_TO"] }),
    );
  });
});
