import { useInfiniteQuery, useMutation } from "@tanstack/react-query";
import { useCallback, useMemo, useState } from "react";
import { Link } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { useMay } from "../signin/who";
import { count, day } from "../ui/format";
import { benchOf } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { More, useMore } from "../ui/longList";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { useCursor } from "../ui/useCursor";
import type { Source } from "./Sources";

type RecordRow = Schemas["source.RecordView"];

interface Props {
  source: Source;
  busy: boolean;
  began: (begun: { task: number }) => void;
}

/** What is new at a source, with what would stop each; some are chosen, or all are taken. */
export function Records({ source, busy, began }: Props) {
  const may = useMay();
  const path = { code: source.code };
  const list = useInfiniteQuery({
    queryKey: ["records", source.code],
    initialPageParam: undefined as number | undefined,
    queryFn: ({ pageParam }) =>
      answer(api.GET("/api/v1/sources/{code}/records", { params: { path, query: { cursor: pageParam } } })),
    getNextPageParam: (page) => page.next,
  });
  const rows = useMemo(() => list.data?.pages.flatMap((page) => page.rows) ?? [], [list.data]);
  const counts = list.data?.pages[0]?.counts ?? [];
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const takable = useCallback((row: RecordRow | undefined) => row?.state === "NEW" && row.problem === "", []);
  const toggle = useCallback(
    (index: number) => {
      const row = rows[index];
      if (row && takable(row)) {
        setChosen((before) => {
          const next = new Set(before);
          if (!next.delete(row.number)) {
            next.add(row.number);
          }
          return next;
        });
      }
    },
    [rows, takable],
  );
  const [at, setAt] = useCursor(rows.length, toggle);
  useMore(list, at, rows.length);
  const take = useMutation({
    mutationFn: (numbers: string[] | undefined) =>
      answer(api.POST("/api/v1/sources/{code}/take", { params: { path }, body: numbers ? { numbers } : {} })),
    onSuccess: (begun) => {
      setChosen(new Set());
      began(begun);
    },
  });
  const { mutate } = take;
  useKeys(
    useMemo(
      () => [
        {
          key: "F10",
          label: "Take in the chosen records, or all that are new",
          run: () => mutate(chosen.size > 0 ? [...chosen] : undefined),
        },
      ],
      [mutate, chosen],
    ),
  );
  if (list.isPending) {
    return <Waiting what="Its records" />;
  }
  if (list.isLoadingError) {
    return <Trouble error={list.error} again={() => void list.refetch()} />;
  }
  const others = countOf(counts, "NOT_READY");
  return (
    <section aria-label="Records" className="mt-3">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <span>
          <strong>{count(countOf(counts, "NEW"), "new record", "new records")}</strong>
          {others > 0 && <span className="quiet">, {others} not ready there yet</span>}
          {countOf(counts, "HERE") > 0 && (
            <span className="quiet">, {countOf(counts, "HERE")} here already</span>
          )}
        </span>
        {may("BRING_IN") && rows.some(takable) && (
          <span className="ml-auto flex items-center gap-2">
            <span className="quiet flex items-center gap-1">
              <Key name="Enter" /> choose
            </span>
            <button
              type="button"
              className="act bg-primary text-primary-content disabled:bg-transparent disabled:text-secondary"
              disabled={take.isPending || busy}
              onClick={() => mutate(chosen.size > 0 ? [...chosen] : undefined)}
            >
              {chosen.size > 0 ? `Take the ${chosen.size} chosen` : "Take all that are new"}{" "}
              <Key name="F10" />
            </button>
          </span>
        )}
      </div>
      {take.isError && <ProblemLine error={take.error} />}
      {rows.length === 0 ? (
        <div className="mt-2">
          <Empty>Nothing is new here. What is ready to ship there and not here yet will be listed.</Empty>
        </div>
      ) : (
        <>
          <table className="timetable mt-1">
            <thead>
              <tr>
                <th>
                  <span className="sr-only">Chosen</span>
                </th>
                <th>Record</th>
                <th>Customer</th>
                <th>Promised</th>
                <th>Status there</th>
                <th>What stops it</th>
              </tr>
            </thead>
            <tbody>
              {rows.map((row, index) => (
                <tr key={row.id} className={index === at ? "at" : ""} onClick={() => setAt(index)}>
                  <td>
                    {takable(row) && may("BRING_IN") && (
                      <input
                        type="checkbox"
                        aria-label={`Take record ${row.number}`}
                        checked={chosen.has(row.number)}
                        onChange={() => toggle(index)}
                      />
                    )}
                  </td>
                  <td className="figure font-bold">{row.number}</td>
                  <td>{row.customer}</td>
                  <td className="figure">{row.promiseDate ? day(row.promiseDate) : ""}</td>
                  <td>{row.status}</td>
                  <td>
                    <WhatStops row={row} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <More list={list} what="records" />
        </>
      )}
    </section>
  );
}

function WhatStops({ row }: { row: RecordRow }) {
  if (row.state === "CANCELLED") {
    return <span className="text-error">Cancelled there: {row.cancelled}</span>;
  }
  if (row.state === "CHANGED") {
    return (
      <span>
        It is here, and was changed there since.{" "}
        <Link to={benchOf(row.number)} className="underline">
          Look at both
        </Link>
      </span>
    );
  }
  if (row.state === "UNKNOWN_STATUS") {
    return (
      <span>
        Nobody has said yet whether “{row.status}” is ready to ship.{" "}
        <Link to="/sources/wordbook" className="underline">
          Say it
        </Link>
      </span>
    );
  }
  if (row.problem) {
    return <span className="text-error">{row.problem}</span>;
  }
  return row.remark ? (
    <span className="text-warning">{row.remark}</span>
  ) : (
    <span className="quiet">nothing</span>
  );
}

function countOf(counts: Schemas["source.CountView"][], state: string): number {
  return counts.find((each) => each.state === state)?.count ?? 0;
}
