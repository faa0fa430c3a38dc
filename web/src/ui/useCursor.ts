import { useMemo, useState } from "react";
import { useKeys } from "./keys";

/** A row of a list that the arrow keys move and Enter opens. */
export function useCursor(length: number, open: (index: number) => void): [number, (index: number) => void] {
  const [wanted, setWanted] = useState(0);
  const at = Math.min(wanted, Math.max(length - 1, 0));
  useKeys(
    useMemo(
      () => [
        { key: "ArrowDown", label: "Next row", run: () => setWanted(Math.min(at + 1, length - 1)) },
        { key: "ArrowUp", label: "Row before", run: () => setWanted(Math.max(at - 1, 0)) },
        { key: "Enter", label: "Open the row", run: () => (length > 0 ? open(at) : undefined) },
      ],
      [at, length, open],
    ),
  );
  return [at, setWanted];
}
