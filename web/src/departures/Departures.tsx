import { useQuery } from "@tanstack/react-query";
import { useCallback } from "react";
import { useNavigate } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { count, day } from "../ui/format";
import { benchOf } from "../ui/JobLink";
import { Trouble, Waiting } from "../ui/states";
import { useCursor } from "../ui/useCursor";
import { JobRows } from "./JobRows";
import { StuckThings } from "./StuckThings";
import { TimeAxis } from "./TimeAxis";

const LOOK_AGAIN_MS = 20_000;

/** The day drawn along a time axis, and the jobs that must still make a departure. */
export function Departures() {
  const board = useQuery({
    queryKey: ["departures"],
    queryFn: () => answer(api.GET("/api/departures")),
    refetchInterval: LOOK_AGAIN_MS,
  });
  if (board.isPending) {
    return <Waiting what="The day's departures" />;
  }
  if (board.isLoadingError) {
    return <Trouble error={board.error} again={() => void board.refetch()} />;
  }
  return <Day board={board.data} />;
}

function Day({ board }: { board: Schemas["DepartureView"] }) {
  const navigate = useNavigate();
  const open = useCallback(
    (index: number) => void navigate(benchOf(board.jobs[index]?.job ?? "")),
    [board.jobs, navigate],
  );
  const [at, setAt] = useCursor(board.jobs.length, open);
  return (
    <div className="px-5 py-3">
      <div className="flex items-baseline gap-4">
        <h1>{day(board.day)}</h1>
        <p className="quiet">
          {board.site}
          {!board.workingDay && ": no working day, no driver comes"}
        </p>
      </div>
      <TimeAxis board={board} />
      <StuckThings things={board.stuck} />
      <JobRows jobs={board.jobs} at={at} setAt={setAt} open={open} />
      <p className="quiet px-3 py-2">
        {count(board.jobsLater, "job", "jobs")} can leave on a later day and still be in time.
      </p>
    </div>
  );
}
