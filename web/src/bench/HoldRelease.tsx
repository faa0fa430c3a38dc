import { useMutation, useQueryClient } from "@tanstack/react-query";
import { releaseJobs } from "../job/useJob";
import { useMay } from "../signin/who";
import { OutcomesLine } from "../ui/outcomes";
import { ProblemLine } from "../ui/states";
import type { BenchData } from "./useBench";

/** Lets a job go that was on hold. */
export function HoldRelease({ bench }: { bench: BenchData }) {
  const queries = useQueryClient();
  const may = useMay();
  const release = useMutation({
    mutationFn: () => releaseJobs([bench.job]),
    onSettled: () => queries.invalidateQueries(),
  });
  if (!may("BRING_IN")) {
    return null;
  }
  return (
    <>
      <button type="button" className="act" disabled={release.isPending} onClick={() => release.mutate()}>
        Release the hold
      </button>
      {release.isError && <ProblemLine error={release.error} />}
      {release.data && release.data.refused.length > 0 && <OutcomesLine outcomes={release.data} />}
    </>
  );
}
