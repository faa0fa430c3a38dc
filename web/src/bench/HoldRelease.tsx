import { useMutation, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import { useMay } from "../signin/who";
import { ProblemLine } from "../ui/states";
import type { BenchData } from "./useBench";

/** Lets a job go that was on hold. */
export function HoldRelease({ bench }: { bench: BenchData }) {
  const queries = useQueryClient();
  const may = useMay();
  const release = useMutation({
    mutationFn: () =>
      answer(api.POST("/api/v1/work-orders/{number}/released", { params: { path: { number: bench.job } } })),
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
    </>
  );
}
