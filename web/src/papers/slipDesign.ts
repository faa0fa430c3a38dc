import type { Schemas } from "../api/client";

export type SlipDesign = Schemas["document.SlipDesignDocument"];
export type DesignView = Schemas["design.DesignView"];
export type Block = SlipDesign["blocks"][number];
export type Column = SlipDesign["columns"][number];

export function designAddress(name: string): string {
  return `/papers/slip-design?name=${encodeURIComponent(name)}`;
}

export function copyAddress(name: string): string {
  return `/papers/new-slip-design?from=${encodeURIComponent(name)}`;
}

/** A list with one of its entries moved up or down; the same list where it cannot be. */
export function movedBy<T>(list: T[], at: number, by: 1 | -1): T[] {
  const entry = list[at];
  const other = list[at + by];
  if (entry === undefined || other === undefined) {
    return list;
  }
  return list.map((each, index) => (index === at ? other : index === at + by ? entry : each));
}

/** Hands a design to the browser to be saved as a file. */
export function exportDesign(design: SlipDesign): void {
  const file = new Blob([JSON.stringify(design, null, 2)], { type: "application/json" });
  const link = document.createElement("a");
  link.href = URL.createObjectURL(file);
  link.download = `${design.name.replaceAll(/[^\w-]+/g, "-")}.slip-design.json`;
  link.click();
  URL.revokeObjectURL(link.href);
}

const MOST_BYTES = 250_000;

/** The design in a file that was exported. What it says the server checks. */
export async function designIn(file: File): Promise<SlipDesign> {
  if (file.size > MOST_BYTES) {
    throw noDesign("It is too large for one.");
  }
  try {
    const read: unknown = JSON.parse(await file.text());
    if (typeof read === "object" && read !== null && "blocks" in read) {
      return read as SlipDesign;
    }
  } catch {
    // said below
  }
  throw noDesign("It has no slip design in it.");
}

function noDesign(detail: string) {
  return { thing: "The file", detail, remedy: "Choose a file that was exported here.", status: 0 };
}
