import { useMemo, useState } from "react";
import { useLocation } from "react-router";
import { useKeys } from "./keys";

/** The row of each list that was left, by its address; Back returns to it. */
const left = new Map<string, number>();

/** A row of a list that the arrow keys move and Enter opens. */
export function useCursor(length: number, open: (index: number) => void): [number, (index: number) => void] {
  const { pathname, search } = useLocation();
  const list = pathname + search;
  const [requested, setRequested] = useState({ list, row: left.get(list) ?? 0 });
  const row = requested.list === list ? requested.row : (left.get(list) ?? 0);
  const at = Math.min(row, Math.max(length - 1, 0));
  const choose = useMemo(
    () => (index: number) => {
      left.set(list, index);
      setRequested({ list, row: index });
    },
    [list],
  );
  useKeys(
    useMemo(
      () => [
        { key: "ArrowDown", label: "Next row", run: () => choose(Math.min(at + 1, length - 1)) },
        { key: "ArrowUp", label: "Row before", run: () => choose(Math.max(at - 1, 0)) },
        { key: "Enter", label: "Open the row", run: () => (length > 0 ? open(at) : undefined) },
      ],
      [at, length, open, choose],
    ),
  );
  return [at, choose];
}
