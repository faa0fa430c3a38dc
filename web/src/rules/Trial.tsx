import { useMutation, useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { answer, api } from "../api/client";
import { count, dayWithYear } from "../ui/format";
import { JobLink } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { Empty, ProblemLine } from "../ui/states";
import { TaskLine } from "../ui/TaskLine";
import { isUnderWay, useTask } from "../ui/useTask";
import type { RuleDocument } from "./ruleData";

/** What a rule would have done to the jobs that came in lately, before it counts. */
export function Trial({ id, rule }: { id: number; rule: RuleDocument }) {
  const begin = useMutation({
    mutationFn: () =>
      answer(api.POST("/api/v1/house-rules/trials", { body: { rule, ...(id > 0 ? { id } : {}) } })),
  });
  const taskId = begin.data?.task;
  const task = useTask(taskId);
  const ended = task.data !== undefined && !isUnderWay(task.data);
  const { mutate } = begin;
  useKeys(useMemo(() => [{ key: "F9", label: "Try it on past jobs", run: () => mutate() }], [mutate]));
  return (
    <section aria-label="On past jobs">
      <div className="flex flex-wrap items-center gap-3">
        <h2>On the jobs of the last 90 days</h2>
        <button type="button" className="act" disabled={begin.isPending} onClick={() => mutate()}>
          Try it <Key name="F9" />
        </button>
      </div>
      {begin.isError && <ProblemLine error={begin.error} />}
      {task.data && !ended && <TaskLine task={task.data} what="Looking at them" mayStop />}
      {task.data?.state === "FAILED" && <TaskLine task={task.data} what="The trial" mayStop={false} />}
      {ended && task.data.state !== "FAILED" && taskId !== undefined && <Found task={taskId} />}
      {!taskId && !begin.isError && (
        <p className="quiet">Nothing of them is changed; it says which it would have touched, and how.</p>
      )}
    </section>
  );
}

function Found({ task }: { task: number }) {
  const found = useQuery({
    queryKey: ["rule-trial", task],
    queryFn: () => answer(api.GET("/api/v1/house-rules/trials/{task}", { params: { path: { task } } })),
    staleTime: Infinity,
  });
  if (found.isError) {
    return <ProblemLine error={found.error} />;
  }
  if (!found.data) {
    return null;
  }
  const { looked, touched, jobs, days } = found.data;
  if (touched === 0) {
    return (
      <Empty>
        It would have touched none of the {count(looked, "job", "jobs")} of the last {days} days.
      </Empty>
    );
  }
  return (
    <>
      <p role="status">
        It would have touched <strong className="figure">{touched.toLocaleString("en-US")}</strong> of{" "}
        {count(looked, "job", "jobs")}
        {jobs.length < touched && `; the newest ${jobs.length} of them:`}
      </p>
      <table className="timetable mt-1">
        <thead>
          <tr>
            <th>Job</th>
            <th>Customer</th>
            <th>Came in</th>
            <th>Because</th>
            <th>It would</th>
            <th>The rules as they are</th>
          </tr>
        </thead>
        <tbody>
          {jobs.map((job) => (
            <tr key={`${job.number} ${job.cameIn}`}>
              <td>
                <JobLink job={job.number} />
              </td>
              <td>{job.customer}</td>
              <td className="figure">{dayWithYear(job.cameIn)}</td>
              <td>{job.why}</td>
              <td>{job.does}</td>
              <td>{job.before || <span className="quiet">do nothing to it</span>}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
