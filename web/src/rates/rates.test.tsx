import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { words } from "../ui/words";
import { SheetTable } from "./SheetTable";
import { TakenSheet } from "./TakenSheet";

const saver = {
  service: "PLV-SAVER",
  name: "Plover Saver",
  carrier: "Plover Parcel",
  fuel: "PLOVER-ROAD 16.5 %",
  sheets: [
    { firstDay: "2027-01-01", state: "COMING" as const, summary: "8 zones" },
    { firstDay: "2026-01-01", state: "IN_FORCE" as const, summary: "8 zones" },
    { firstDay: "2025-01-01", state: "PAST" as const, summary: "7 zones" },
  ],
};

describe("the rate sheets", () => {
  it("say which counts and which is still to come", () => {
    const said = words(<SheetTable services={[saver]} />);
    expect(said).toContain("Jan 1, 2027coming8 zones");
    expect(said).toContain("Jan 1, 2026in force8 zones");
    expect(said).toContain("Jan 1, 2025past7 zones");
    expect(said.match(/Plover Saver/g)).toHaveLength(1);
  });

  it("can each be had as a file", () => {
    const page = renderToStaticMarkup(<SheetTable services={[saver]} />);
    expect(page).toContain('href="/api/v1/rate-sheets/PLV-SAVER?day=2027-01-01"');
  });

  it("say when a service has none", () => {
    expect(words(<SheetTable services={[{ ...saver, fuel: "", sheets: [] }]} />)).toContain(
      "There is no rate sheet: nothing can be priced. Bring one in for PLV-SAVER.",
    );
  });

  it("say what is odd about one that went in", () => {
    const taken = {
      service: "PLV-SAVER",
      firstDay: "2027-01-01",
      cautions: [{ row: 10, reason: "In zone 1 the price falls to 98.00 though the weight rises." }],
    };
    const said = words(<TakenSheet sheet={taken} close={() => undefined} />);
    expect(said).toContain("The sheet of PLV-SAVER went in. It counts from Jan 1, 2027 on.");
    expect(said).toContain("Odd; look whether it is meant:Row 10 In zone 1 the price falls");
    expect(words(<TakenSheet sheet={{ ...taken, cautions: [] }} close={() => undefined} />)).not.toContain(
      "odd",
    );
  });
});
