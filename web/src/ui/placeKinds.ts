import type { Schemas } from "../api/client";

export type PlaceKind = Schemas["bench.ShipToView"]["kind"];

/** What may stand at an address, in words. */
export const PLACE_KINDS: readonly { kind: PlaceKind; words: string }[] = [
  { kind: "BUSINESS", words: "business" },
  { kind: "RESIDENCE", words: "residence" },
  { kind: "PO_BOX", words: "PO box" },
  { kind: "MILITARY", words: "military mail" },
  { kind: "REMOTE", words: "remote area" },
  { kind: "LIMITED_ACCESS", words: "limited access" },
];

export function placeKindWords(kind: PlaceKind): string {
  return PLACE_KINDS.find((each) => each.kind === kind)?.words ?? kind;
}
