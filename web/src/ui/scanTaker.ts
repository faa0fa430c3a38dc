import { useEffect } from "react";

/** What a screen does with a scan, wherever the focus is. */
type Taker = (text: string) => void;

const takers: Taker[] = [];

/** While the component is there scans are its own; they open nothing. */
export function useScanTaker(take: Taker) {
  useEffect(() => {
    takers.push(take);
    return () => {
      takers.splice(takers.lastIndexOf(take), 1);
    };
  }, [take]);
}

/** Whether a screen has taken the scan. */
export function isTaken(text: string): boolean {
  takers.at(-1)?.(text);
  return takers.length > 0;
}
