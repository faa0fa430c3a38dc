import { moment } from "../ui/format";
import type { Job } from "./useJob";

const SHOWN = 8;

/** Who did what with it, the newest first. */
export function JobHistory({ job, zone }: { job: Job; zone: string }) {
  const first = job.history.slice(0, SHOWN);
  const rest = job.history.slice(SHOWN);
  return (
    <section className="mt-4" aria-label="History">
      <h2>Who did what</h2>
      {job.history.length === 0 && <p className="quiet py-1">Nobody did anything with it yet.</p>}
      <Entries entries={first} job={job.number} zone={zone} />
      {rest.length > 0 && (
        <details>
          <summary className="quiet">{rest.length} more, before these</summary>
          <Entries entries={rest} job={job.number} zone={zone} />
        </details>
      )}
    </section>
  );
}

function Entries({ entries, job, zone }: { entries: Job["history"]; job: string; zone: string }) {
  return (
    <ul>
      {entries.map((each, index) => (
        <li key={index} className="flex flex-wrap gap-x-3 border-b border-base-300 py-0.5">
          <span className="figure w-40 shrink-0">{moment(each.at, zone)}</span>
          <strong className="w-36 shrink-0">{each.by}</strong>
          <span>{each.act}</span>
          {each.thing !== `Job ${job}` && <span className="quiet">{each.thing}</span>}
          <span className="quiet min-w-0 [overflow-wrap:anywhere]">{each.detail}</span>
        </li>
      ))}
    </ul>
  );
}
