import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { clockTime, count, day } from "../ui/format";
import { JobLink } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { Empty } from "../ui/states";
import type { Rescue } from "./useRescues";

type Job = Schemas["departure.JobOutlookView"];

interface Props {
  jobs: Job[];
  rescues: Map<string, Rescue>;
  at: number;
  setAt: (index: number) => void;
  open: (index: number) => void;
}

/** Jobs by the pickup they must make; those that will miss their promise stand first, with what would save them. */
export function JobRows({ jobs, rescues, at, setAt, open }: Props) {
  if (jobs.length === 0) {
    return (
      <Empty>
        Everything is shipped. Jobs appear here by the pickup they must make; bring records in on{" "}
        <Link to="/jobs" className="underline">
          Jobs
        </Link>
        .
      </Empty>
    );
  }
  let index = 0;
  return (
    <>
      <div className="mt-2 flex items-center gap-2 px-3">
        <h2>Jobs by departure</h2>
        <span className="quiet ml-auto flex items-center gap-1">
          <Key name="↑" /> <Key name="↓" /> choose <Key name="Enter" /> to the Bench
        </span>
      </div>
      <table className="timetable">
        <thead>
          <tr>
            <th>Job</th>
            <th>Customer</th>
            <th>To</th>
            <th className="!text-right">Weight</th>
            <th>By</th>
            <th className="w-[42%]">Promise</th>
          </tr>
        </thead>
        {groups(jobs).map((group) => (
          <tbody key={group.title}>
            <tr>
              <th scope="rowgroup" colSpan={6} className="!border-b !pt-2 !text-base !text-base-content">
                <strong className={group.late ? "text-error" : ""}>{group.title}</strong>{" "}
                <span className="quiet">{count(group.jobs.length, "job", "jobs")}</span>
              </th>
            </tr>
            {group.jobs.map((job) => {
              const own = index++;
              return (
                <JobRow
                  key={job.job}
                  job={job}
                  rescue={rescues.get(job.job)}
                  current={own === at}
                  choose={() => setAt(own)}
                  open={() => open(own)}
                />
              );
            })}
          </tbody>
        ))}
      </table>
    </>
  );
}

interface Group {
  title: string;
  late: boolean;
  jobs: Job[];
}

/** In the order in which the server has the jobs: the late ones, by today's pickups, then by the day they must leave on. */
function groups(jobs: Job[]): Group[] {
  const all: Group[] = [];
  for (const job of jobs) {
    const late = job.verdict === "WILL_MISS";
    const title = titleOf(job);
    const last = all.at(-1);
    if (last?.title === title) {
      last.jobs.push(job);
    } else {
      all.push({ title, late, jobs: [job] });
    }
  }
  return all;
}

function titleOf(job: Job): string {
  switch (job.verdict) {
    case "WILL_MISS":
      return "Will miss the promise";
    case "MUST_LEAVE_TODAY":
      return `${job.cutOff ? clockTime(job.cutOff) : day(job.nextDeparture)}  ${job.carrier}`;
    case "CAN_WAIT":
      return job.leaveBy ? `Leave by ${day(job.leaveBy)}` : "No promise date";
  }
}

interface RowProps {
  job: Job;
  rescue: Rescue | undefined;
  current: boolean;
  choose: () => void;
  open: () => void;
}

function JobRow({ job, rescue, current, choose, open }: RowProps) {
  return (
    <tr className={current ? "at" : ""} onClick={choose} onDoubleClick={open}>
      <td className="figure">
        <JobLink job={job.job} />
      </td>
      <td>{job.customer}</td>
      <td className="whitespace-nowrap">{job.shipTo}</td>
      <td className="figure text-right">{job.weight?.text ?? "not known"}</td>
      <td className="whitespace-nowrap">{job.service}</td>
      <td>
        {job.status === "ON_BENCH" && <strong>On the Bench. </strong>}
        {job.reason}
        {job.goingThereToo > 0 && (
          <span className="quiet"> {count(job.goingThereToo, "more job goes", "more jobs go")} there.</span>
        )}
        {rescue && (
          <span className="block">
            <strong className="text-primary">
              {rescue.name} arrives {day(rescue.delivery)}, {rescue.total.amount}
            </strong>
            {current && (
              <span className="quiet ml-2">
                <Key name="Enter" /> takes it there
              </span>
            )}
          </span>
        )}
      </td>
    </tr>
  );
}
