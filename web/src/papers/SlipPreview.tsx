import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { Labeled } from "../ui/Labeled";
import { useSettled } from "../ui/useSettled";
import { NotYet } from "./NotYet";
import { PageTurner } from "./PageTurner";
import type { SlipDesign } from "./slipDesign";

/** What a design prints while it is made: of the sample, or of a job of one's choice. */
export function SlipPreview({ design }: { design: SlipDesign }) {
  const [job, setJob] = useState("");
  const [page, setPage] = useState(1);
  const asked = useSettled({ design, job, page });
  const preview = useQuery({
    queryKey: ["slip-preview", asked],
    queryFn: () => answer(api.POST("/api/v1/slip-designs/preview", { body: asked })),
    retry: false,
    gcTime: 0,
  });
  // the last one that could be set stays in sight while the next is set, or cannot be
  const [shown, setShown] = useState(preview.data);
  if (preview.data && preview.data !== shown) {
    setShown(preview.data);
  }
  return (
    <section aria-label="What it prints" className="min-w-0">
      <div className="sticky top-2">
        <div className="flex flex-wrap items-end gap-3">
          <Labeled text="Tried on job, empty for the sample">
            <input
              className="entry figure w-40"
              maxLength={120}
              value={job}
              onChange={(event) => {
                setJob(event.target.value);
                setPage(1);
              }}
            />
          </Labeled>
          {shown && <PageTurner page={shown.page} pages={shown.pages} turn={setPage} />}
          <span className="quiet" role="status">
            {preview.isFetching ? "Setting it …" : shown && !preview.isError ? "As it is now" : ""}
          </span>
        </div>
        {preview.isError && <NotYet error={preview.error} />}
        {shown && (
          <img
            className={
              "mt-2 max-h-[calc(100vh-10rem)] border border-base-300 bg-white object-contain " +
              (preview.isError ? "opacity-40" : "")
            }
            alt={`Page ${shown.page} of the packing slip as this design prints it`}
            src={`data:image/png;base64,${shown.picture}`}
          />
        )}
      </div>
    </section>
  );
}
