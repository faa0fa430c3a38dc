import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { Labeled } from "../ui/Labeled";
import { ProblemLine } from "../ui/states";
import type { Plan } from "./writeBackData";

type Change = Schemas["writeback.ChangeView"];

/** What would be written of a job that has left, beside what stands there; nothing is written by looking. */
export function Preview({ code, plan }: { code: string; plan: Plan }) {
  const [job, setJob] = useState("");
  const look = useMutation({
    mutationFn: () =>
      answer(
        api.POST("/api/v1/write-backs/{code}/preview", {
          params: { path: { code } },
          body: { job: job.trim(), plan },
        }),
      ),
  });
  const demand = useMutation({
    mutationFn: () =>
      answer(
        api.POST("/api/v1/write-backs/{code}/jobs", {
          params: { path: { code } },
          body: { jobs: [job.trim()] },
        }),
      ),
  });
  return (
    <section aria-label="Tried on a job">
      <h2>Tried on a job that has left</h2>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          demand.reset();
          look.mutate();
        }}
      >
        <Labeled text="Job">
          <input
            className="entry figure w-40"
            maxLength={120}
            value={job}
            onChange={(event) => setJob(event.target.value)}
          />
        </Labeled>
        <button type="submit" className="act" disabled={look.isPending || !job.trim()}>
          {look.isPending ? "Looking …" : "Show what would be written"}
        </button>
      </form>
      {look.isError && <ProblemLine error={look.error} />}
      {look.isSuccess && (
        <>
          {look.data.trouble && <p className="mt-2 text-warning">{look.data.trouble}</p>}
          {look.data.changes.length > 0 && <Changes rows={look.data.changes} number={look.data.number} />}
          <div className="mt-2 flex items-center gap-4">
            <button type="button" className="act" disabled={demand.isPending} onClick={() => demand.mutate()}>
              Write {look.data.job} now, as it is kept
            </button>
            {demand.isSuccess && <span role="status">{demand.data.rows[0]?.said}</span>}
          </div>
          {demand.isError && <ProblemLine error={demand.error} />}
        </>
      )}
    </section>
  );
}

function Changes({ rows, number }: { rows: Change[]; number: string }) {
  return (
    <table className="timetable compact mt-2">
      <thead>
        <tr>
          <th>Of</th>
          <th>
            Field of <span className="figure">{number}</span>
          </th>
          <th>There now</th>
          <th>Would be</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row, index) => (
          <tr key={index}>
            <td className="quiet whitespace-nowrap">{row.of}</td>
            <td className="figure">{row.field}</td>
            <td className="figure whitespace-pre-wrap">
              {row.standing === undefined ? <span className="quiet">not known</span> : row.standing}
            </td>
            <td
              className={"figure whitespace-pre-wrap " + (row.standing === row.fresh ? "quiet" : "font-bold")}
            >
              {row.fresh || <span className="quiet">nothing</span>}
              {row.standing === row.fresh && row.fresh !== "" && " (the same)"}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
