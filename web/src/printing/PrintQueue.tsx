import { useState } from "react";
import { answer, api } from "../api/client";
import { useMay } from "../signin/who";
import { count, moment } from "../ui/format";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { type Printer, type PrintJob, usePrintAct, usePrintJobs } from "./usePrinting";

const STATES = {
  WAITING: { words: "waits", color: "text-warning" },
  SENT: { words: "printing", color: "" },
  PRINTED: { words: "printed", color: "text-primary" },
  FAILED: { words: "failed", color: "text-error" },
  CALLED_OFF: { words: "called off", color: "quiet" },
} as const;

const FILTERS = [
  { state: undefined, words: "all" },
  { state: "WAITING", words: "waiting" },
  { state: "SENT", words: "printing" },
  { state: "FAILED", words: "failed" },
] as const;

/** What is on its way to printers, and what came of it. */
export function PrintQueue({ printers, zone }: { printers: Printer[]; zone: string }) {
  const [state, setState] = useState<PrintJob["state"]>();
  const jobs = usePrintJobs(state);
  return (
    <section aria-label="Print jobs" className="mt-5">
      <div className="flex items-baseline gap-4">
        <h2>Print jobs</h2>
        {FILTERS.map((filter) => (
          <button
            key={filter.words}
            type="button"
            aria-pressed={state === filter.state}
            className={state === filter.state ? "border-b-2 border-primary font-bold" : "quiet"}
            onClick={() => setState(filter.state)}
          >
            {filter.words}
          </button>
        ))}
      </div>
      {jobs.isPending && <Waiting what="The print jobs" />}
      {jobs.isLoadingError && <Trouble error={jobs.error} again={() => void jobs.refetch()} />}
      {jobs.data?.rows.length === 0 && (
        <Empty>
          {state
            ? "None is in this state."
            : "Nothing was printed yet. What is printed on the Bench stands here until it is out, and for a month."}
        </Empty>
      )}
      {jobs.data && jobs.data.rows.length > 0 && (
        <table className="timetable compact mt-1">
          <thead>
            <tr>
              <th>Paper</th>
              <th>Printer</th>
              <th>State</th>
              <th>Asked for</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {jobs.data.rows.map((job) => (
              <JobRow key={job.id} job={job} printers={printers} zone={zone} />
            ))}
          </tbody>
        </table>
      )}
      {jobs.data?.next !== undefined && <p className="quiet">Older ones are not shown.</p>}
    </section>
  );
}

function JobRow({ job, printers, zone }: { job: PrintJob; printers: Printer[]; zone: string }) {
  const may = useMay();
  const path = { params: { path: { id: job.id } } };
  const again = usePrintAct((printer: string) =>
    answer(api.POST("/api/v1/print-jobs/{id}/again", { ...path, body: printer ? { printer } : {} })),
  );
  const callOff = usePrintAct(() => answer(api.POST("/api/v1/print-jobs/{id}/call-off", path)));
  const open = job.state === "WAITING" || job.state === "SENT";
  const others = printers.filter((each) => each.code !== job.printer);
  return (
    <tr>
      <td>
        {job.paper ? (
          <a href={job.paper} target="_blank" rel="noreferrer" className="underline">
            {job.title}
          </a>
        ) : (
          job.title
        )}
        {job.copies > 1 && <span className="quiet"> {count(job.copies, "copy", "copies")}</span>}
      </td>
      <td>
        {job.printerName}
        {job.desk && <span className="quiet block text-sm">from {job.desk}</span>}
      </td>
      <td>
        <strong className={STATES[job.state].color}>{STATES[job.state].words}</strong>
        {job.said && <span className="block">{job.said}</span>}
      </td>
      <td className="quiet">
        {moment(job.askedAt, zone)} by {job.askedBy}
      </td>
      <td className="text-right whitespace-nowrap">
        {may("PACK_AND_SHIP") && (
          <span className="inline-flex items-center gap-2">
            {job.state !== "SENT" && (
              <button
                type="button"
                className="act"
                aria-label={`Print ${job.title} again`}
                disabled={again.isPending}
                onClick={() => again.mutate("")}
              >
                {job.state === "WAITING" ? "Try now" : "Again"}
              </button>
            )}
            {job.state !== "SENT" && others.length > 0 && (
              <select
                aria-label={`Print ${job.title} on another printer`}
                className="entry py-0"
                value=""
                disabled={again.isPending}
                onChange={(event) => again.mutate(event.target.value)}
              >
                <option value="" disabled>
                  elsewhere …
                </option>
                {others.map((each) => (
                  <option key={each.code} value={each.code}>
                    {each.name}
                  </option>
                ))}
              </select>
            )}
            {open && (
              <button
                type="button"
                className="act"
                aria-label={`Call ${job.title} off`}
                disabled={callOff.isPending}
                onClick={() => callOff.mutate(undefined)}
              >
                Call off
              </button>
            )}
          </span>
        )}
        {again.isError && <ProblemLine error={again.error} />}
        {callOff.isError && <ProblemLine error={callOff.error} />}
      </td>
    </tr>
  );
}
