import { runKey } from "./keys";

/** The barcodes of the card of acts, and which keys do the same. */
const KEYS: Record<string, readonly string[]> = {
  "NOBREC-ACT-WEIGH": ["F4"],
  "NOBREC-ACT-SHIP": ["F10"],
  "NOBREC-ACT-NEXT": ["F2"],
  "NOBREC-ACT-PRINT": ["F7"],
  "NOBREC-ACT-VOID": ["Alt+v"],
  "NOBREC-ACT-UNDO": ["Alt+z"],
};

/** What a scan of the card of acts did; undefined where the text is none of them. */
export function actOf(text: string): "done" | "nothing here" | undefined {
  const keys = KEYS[text.toUpperCase()];
  return keys && (keys.some((key) => runKey(key)) ? "done" : "nothing here");
}
