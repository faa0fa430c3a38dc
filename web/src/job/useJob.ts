import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

export type Job = Schemas["job.JobView"];
export type Entry = Schemas["job.FieldEntry"];

function params(job: string) {
  return { query: { job } };
}

/** Everything about a job. */
export function useJob(job: string) {
  return useQuery({
    queryKey: ["job", job],
    queryFn: () => answer(api.GET("/api/v1/work-orders/one", { params: params(job) })),
    enabled: job !== "",
  });
}

/** An act upon a job answers with all of it as it is then; lists that show it are asked again. */
export function useJobAct<T>(job: string, act: (value: T) => Promise<Job>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: act,
    onSuccess: (now) => queries.setQueryData(["job", job], now),
    onSettled: () => {
      void queries.invalidateQueries({ queryKey: ["jobs"] });
      void queries.invalidateQueries({ queryKey: ["attention"] });
      void queries.invalidateQueries({ queryKey: ["bench"] });
    },
  });
}

export function saveEntries(job: string, entries: Entry[]): Promise<Job> {
  return answer(api.PUT("/api/v1/work-orders/one/entries", { params: params(job), body: { entries } }));
}

export function writeNote(job: string, text: string): Promise<Job> {
  return answer(api.POST("/api/v1/work-orders/one/notes", { params: params(job), body: { text } }));
}

export function takeOutNote(job: string, id: number): Promise<Job> {
  return answer(
    api.DELETE("/api/v1/work-orders/one/notes/{id}", { params: { path: { id }, query: { job } } }),
  );
}

export function holdJobs(jobs: string[], reason: string) {
  return answer(api.POST("/api/v1/work-orders/holds", { body: { jobs, reason } }));
}

export function releaseJobs(jobs: string[]) {
  return answer(api.POST("/api/v1/work-orders/releases", { body: { jobs } }));
}
