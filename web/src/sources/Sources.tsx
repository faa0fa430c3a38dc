import { useQuery } from "@tanstack/react-query";
import { useCallback, useState } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { useMay } from "../signin/who";
import { count, moment } from "../ui/format";
import { Key } from "../ui/Key";
import { Empty, Trouble, Waiting } from "../ui/states";
import { useCursor } from "../ui/useCursor";
import { useTitle } from "../ui/useTitle";
import { ConnectForm } from "./ConnectForm";
import { Layouts } from "./Layouts";

export type Source = Schemas["source.SourceView"];

/** Where work orders come from, and how their records are read. */
export function Sources({ timeZone }: { timeZone: string }) {
  useTitle("Sources");
  const may = useMay();
  const [connecting, setConnecting] = useState(false);
  const sources = useQuery({ queryKey: ["sources"], queryFn: () => answer(api.GET("/api/v1/sources")) });
  if (sources.isPending) {
    return <Waiting what="The sources" />;
  }
  if (sources.isLoadingError) {
    return <Trouble error={sources.error} again={() => void sources.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <h1>Sources</h1>
        <span className="quiet flex items-center gap-1">
          <Key name="↑" /> <Key name="↓" /> choose <Key name="Enter" /> open
        </span>
        <span className="ml-auto flex gap-2">
          <Link to="/sources/wordbook" className="act">
            Wordbook
          </Link>
          {may("SET_UP") && (
            <button type="button" className="act" onClick={() => setConnecting(true)}>
              Connect a system
            </button>
          )}
        </span>
      </div>
      {connecting && <ConnectForm kinds={sources.data.kinds} close={() => setConnecting(false)} />}
      {sources.data.rows.length === 0 ? (
        <div className="mt-3">
          <Empty>Record systems will appear here once they are connected. Files are dropped on Jobs.</Empty>
        </div>
      ) : (
        <SourceTable rows={sources.data.rows} timeZone={timeZone} />
      )}
      {sources.data.watchedFolder && (
        <p className="mt-3">
          Files put into <span className="figure">{sources.data.watchedFolder}</span> come in by themselves;
          each is then moved to done or refused there, with a report beside it.
        </p>
      )}
      <Layouts />
    </div>
  );
}

function SourceTable({ rows, timeZone }: { rows: Source[]; timeZone: string }) {
  const navigate = useNavigate();
  const open = useCallback(
    (index: number) => void navigate(`/sources/${rows[index]?.code ?? ""}`),
    [navigate, rows],
  );
  const [at, setAt] = useCursor(rows.length, open);
  return (
    <table className="timetable mt-2">
      <thead>
        <tr>
          <th>Source</th>
          <th>Kind</th>
          <th>Asked</th>
          <th>Last</th>
          <th>What came of it</th>
          <th>Waiting here</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row, index) => (
          <tr
            key={row.code}
            className={index === at ? "at" : ""}
            onClick={() => setAt(index)}
            onDoubleClick={() => open(index)}
          >
            <td>
              <Link to={`/sources/${row.code}`} className="font-bold">
                {row.name}
              </Link>
              <span className="figure quiet block">{row.address}</span>
            </td>
            <td>{row.kind}</td>
            <td>
              {row.everyMinutes === 0 ? "by hand" : `every ${row.everyMinutes} min`}
              {row.next && <span className="quiet block">next {moment(row.next, timeZone)}</span>}
            </td>
            <td className="figure">{row.last ? moment(row.last, timeZone) : "never"}</td>
            <td className={row.failed ? "text-error" : ""}>{row.said}</td>
            <td>
              <Waits row={row} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Waits({ row }: { row: Source }) {
  const parts = [
    row.isRead ? "" : "nobody has said how it is read",
    row.fresh > 0 ? count(row.fresh, "new record", "new records") : "",
    row.changed > 0 ? `${row.changed} changed since` : "",
    row.unknownStatus > 0 ? `${row.unknownStatus} with an unknown status` : "",
  ].filter((part) => part !== "");
  return parts.length > 0 ? <>{parts.join(", ")}</> : <span className="quiet">nothing</span>;
}
