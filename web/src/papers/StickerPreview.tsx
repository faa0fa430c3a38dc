import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { count } from "../ui/format";
import { useSettled } from "../ui/useSettled";
import { NotYet } from "./NotYet";
import { PageTurner } from "./PageTurner";
import type { StickerSheet } from "./stickerSheet";

/** A sheet as it would be printed, true to size where the screen says how large it is, and what of it does not fit. */
export function StickerPreview(props: { sheet: StickerSheet; jobs: string[]; first: number; each: number }) {
  const [page, setPage] = useState(1);
  const asked = useSettled({ ...props, page });
  const preview = useQuery({
    queryKey: ["sticker-preview", asked],
    queryFn: () => answer(api.POST("/api/v1/sticker-sheets/preview", { body: asked })),
    retry: false,
    gcTime: 0,
  });
  const [shown, setShown] = useState(preview.data);
  if (preview.data && preview.data !== shown) {
    setShown(preview.data);
  }
  return (
    <section aria-label="What it prints" className="min-w-0">
      {preview.isError && <NotYet error={preview.error} />}
      {shown && (
        <>
          <div className="flex flex-wrap items-center gap-3">
            <span>
              {count(shown.stickers, "sticker", "stickers")} of <span className="figure">{shown.size}</span>
            </span>
            <PageTurner page={shown.page} pages={shown.pages} turn={setPage} />
          </div>
          <Said what="Set smaller than wanted, so that it fits" about={shown.smaller} caution={false} />
          <Said what="Cut, since it does not fit" about={shown.cut} caution />
          <Said what="Without its barcode, which would be too wide" about={shown.withoutBarcode} caution />
          <div className="mt-2 overflow-auto">
            <img
              className={
                "max-w-none border border-base-300 bg-white " + (preview.isError ? "opacity-40" : "")
              }
              style={{ width: `${shown.paperWidth}mm` }}
              alt={`Page ${shown.page} of the stickers`}
              src={`data:image/png;base64,${shown.picture}`}
            />
          </div>
        </>
      )}
    </section>
  );
}

const NAMED = 8;

function Said({ what, about, caution }: { what: string; about: string[]; caution: boolean }) {
  if (about.length === 0) {
    return null;
  }
  const more = about.length - NAMED;
  return (
    <p role="status" className={caution ? "text-warning" : "quiet"}>
      {what}: {about.slice(0, NAMED).join(", ")}
      {more > 0 && ` and ${more} more`}
    </p>
  );
}
