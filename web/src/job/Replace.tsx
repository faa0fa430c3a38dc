import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { useNavigate } from "react-router";
import { answer, api } from "../api/client";
import { ReasonChoice } from "../returns/ReasonChoice";
import type { Reason } from "../returns/useReturns";
import { pageOf } from "../ui/JobLink";
import { useKeys } from "../ui/keys";
import { ProblemLine } from "../ui/states";
import type { Job } from "./useJob";

/** Pieces of a job that go once more, as a job of their own. */
export function Replace({ job, leave }: { job: Job; leave: () => void }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const left = job.lines.filter((line) => line.shipped > 0);
  const [pieces, setPieces] = useState<Record<number, string>>({});
  const [reason, setReason] = useState<Reason>();
  const [billed, setBilled] = useState(false);
  useKeys(
    useMemo(() => [{ key: "Escape", label: "Replace nothing", run: leave, whileTyping: true }], [leave]),
  );
  const act = useMutation({
    mutationFn: () =>
      answer(
        api.POST("/api/v1/work-orders/one/replacements", {
          params: { query: { job: job.number } },
          body: {
            reason: reason ?? "OTHER",
            billed,
            lines: left.map((line) => ({
              position: line.position,
              quantity: Number(pieces[line.position] ?? "0") || 0,
            })),
          },
        }),
      ),
    onSuccess: (made) => {
      void queries.invalidateQueries();
      void navigate(pageOf(made.number));
    },
  });
  return (
    <form
      aria-label="Replace pieces"
      className="mt-1 border-2 border-base-content p-2"
      onSubmit={(event) => {
        event.preventDefault();
        act.mutate();
      }}
    >
      <table className="timetable compact">
        <caption className="sr-only">Pieces to replace</caption>
        <thead>
          <tr>
            <th>Item</th>
            <th className="!text-right">Shipped</th>
            <th>Replace (pieces)</th>
          </tr>
        </thead>
        <tbody>
          {left.map((line, index) => (
            <tr key={line.position}>
              <td>{line.item}</td>
              <td className="figure text-right">{line.shipped}</td>
              <td>
                <input
                  aria-label={`Pieces of ${line.item} to replace`}
                  className="entry figure w-20 py-0"
                  inputMode="numeric"
                  autoFocus={index === 0}
                  placeholder="0"
                  value={pieces[line.position] ?? ""}
                  onChange={(event) => setPieces({ ...pieces, [line.position]: event.target.value })}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-2 flex flex-wrap items-end gap-4">
        <ReasonChoice label="Because it was" reason={reason} choose={setReason} />
        <label className="flex items-center gap-2">
          <input type="checkbox" checked={billed} onChange={(event) => setBilled(event.target.checked)} />
          the customer pays its freight, on the invoice of job {job.number}
        </label>
        <button type="submit" className="act" disabled={act.isPending || !reason}>
          Make the job
        </button>
        <button type="button" className="act" onClick={leave}>
          Leave
        </button>
      </div>
      {act.isError && <ProblemLine error={act.error} />}
    </form>
  );
}
