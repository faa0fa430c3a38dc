import { useCallback, useMemo, useState } from "react";
import type { JobRow } from "./columns";

export interface Chosen {
  rows: ReadonlyMap<string, JobRow>;
  toggle: (row: JobRow) => void;
  /** All from the row chosen last to this one. */
  range: (rows: JobRow[], to: number) => void;
  all: (rows: JobRow[]) => void;
  none: () => void;
}

/** Jobs of the list that an act will be done to. */
export function useChosen(): Chosen {
  const [rows, setRows] = useState<ReadonlyMap<string, JobRow>>(new Map());
  const [last, setLast] = useState<string | undefined>();
  const toggle = useCallback((row: JobRow) => {
    setLast(row.number);
    setRows((before) => {
      const next = new Map(before);
      if (!next.delete(row.number)) {
        next.set(row.number, row);
      }
      return next;
    });
  }, []);
  const all = useCallback(
    (more: JobRow[]) =>
      setRows((before) => new Map([...before, ...more.map((row): [string, JobRow] => [row.number, row])])),
    [],
  );
  const range = useCallback(
    (list: JobRow[], to: number) => {
      const from = list.findIndex((row) => row.number === last);
      const begin = from < 0 ? to : Math.min(from, to);
      all(list.slice(begin, Math.max(from, to) + 1));
      setLast(list[to]?.number);
    },
    [all, last],
  );
  const none = useCallback(() => setRows(new Map()), []);
  return useMemo(() => ({ rows, toggle, range, all, none }), [rows, toggle, range, all, none]);
}
