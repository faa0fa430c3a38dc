import { useState } from "react";
import { answer, api } from "../api/client";
import { useMay } from "../signin/who";
import { Labeled } from "../ui/Labeled";
import { ProblemLine, Waiting } from "../ui/states";
import { canBeSetAside, type Posting, usePosting, usePostingAct } from "./postingData";

/** What was sent and answered, in full, and what a person can do about it. */
export function PostingDetail({ row }: { row: Posting }) {
  const detail = usePosting(row.id);
  if (detail.isPending) {
    return <Waiting what="What was sent" />;
  }
  if (detail.isLoadingError) {
    return <ProblemLine error={detail.error} />;
  }
  return (
    <div className="grid gap-x-8 gap-y-3 py-2 lg:grid-cols-2">
      <div>
        <h3 className="font-bold">Sent at the last try</h3>
        {detail.data.sent ? (
          <pre className="figure text-sm break-words whitespace-pre-wrap">{detail.data.sent}</pre>
        ) : (
          <p className="quiet">{row.attempts === 0 ? "Nothing yet." : "Not kept for this kind."}</p>
        )}
      </div>
      <div className="space-y-2">
        <div>
          <h3 className="font-bold">Answered</h3>
          <p>{row.answer || <span className="quiet">Nothing yet.</span>}</p>
        </div>
        <p className="quiet">
          Key <span className="figure">{detail.data.key}</span>: the other side does it once under it.
        </p>
        {canBeSetAside(row) && <SetAside id={row.id} />}
      </div>
    </div>
  );
}

function SetAside({ id }: { id: number }) {
  const may = useMay();
  const [reason, setReason] = useState("");
  const aside = usePostingAct((why: string) =>
    answer(api.POST("/api/v1/postings/{id}/set-aside", { params: { path: { id } }, body: { reason: why } })),
  );
  if (!may("WRITE_BACK")) {
    return null;
  }
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        aside.mutate(reason);
      }}
    >
      <Labeled text="Set it aside, because">
        <input
          className="entry w-80"
          maxLength={120}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
        />
      </Labeled>
      <button type="submit" className="act" disabled={aside.isPending || !reason.trim()}>
        Set aside
      </button>
      {aside.isError && <ProblemLine error={aside.error} />}
    </form>
  );
}
