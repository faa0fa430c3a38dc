import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useMemo, useRef, useState } from "react";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { OutcomesLine } from "../ui/outcomes";
import { ProblemLine } from "../ui/states";
import { holdJobs, type Job, releaseJobs } from "./useJob";

/** Holds the job with a reason, or lets it go. */
export function JobHold({ job }: { job: Job }) {
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const [reason, setReason] = useState("");
  const button = useRef<HTMLButtonElement>(null);
  const act = useMutation({
    mutationFn: () => (job.hold ? releaseJobs([job.number]) : holdJobs([job.number], reason)),
    onSuccess: () => {
      setAsking(false);
      setReason("");
    },
    onSettled: () => queries.invalidateQueries(),
  });
  const { mutate } = act;
  const begin = useMemo(() => () => (job.hold ? mutate() : setAsking(true)), [job.hold, mutate]);
  useKeys(
    useMemo(
      () => (job.mayEdit ? [{ key: "h", label: job.hold ? "Release it" : "Hold it", run: begin }] : []),
      [begin, job.hold, job.mayEdit],
    ),
  );
  return (
    <div className="mt-2 flex flex-wrap items-center gap-3">
      {job.hold && (
        <p className="border-l-4 border-warning pl-3">
          <strong className="text-warning">On hold:</strong> {job.hold}
        </p>
      )}
      {job.mayEdit && !asking && (
        <button ref={button} type="button" className="act" disabled={act.isPending} onClick={begin}>
          {job.hold ? "Release it" : "Hold it"} <Key name="H" />
        </button>
      )}
      {asking && (
        <form
          className="flex grow items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            mutate();
          }}
        >
          <label className="flex grow items-center gap-2">
            <span>Hold it because</span>
            <input
              className="entry max-w-xl grow"
              autoFocus
              value={reason}
              maxLength={120}
              onChange={(event) => setReason(event.target.value)}
              onKeyDown={(event) => {
                if (event.key === "Escape") {
                  event.stopPropagation();
                  setAsking(false);
                }
              }}
            />
          </label>
          <button type="submit" className="act" disabled={reason.trim() === "" || act.isPending}>
            Hold
          </button>
        </form>
      )}
      {act.isError && <ProblemLine error={act.error} />}
      {act.data && act.data.refused.length > 0 && <OutcomesLine outcomes={act.data} />}
    </div>
  );
}
