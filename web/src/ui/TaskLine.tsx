import type { ReactNode } from "react";
import { ProblemLine } from "./states";
import { isUnderWay, type Task, useStopTask } from "./useTask";

type Shown = Pick<Task, "id" | "state" | "phase" | "done" | "total" | "problem">;

/** How far long work is: a bar, the count, and a way to stop it. It goes on when the page is left. */
export function TaskLine({ task, what, mayStop }: { task: Shown; what: ReactNode; mayStop: boolean }) {
  const stop = useStopTask();
  const known = task.total > 0;
  if (task.state === "FAILED") {
    return (
      <p role="alert" className="border-l-4 border-error py-1 pl-3">
        <strong className="text-error">{what} did not go on:</strong> {task.problem}
      </p>
    );
  }
  return (
    <div className="flex items-center gap-4" role="status">
      <span>{what}</span>
      {isUnderWay(task) && (
        <progress
          className="h-2 w-48 accent-[var(--color-primary)]"
          aria-label="How far it is"
          {...(known ? { value: task.done, max: task.total } : {})}
        />
      )}
      <span className="figure">
        {known ? `${task.done.toLocaleString("en-US")} of ${task.total.toLocaleString("en-US")}` : ""}
      </span>
      <span className="quiet">{wordOf(task)}</span>
      {isUnderWay(task) && mayStop && (
        <button type="button" className="act" disabled={stop.isPending} onClick={() => stop.mutate(task.id)}>
          Stop
        </button>
      )}
      {stop.isError && <ProblemLine error={stop.error} />}
    </div>
  );
}

function wordOf(task: Shown): string {
  switch (task.state) {
    case "WAITING":
      return "waits for its turn";
    case "RUNNING":
      return task.phase;
    case "STOPPED":
      return "stopped; what had come in stays";
    default:
      return "done";
  }
}
