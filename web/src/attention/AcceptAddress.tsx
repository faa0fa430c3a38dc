import { useMutation, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import { ProblemLine } from "../ui/states";

/** Somebody knows that a job's address is right as it is written, whatever the check says. */
export function AcceptAddress({ job, done }: { job: string; done?: () => void }) {
  const queries = useQueryClient();
  const accept = useMutation({
    mutationFn: () =>
      answer(api.POST("/api/v1/work-orders/one/address-accepted", { params: { query: { job } } })),
    onSuccess: done,
    onSettled: () => queries.invalidateQueries(),
  });
  return (
    <>
      <button
        type="button"
        className="act py-0 text-sm"
        tabIndex={-1}
        disabled={accept.isPending}
        onClick={() => accept.mutate()}
      >
        It is right as written
      </button>
      {accept.isError && <ProblemLine error={accept.error} />}
    </>
  );
}
