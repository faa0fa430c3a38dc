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
