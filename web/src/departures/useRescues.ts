import { useMutation, useQueries, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { benchOf } from "../ui/JobLink";

export type Rescue = Schemas["bench.OnTimeOffer"];

/** Of so many late jobs it is looked up what would save them; each is priced for it. */
const LOOKED_UP = 8;
const KEPT_MS = 60_000;

/** What would bring late jobs there in time, by job; a job for which nothing would has none. */
export function useRescues(jobs: Schemas["departure.JobOutlookView"][]): Map<string, Rescue> {
  const late = jobs.filter((job) => job.verdict === "WILL_MISS").slice(0, LOOKED_UP);
  const answers = useQueries({
    queries: late.map((job) => ({
      queryKey: ["on-time-offer", job.job],
      queryFn: () =>
        answer(api.GET("/api/v1/shipments/on-time-offer", { params: { query: { job: job.job } } })),
      staleTime: KEPT_MS,
    })),
  });
  const rescues = new Map<string, Rescue>();
  late.forEach((job, index) => {
    const offer = answers[index]?.data?.offer;
    if (offer) {
      rescues.set(job.job, offer);
    }
  });
  return rescues;
}

/** Takes what would save a job, and goes to its bench. */
export function useTakeRescue() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async ({ job, service }: { job: string; service: string }) => {
      const bench = await answer(api.POST("/api/v1/shipments", { body: { job } }));
      return answer(
        api.PUT("/api/v1/shipments/{id}/service", {
          params: { path: { id: bench.id } },
          body: { text: service },
        }),
      );
    },
    onSuccess: (bench) => {
      queries.setQueryData(["bench", bench.job], bench);
      void queries.invalidateQueries({ queryKey: ["departures"] });
      void navigate(benchOf(bench.job));
    },
  });
}
