import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useMemo } from "react";
import { useNavigate } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { useMay } from "../signin/who";
import { day } from "../ui/format";
import { benchOf } from "../ui/JobLink";
import { More, useMore } from "../ui/longList";
import { ProblemLine, Trouble, Waiting } from "../ui/states";
import { useCursor } from "../ui/useCursor";
import { useTitle } from "../ui/useTitle";
import { JobRows } from "./JobRows";
import { StuckThings } from "./StuckThings";
import { TimeAxis } from "./TimeAxis";
import { useRescues, useTakeRescue } from "./useRescues";

const LOOK_AGAIN_MS = 20_000;

/** The day drawn along a time axis, and the jobs that must still make a departure. */
export function Departures() {
  useTitle("Departures");
  const board = useQuery({
    queryKey: ["departures"],
    queryFn: () => answer(api.GET("/api/v1/departures")),
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

function Day({ board }: { board: Schemas["departure.DepartureView"] }) {
  return (
    <div className="px-5 py-2">
      <div className="flex items-baseline gap-4">
        <h1>{day(board.day)}</h1>
        {board.sites.length > 1 && <SiteChoice board={board} />}
        <p className="quiet">
          {board.site}
          {!board.workingDay && ": nothing leaves today"}
        </p>
      </div>
      <TimeAxis board={board} />
      <StuckThings things={board.stuck} />
      <Jobs />
    </div>
  );
}

/** One of our sites, or all: remembered for whoever is signed in. */
function SiteChoice({ board }: { board: Schemas["departure.DepartureView"] }) {
  const queries = useQueryClient();
  const choose = useMutation({
    mutationFn: (site: string) => answer(api.PUT("/api/v1/who/site", { body: { site } })),
    onSettled: () => queries.invalidateQueries({ queryKey: ["departures"] }),
  });
  return (
    <>
      <select
        aria-label="Site"
        className="entry py-0"
        value={board.siteCode}
        disabled={choose.isPending}
        onChange={(event) => choose.mutate(event.target.value)}
      >
        {board.sites.map((each) => (
          <option key={each.code} value={each.code}>
            {each.name}
          </option>
        ))}
        <option value="ALL">All sites</option>
      </select>
      {choose.isError && <ProblemLine error={choose.error} />}
    </>
  );
}

/** All jobs that are not shipped, the most urgent first. */
function Jobs() {
  const navigate = useNavigate();
  const list = useInfiniteQuery({
    queryKey: ["departures", "jobs"],
    initialPageParam: undefined as number | undefined,
    queryFn: ({ pageParam }) =>
      answer(api.GET("/api/v1/departures/jobs", { params: { query: { cursor: pageParam } } })),
    getNextPageParam: (part) => part.next,
    refetchInterval: LOOK_AGAIN_MS,
  });
  const jobs = useMemo(() => list.data?.pages.flatMap((part) => part.rows) ?? [], [list.data]);
  const rescues = useRescues(jobs);
  const take = useTakeRescue();
  const mayAct = useMay()("PACK_AND_SHIP");
  const takeRescue = take.mutate;
  const open = useCallback(
    (index: number) => {
      const job = jobs[index]?.job ?? "";
      const rescue = rescues.get(job);
      if (rescue && mayAct) {
        takeRescue({ job, service: rescue.service });
      } else {
        void navigate(benchOf(job));
      }
    },
    [jobs, rescues, mayAct, takeRescue, navigate],
  );
  const [at, setAt] = useCursor(jobs.length, open);
  useMore(list, at, jobs.length);
  if (list.isPending) {
    return <Waiting what="The jobs" />;
  }
  if (list.isLoadingError) {
    return <Trouble error={list.error} again={() => void list.refetch()} />;
  }
  return (
    <>
      {take.isError && <ProblemLine error={take.error} />}
      <JobRows jobs={jobs} rescues={rescues} at={at} setAt={setAt} open={open} />
      <More list={list} what="jobs" />
    </>
  );
}
