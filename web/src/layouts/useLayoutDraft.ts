import { useCallback, useState } from "react";
import type { Schemas } from "../api/client";

export type LayoutDocument = Schemas["layout.LayoutDocument"];
export type Field = Schemas["layout.FieldView"];
export type FieldName = Field["field"];

/** A column of the file and what it feeds; no field where it is not read. */
export interface ColumnDraft {
  heading: string;
  samples: string[];
  field: FieldName | "";
  custom: string;
  line: number;
}

export interface FixedDraft {
  field: FieldName | "";
  custom: string;
  text: string;
}

export interface LayoutDraft {
  name: string;
  shape: LayoutDocument["shape"];
  columns: ColumnDraft[];
  fixed: FixedDraft[];
  days: LayoutDocument["days"];
  weightUnit: LayoutDocument["weightUnit"];
  lengthUnit: LayoutDocument["lengthUnit"];
  decimals: LayoutDocument["decimals"];
  country: string;
}

/** A layout laid on the columns of a file; columns it has and the file lacks come last. */
export function draftOf(
  layout: LayoutDocument,
  columns: { heading: string; samples: string[] }[],
): LayoutDraft {
  const plain = (heading: string) => heading.trim().toLowerCase();
  const fed = new Map(layout.columns.map((column) => [plain(column.heading), column]));
  const here = new Set(columns.map((column) => plain(column.heading)));
  const missing = layout.columns.filter((column) => !here.has(plain(column.heading)));
  return {
    ...layout,
    columns: [...columns, ...missing.map(({ heading }) => ({ heading, samples: [] }))].map(
      ({ heading, samples }) => {
        const column = fed.get(plain(heading));
        return {
          heading,
          samples,
          field: column?.field ?? "",
          custom: column?.custom ?? "",
          line: column?.line ?? 1,
        };
      },
    ),
    fixed: layout.fixed.map((each) => ({ field: each.field, custom: each.custom ?? "", text: each.text })),
  };
}

function isOfLine(field: FieldName, fields: Field[]): boolean {
  return fields.find((each) => each.field === field)?.part === "LINE";
}

/** What is kept of a draft. */
export function documentOf(draft: LayoutDraft, fields: Field[]): LayoutDocument {
  const custom = (field: FieldName, name: string) =>
    fields.find((each) => each.field === field)?.custom ? { custom: name } : {};
  return {
    ...draft,
    columns: draft.columns.flatMap(({ heading, field, custom: name, line }) =>
      field === ""
        ? []
        : [
            {
              heading,
              field,
              ...custom(field, name),
              ...(draft.shape === "ORDER_A_ROW" && isOfLine(field, fields) ? { line } : {}),
            },
          ],
    ),
    fixed: draft.fixed.flatMap(({ field, custom: name, text }) =>
      field === "" || text === "" ? [] : [{ field, ...custom(field, name), text }],
    ),
  };
}

/** A draft that is changed part by part. */
export function useLayoutDraft(first: LayoutDraft) {
  const [draft, setDraft] = useState(first);
  const change = useCallback(
    (part: Partial<LayoutDraft>) => setDraft((before) => ({ ...before, ...part })),
    [],
  );
  const changeColumn = useCallback(
    (index: number, part: Partial<ColumnDraft>) =>
      setDraft((before) => ({
        ...before,
        columns: before.columns.map((column, at) => (at === index ? { ...column, ...part } : column)),
      })),
    [],
  );
  return { draft, change, changeColumn, begin: setDraft };
}
