import { OnTheirWay } from "../printing/OnTheirWay";
import { usePrint } from "../printing/usePrinting";
import { useInfiniteQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { answer, api, type Schemas } from "../api/client";
import { day, moment } from "../ui/format";
import { More } from "../ui/longList";
import { ProblemLine } from "../ui/states";

type Closed = Schemas["handover.ClosedView"];

const AT_ONCE = 20;

/** What left, when and with whom. */
export function Past({ timeZone }: { timeZone: string }) {
  const list = useInfiniteQuery({
    queryKey: ["handovers", "past"],
    initialPageParam: undefined as number | undefined,
    queryFn: ({ pageParam }) =>
      answer(api.GET("/api/v1/handovers/past", { params: { query: { cursor: pageParam, limit: AT_ONCE } } })),
    getNextPageParam: (part) => part.next,
  });
  const rows = useMemo(
    () => (list.data?.pages.flatMap((part) => part.rows) ?? []).filter((row) => row.state !== "OPEN"),
    [list.data],
  );
  if (list.isLoadingError) {
    return <ProblemLine error={list.error} />;
  }
  return rows.length === 0 ? null : (
    <section aria-label="Handed over" className="mt-5">
      <h2>Handed over</h2>
      <ClosedTable rows={rows} timeZone={timeZone} />
      <More list={list} what="handovers" />
    </section>
  );
}

export function ClosedTable({ rows, timeZone }: { rows: Closed[]; timeZone: string }) {
  return (
    <table className="timetable">
      <thead>
        <tr>
          <th>Day</th>
          <th>Carrier</th>
          <th className="text-right">Packages</th>
          <th className="text-right">Weight</th>
          <th>Closed</th>
          <th>Driver</th>
          <th>Carrier’s manifest</th>
          <th></th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.id}>
            <td>{day(row.day)}</td>
            <td>
              {row.carrier}, {row.site}
              {row.supplement > 0 && <span className="quiet">, supplement {row.supplement}</span>}
            </td>
            <td className="figure text-right">{row.packages}</td>
            <td className="figure text-right">{row.weight.text}</td>
            <td>
              {row.closedAt && <span className="figure">{moment(row.closedAt, timeZone)}</span>}{" "}
              {row.closedBy}
            </td>
            <td>
              {row.leavesBy === "DROP_OFF" && <span className="quiet">dropped off </span>}
              {row.driver}
            </td>
            <td className="figure">
              {row.state === "CLOSING" ? <span className="text-warning">asked for</span> : row.manifest}
            </td>
            <td>
              {row.paper && (
                <a href={row.paper} target="_blank" rel="noreferrer" className="underline">
                  Manifest
                </a>
              )}
              {row.paper && <PrintManifest of={`${row.carrier}, ${row.day}`} paper={row.paper} />}
              {row.masterBill && (
                <a href={row.masterBill} target="_blank" rel="noreferrer" className="ml-3 underline">
                  Master bill
                </a>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** To this desk's printer; opened where there is none for it. */
function PrintManifest({ of, paper }: { of: string; paper: string }) {
  const print = usePrint();
  return (
    <>
      <button
        type="button"
        className="act ml-3 py-0"
        aria-label={`Print the manifest of ${of}`}
        disabled={print.isPending}
        onClick={() => print.mutate({ of, papers: [paper] })}
      >
        Print
      </button>{" "}
      <OnTheirWay print={print} />
    </>
  );
}
