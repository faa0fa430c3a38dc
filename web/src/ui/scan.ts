import { useEffect } from "react";

const FASTEST_TYPIST_MS = 35;
const SHORTEST_SCAN = 3;

/** Keys that arrive faster than anyone types and end with Enter. */
export class ScanDetector {
  private letters = "";
  private last = 0;

  /** @returns the scanned text when this key ends a scan */
  key(key: string, at: number): string | undefined {
    const quick = at - this.last <= FASTEST_TYPIST_MS;
    this.last = at;
    if (key === "Enter") {
      const text = this.letters;
      this.letters = "";
      return quick && text.length >= SHORTEST_SCAN ? text : undefined;
    }
    if (key.length === 1) {
      this.letters = quick ? this.letters + key : key;
    }
    return undefined;
  }
}

/** A field with this attribute takes what is scanned into it itself. */
export const TAKES_SCANS = "data-takes-scans";

/**
 * Hands over whatever is scanned, wherever the focus is, but for a field that takes scans itself. The scanned letters do not
 * stay in another field.
 */
export function useScanner(onScan: (text: string) => void) {
  useEffect(() => {
    const detector = new ScanDetector();
    function listen(event: KeyboardEvent) {
      const text = detector.key(event.key, event.timeStamp);
      if (text === undefined || takesScans(event.target)) {
        return;
      }
      event.preventDefault();
      event.stopPropagation();
      if (event.target instanceof HTMLInputElement && event.target.value.endsWith(text)) {
        event.target.blur();
      }
      onScan(text);
    }
    window.addEventListener("keydown", listen, true);
    return () => window.removeEventListener("keydown", listen, true);
  }, [onScan]);
}

function takesScans(target: EventTarget | null): boolean {
  return target instanceof Element && target.hasAttribute(TAKES_SCANS);
}
