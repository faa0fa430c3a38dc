import { useInfiniteQuery } from "@tanstack/react-query";
import { useCallback, useMemo } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api } from "../api/client";
import { moment } from "../ui/format";
import { Key } from "../ui/Key";
import { More } from "../ui/longList";
import { Empty, Trouble, Waiting } from "../ui/states";
import { useCursor } from "../ui/useCursor";
import { useTitle } from "../ui/useTitle";
import { runOf } from "./useRun";

/** All runs there were. */
export function Runs({ timeZone }: { timeZone: string }) {
  useTitle("Runs");
  const navigate = useNavigate();
  const list = useInfiniteQuery({
    queryKey: ["runs"],
    initialPageParam: undefined as number | undefined,
    queryFn: ({ pageParam }) => answer(api.GET("/api/v1/runs", { params: { query: { cursor: pageParam } } })),
    getNextPageParam: (part) => part.next,
  });
  const rows = useMemo(() => list.data?.pages.flatMap((part) => part.rows) ?? [], [list.data]);
  const open = useCallback(
    (index: number) => {
      const row = rows[index];
      if (row) {
        void navigate(runOf(row.id));
      }
    },
    [rows, navigate],
  );
  const [at, setAt] = useCursor(rows.length, open);
  if (list.isPending) {
    return <Waiting what="The runs" />;
  }
  if (list.isLoadingError) {
    return <Trouble error={list.error} again={() => void list.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <div className="flex items-center gap-5">
        <h1>Runs</h1>
        <Link to="/jobs" className="act py-0 text-sm">
          Jobs
        </Link>
        <span className="quiet ml-auto flex items-center gap-1">
          <Key name="↑" /> <Key name="↓" /> choose <Key name="Enter" /> open
        </span>
      </div>
      {rows.length === 0 ? (
        <Empty>
          Choose jobs on Jobs with Space, then press R: they are shipped as one run, and what came of each
          stays here.
        </Empty>
      ) : (
        <table className="timetable mt-2">
          <thead>
            <tr>
              <th>Run</th>
              <th>Made</th>
              <th className="text-right">Jobs</th>
              <th className="text-right">Shipped</th>
              <th className="text-right">Failed</th>
              <th></th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row, index) => (
              <tr key={row.id} className={index === at ? "at" : ""} onMouseDown={() => setAt(index)}>
                <td>
                  <Link to={runOf(row.id)} className="figure font-bold underline-offset-2 hover:underline">
                    {row.id}
                  </Link>
                </td>
                <td>
                  <span className="figure">{moment(row.madeAt, timeZone)}</span> by {row.madeBy}
                </td>
                <td className="figure text-right">{row.jobs}</td>
                <td className="figure text-right">{row.shipped}</td>
                <td className={"figure text-right " + (row.failed > 0 ? "text-error" : "")}>{row.failed}</td>
                <td>{row.underWay && <span className="text-warning">under way</span>}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <More list={list} what="runs" />
    </div>
  );
}
