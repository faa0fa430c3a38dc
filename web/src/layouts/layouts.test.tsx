import { fireEvent, render, screen } from "@testing-library/react";
import { useState } from "react";
import { describe, expect, it } from "vitest";
import { ColumnTable } from "./ColumnTable";
import { documentOf, draftOf, type Field, type LayoutDocument, type LayoutDraft } from "./useLayoutDraft";

const FIELDS: Field[] = [
  { field: "ORDER_NUMBER", label: "Job number", part: "HEAD", form: "TEXT", custom: false },
  { field: "CUSTOM", label: "Custom field of the job", part: "HEAD", form: "TEXT", custom: true },
  { field: "ITEM", label: "Item", part: "LINE", form: "TEXT", custom: false },
];

const LAYOUT: LayoutDocument = {
  name: "Shop",
  shape: "ORDER_A_ROW",
  columns: [
    { heading: "Job", field: "ORDER_NUMBER" },
    { heading: "Part 2", field: "ITEM", line: 2 },
  ],
  fixed: [],
  days: "MONTH_FIRST",
  weightUnit: "POUND",
  lengthUnit: "INCH",
  decimals: "POINT",
  country: "US",
};

const COLUMNS = [
  { heading: " job ", samples: ["1"] },
  { heading: "Rack", samples: ["B4"] },
];

describe("a draft of a layout", () => {
  it("lays the layout on the file's columns, however their headings are written, and keeps what the file lacks", () => {
    const draft = draftOf(LAYOUT, COLUMNS);
    expect(draft.columns.map((column) => [column.heading, column.field])).toEqual([
      [" job ", "ORDER_NUMBER"],
      ["Rack", ""],
      ["Part 2", "ITEM"],
    ]);
  });

  it("is kept without what is not read, and with lines only where columns repeat", () => {
    const draft = draftOf(LAYOUT, COLUMNS);
    expect(documentOf(draft, FIELDS).columns).toEqual([
      { heading: " job ", field: "ORDER_NUMBER" },
      { heading: "Part 2", field: "ITEM", line: 2 },
    ]);
    expect(documentOf({ ...draft, shape: "LINE_A_ROW" }, FIELDS).columns[1]).toEqual({
      heading: "Part 2",
      field: "ITEM",
    });
  });
});

function Table({ first }: { first: LayoutDraft }) {
  const [draft, setDraft] = useState(first);
  return (
    <>
      <ColumnTable
        draft={draft}
        fields={FIELDS}
        change={(index, part) =>
          setDraft({
            ...draft,
            columns: draft.columns.map((column, at) => (at === index ? { ...column, ...part } : column)),
          })
        }
      />
      <output>{JSON.stringify(documentOf(draft, FIELDS).columns)}</output>
    </>
  );
}

describe("the table of columns", () => {
  it("names a custom field like its column", () => {
    render(<Table first={draftOf(LAYOUT, COLUMNS)} />);
    fireEvent.change(screen.getByLabelText("Column Rack feeds"), { target: { value: "CUSTOM" } });
    expect(screen.getByLabelText<HTMLInputElement>("Name of the custom field for column Rack").value).toBe(
      "Rack",
    );
    expect(screen.getByRole("status").textContent).toContain(
      '{"heading":"Rack","field":"CUSTOM","custom":"Rack"}',
    );
  });
});
