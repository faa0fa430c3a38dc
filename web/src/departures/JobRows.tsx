import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { clockTime, day } from "../ui/format";
import { JobLink } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { Empty } from "../ui/states";

interface Props {
  jobs: Schemas["JobOutlookView"][];
  at: number;
  setAt: (index: number) => void;
  open: (index: number) => void;
}

/** Jobs in the order of the departure they need; those that will miss theirs stand first with the reason. */
export function JobRows({ jobs, at, setAt, open }: Props) {
  if (jobs.length === 0) {
    return (
      <Empty>
        Nothing must leave today. Jobs stand here when their promise needs one of today's pickups; bring
        records in on{" "}
        <Link to="/jobs" className="underline">
          Jobs
        </Link>
        .
      </Empty>
    );
  }
  return (
    <>
      <div className="mt-2 flex items-center gap-2 px-3">
        <h2>Must still make it</h2>
        <span className="quiet">in the order of their departure</span>
        <span className="quiet ml-auto flex items-center gap-1">
          <Key name="↑" /> <Key name="↓" /> choose <Key name="Enter" /> pack it
        </span>
      </div>
      <table className="timetable">
        <thead>
          <tr>
            <th>Leaves</th>
            <th>Job</th>
            <th>Customer</th>
            <th>To</th>
            <th className="!text-right">Weight</th>
            <th>By</th>
            <th className="w-[38%]">Outlook</th>
          </tr>
        </thead>
        <tbody>
          {jobs.map((job, index) => (
            <tr
              key={job.job}
              className={index === at ? "at" : ""}
              onClick={() => setAt(index)}
              onDoubleClick={() => open(index)}
            >
              <td className="figure">{job.cutOff ? clockTime(job.cutOff) : day(job.nextDeparture)}</td>
              <td className="figure">
                <JobLink job={job.job} />
              </td>
              <td>{job.customer}</td>
              <td className="whitespace-nowrap">{job.shipTo}</td>
              <td className="figure text-right">{job.weight ?? "not known"}</td>
              <td className="whitespace-nowrap">{job.service}</td>
              <td>
                {job.verdict === "WILL_MISS" && <strong className="text-error">Will miss. </strong>}
                {job.status === "ON_BENCH" && <strong>On the bench. </strong>}
                {job.reason}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
