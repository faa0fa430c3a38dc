import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

export type Task = Schemas["task.TaskView"];

const LOOK_AGAIN_MS = 500;

export function isUnderWay(task: { state: Task["state"] }): boolean {
  return task.state === "WAITING" || task.state === "RUNNING";
}

/** How far a piece of long work is, looked at again while it is under way. */
export function useTask(id: number | undefined) {
  return useQuery({
    queryKey: ["tasks", id],
    queryFn: () => answer(api.GET("/api/v1/tasks/{id}", { params: { path: { id: id ?? 0 } } })),
    enabled: id !== undefined,
    refetchInterval: (query) => (query.state.data && !isUnderWay(query.state.data) ? false : LOOK_AGAIN_MS),
  });
}

/** Stops it where it stands. */
export function useStopTask() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: number) => answer(api.POST("/api/v1/tasks/{id}/stop", { params: { path: { id } } })),
    onSuccess: (task) => queries.setQueryData(["tasks", task.id], task),
  });
}
