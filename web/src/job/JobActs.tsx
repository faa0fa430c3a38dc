import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useMemo } from "react";
import { answer, api, type Schemas } from "../api/client";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { OutcomesLine } from "../ui/outcomes";
import { ProblemLine } from "../ui/states";
import { releaseJobs } from "./useJob";

/** Something done to jobs by one press, with one outcome each. */
export interface JobAct {
  label: string;
  key?: string;
  run: (jobs: string[]) => Promise<Schemas["api.Outcomes"]>;
}

function whenShort(choice: Schemas["job.ShortEntry"]["choice"]): JobAct["run"] {
  return (jobs) => answer(api.POST("/api/v1/work-orders/short-choices", { body: { jobs, choice } }));
}

export const RELEASE: JobAct = { label: "Release the hold", run: releaseJobs };
export const WHEN_SHORT: JobAct[] = [
  { label: "Ship what is ready", key: "Alt+R", run: whenShort("SHIP_READY") },
  { label: "Let it wait", key: "Alt+W", run: whenShort("WAIT") },
];
export const UNPAID: JobAct = {
  label: "Let it go unpaid",
  run: (jobs) => answer(api.POST("/api/v1/work-orders/payment-releases", { body: { jobs } })),
};

interface Props {
  jobs: string[];
  acts: JobAct[];
  done?: () => void;
  /** Whether the keys of the acts count here: only one such row at a time can have them. */
  keys?: boolean;
  /** The name of the field that the first one is, for the way from row to row. */
  field?: string;
}

/** A button for each act; what was refused is said beside it. */
export function JobActs({ jobs, acts, done, keys = false, field }: Props) {
  const queries = useQueryClient();
  const act = useMutation({
    mutationFn: (chosen: JobAct) => chosen.run(jobs),
    onSuccess: (outcomes) => {
      if (outcomes.refused.length === 0) {
        done?.();
      }
    },
    onSettled: () => queries.invalidateQueries(),
  });
  const { mutate } = act;
  useKeys(
    useMemo(
      () =>
        keys
          ? acts.flatMap((each) =>
              each.key
                ? [
                    {
                      key: each.key.replace(/.$/, (last) => last.toLowerCase()),
                      label: each.label,
                      group: "Shipment",
                      run: () => mutate(each),
                    },
                  ]
                : [],
            )
          : [],
      [acts, keys, mutate],
    ),
  );
  return (
    <span className="flex flex-wrap items-center gap-2">
      {acts.map((each, index) => (
        <button
          key={each.label}
          type="button"
          className="act"
          data-field={index === 0 ? field : undefined}
          aria-label={jobs.length === 1 ? `${each.label}: job ${jobs[0]}` : undefined}
          disabled={act.isPending}
          onClick={() => mutate(each)}
        >
          {each.label} {keys && each.key && <Key name={each.key} />}
        </button>
      ))}
      {act.isError && <ProblemLine error={act.error} />}
      {act.data && act.data.refused.length > 0 && <OutcomesLine outcomes={act.data} />}
    </span>
  );
}
