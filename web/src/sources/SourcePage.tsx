import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { answer, api } from "../api/client";
import { useMay } from "../signin/who";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { ProblemLine, Trouble, Waiting } from "../ui/states";
import { TaskLine } from "../ui/TaskLine";
import { isUnderWay, useTask } from "../ui/useTask";
import { useTitle } from "../ui/useTitle";
import { Records } from "./Records";
import type { Source } from "./Sources";

const WINDOWS = [
  { minutes: 60, label: "the last hour" },
  { minutes: 1_440, label: "the last day" },
  { minutes: 10_080, label: "the last week" },
  { minutes: 44_640, label: "the last month" },
  { minutes: 525_600, label: "the last year" },
  { minutes: 1_051_200, label: "the last two years" },
];

/** One record system: whether it answers, and what is new there. */
export function SourcePage() {
  const code = useParams().code ?? "";
  useTitle("Source");
  const sources = useQuery({ queryKey: ["sources"], queryFn: () => answer(api.GET("/api/v1/sources")) });
  if (sources.isPending) {
    return <Waiting what="The source" />;
  }
  if (sources.isLoadingError) {
    return <Trouble error={sources.error} again={() => void sources.refetch()} />;
  }
  const source = sources.data.rows.find((row) => row.code === code);
  return source ? (
    <Page key={code} source={source} />
  ) : (
    <p className="p-6">This source is not there any more.</p>
  );
}

function Page({ source }: { source: Source }) {
  const queries = useQueryClient();
  const may = useMay();
  const [filter] = useSearchParams();
  const [minutes, setMinutes] = useState(10_080);
  const [begun, setBegun] = useState<number>();
  const task = useTask(begun ?? source.task);
  const path = { code: source.code };
  const test = useMutation({
    mutationFn: () => answer(api.POST("/api/v1/sources/{code}/test", { params: { path } })),
  });
  const follow = ({ task: id }: { task: number }) => {
    setBegun(id);
  };
  const look = useMutation({
    mutationFn: () =>
      answer(api.POST("/api/v1/sources/{code}/look", { params: { path }, body: { minutes } })),
    onSuccess: follow,
  });
  const { mutate: runTest } = test;
  const { mutate: runLook } = look;
  const testsAtOnce = filter.get("test") === "1";
  useEffect(() => {
    if (testsAtOnce) {
      runTest();
    }
  }, [testsAtOnce, runTest]);
  useKeys(
    useMemo(
      () => [
        { key: "F8", label: "Test the connection", run: () => runTest() },
        { key: "F9", label: "Look for new records", run: () => runLook() },
      ],
      [runTest, runLook],
    ),
  );
  const state = task.data?.state;
  const done = task.data?.done;
  useEffect(() => {
    if (state) {
      void queries.invalidateQueries({ queryKey: ["records", source.code] });
      void queries.invalidateQueries({ queryKey: ["sources"] });
      void queries.invalidateQueries({ queryKey: ["jobs"] });
      void queries.invalidateQueries({ queryKey: ["departures"] });
    }
  }, [state, done, queries, source.code]);
  const underWay = task.data !== undefined && isUnderWay(task.data);
  return (
    <div className="px-5 py-3">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <h1>{source.name}</h1>
        <span className="quiet figure">{source.address}</span>
        <span className="ml-auto flex gap-2">
          <button type="button" className="act" disabled={test.isPending} onClick={() => runTest()}>
            {test.isPending ? "Testing …" : "Test"} <Key name="F8" />
          </button>
          <Link to={`/sources/${source.code}/set-up`} className="act">
            How it is read and asked
          </Link>
        </span>
      </div>
      {test.data && <Tested result={test.data} />}
      {test.isError && <ProblemLine error={test.error} />}
      {!source.isRead && (
        <p className="mt-2 border-l-4 border-warning pl-3">
          Nobody has said yet which of its fields feeds which of ours.{" "}
          <Link to={`/sources/${source.code}/set-up`} className="underline">
            Say it: guesses are filled in.
          </Link>
        </p>
      )}
      <div className="mt-3 flex flex-wrap items-center gap-3 border-y border-base-300 py-2">
        <label className="flex items-center gap-2">
          <span>Bring in now, changed in</span>
          <select
            className="entry"
            value={minutes}
            onChange={(event) => setMinutes(Number(event.target.value))}
          >
            {WINDOWS.map((each) => (
              <option key={each.minutes} value={each.minutes}>
                {each.label}
              </option>
            ))}
          </select>
        </label>
        {may("BRING_IN") && (
          <button
            type="button"
            className="act bg-primary text-primary-content disabled:bg-transparent disabled:text-secondary"
            disabled={look.isPending || underWay}
            onClick={() => runLook()}
          >
            Look <Key name="F9" />
          </button>
        )}
        {task.data && task.data.state !== "DONE" && (
          <TaskLine task={task.data} what="" mayStop={may("BRING_IN")} />
        )}
        {!underWay && source.said && (
          <span className={source.failed ? "text-error" : "quiet"}>{source.said}</span>
        )}
      </div>
      {look.isError && <ProblemLine error={look.error} />}
      <Records source={source} busy={underWay} began={follow} />
    </div>
  );
}

function Tested({ result }: { result: { answers: boolean; text: string; remedy: string } }) {
  return (
    <p
      role="status"
      className={"mt-2 border-l-4 pl-3 " + (result.answers ? "border-primary" : "border-error")}
    >
      <strong className={result.answers ? "text-primary" : "text-error"}>
        {result.answers ? "It answers." : "It cannot be read."}
      </strong>{" "}
      {result.text} <em>{result.remedy}</em>
    </p>
  );
}
