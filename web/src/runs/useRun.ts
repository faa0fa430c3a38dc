import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

export type Run = Schemas["run.RunView"];
export type RunRow = Schemas["run.Row"];
export type RunChange = Omit<Schemas["run.Change"], "jobs">;

const UNDER_WAY_MS = 700;
const IDLE_MS = 10_000;

/** So many jobs are changed by one call, so that it stays short. */
const AT_ONCE = 25;

export function runOf(id: number): string {
  return `/jobs/runs/one?run=${id}`;
}

/** A run; looked at again while it is under way, or a carrier is waited for. */
export function useRun(id: number) {
  return useQuery({
    queryKey: ["run", id],
    queryFn: () => answer(api.GET("/api/v1/runs/{id}", { params: { path: { id } } })),
    refetchInterval: (query) => (query.state.data?.doing ? UNDER_WAY_MS : IDLE_MS),
  });
}

function portions(jobs: string[]): string[][] {
  const portions: string[][] = [];
  for (let from = 0; from < jobs.length; from += AT_ONCE) {
    portions.push(jobs.slice(from, from + AT_ONCE));
  }
  return portions;
}

/** Acts upon a run; each answers with the run as it is then. */
export function useRunActs(id: number) {
  const queries = useQueryClient();
  const path = { params: { path: { id } } };
  const keep = (run: Run) => {
    queries.setQueryData(["run", id], run);
    return run;
  };
  const acts = {
    change: async (jobs: string[], change: RunChange) => {
      for (const some of portions(jobs)) {
        keep(
          await answer(api.POST("/api/v1/runs/{id}/changes", { ...path, body: { ...change, jobs: some } })),
        );
      }
    },
    lookAgain: async (jobs: string[]) => {
      for (const some of portions(jobs)) {
        keep(await answer(api.POST("/api/v1/runs/{id}/looks", { ...path, body: { jobs: some } })));
      }
    },
    takeOut: async (jobs: string[]) => {
      keep(await answer(api.POST("/api/v1/runs/{id}/taken-out", { ...path, body: { jobs } })));
    },
    start: async () => {
      keep(await answer(api.POST("/api/v1/runs/{id}/start", path)));
    },
    pause: async () => {
      keep(await answer(api.POST("/api/v1/runs/{id}/pause", path)));
    },
  };
  return useMutation({
    mutationFn: (run: (all: typeof acts) => Promise<void>) => run(acts),
    onError: () => void queries.invalidateQueries({ queryKey: ["run", id] }),
  });
}

/** Makes a run of some jobs. */
export function useMakeRun() {
  return useMutation({
    mutationFn: (jobs: string[]) => answer(api.POST("/api/v1/runs", { body: { jobs } })),
  });
}

/** Whether anything of it can still be changed. */
export function isOpen(row: RunRow): boolean {
  return row.state === "READY" || row.state === "STOPPED" || row.state === "FAILED";
}
