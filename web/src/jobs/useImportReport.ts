import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { answer, api } from "../api/client";
import { isUnderWay } from "../ui/useTask";

const LOOK_AGAIN_MS = 400;

/** What came of a file, looked at again while it is read; the lists follow when it is in. */
export function useImportReport(id: number) {
  const queries = useQueryClient();
  const report = useQuery({
    queryKey: ["imports", id],
    queryFn: () => answer(api.GET("/api/v1/imports/{id}", { params: { path: { id } } })),
    enabled: id > 0,
    refetchInterval: (query) => {
      const run = query.state.data?.run;
      // the task may have ended between the two looks an answer is made of: the file is not done before it says so itself
      const goesOn =
        run?.task && (isUnderWay(run.task) || (run.state === "READING" && run.task.state === "DONE"));
      return goesOn ? LOOK_AGAIN_MS : false;
    },
  });
  const taken = report.data?.run?.taken;
  const state = report.data?.run?.state;
  useEffect(() => {
    if (taken !== undefined && state !== "NEEDS_LAYOUT") {
      void queries.invalidateQueries({ queryKey: ["jobs"] });
      void queries.invalidateQueries({ queryKey: ["departures"] });
    }
  }, [taken, state, queries]);
  return report;
}
