import type { Schemas } from "../api/client";

export type StickerSheet = Schemas["document.StickerSheetDocument"];
export type SheetList = Schemas["design.SheetList"];
export type SheetView = SheetList["rows"][number];

/** Where the stickers of some jobs are made up; without jobs of a sample. */
export function stickersAddress(jobs: string[], sheet = ""): string {
  const words = new URLSearchParams(jobs.map((job) => ["job", job]));
  if (sheet) {
    words.set("sheet", sheet);
  }
  return `/papers/stickers?${words}`;
}

/** Where the stickers are as a PDF. */
export function stickersPdf(sheet: string, jobs: string[], first: number, each: number): string {
  const words = new URLSearchParams([["sheet", sheet], ...jobs.map((job) => ["job", job])]);
  words.set("first", String(first));
  words.set("each", String(each));
  return `/api/v1/stickers?${words}`;
}
