import { useEffect, useRef } from "react";
import type { Schemas } from "../api/client";
import { day } from "../ui/format";
import { JobLink } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { statusWord } from "./Filters";

interface Props {
  rows: Schemas["workorder.JobRow"][];
  at: number;
  setAt: (index: number) => void;
  open: (index: number) => void;
}

/** Work orders, the newest first. */
export function JobTable({ rows, at, setAt, open }: Props) {
  const current = useRef<HTMLTableRowElement>(null);
  useEffect(() => {
    // It answers with a promise, which is no cleaning up.
    void current.current?.scrollIntoView({ block: "nearest" });
  }, [at]);
  return (
    <table className="timetable mt-2">
      <caption className="quiet pb-1 text-right">
        <Key name="↑" /> <Key name="↓" /> choose <Key name="Enter" /> to the bench
      </caption>
      <thead>
        <tr>
          <th>Job</th>
          <th>Customer</th>
          <th>Ship to</th>
          <th>Promised</th>
          <th>Requested</th>
          <th className="!text-right">Lines</th>
          <th className="!text-right">Pieces</th>
          <th className="!text-right">Weight</th>
          <th>Status</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row, index) => (
          <tr
            key={row.number}
            ref={index === at ? current : undefined}
            className={index === at ? "at" : ""}
            onClick={() => setAt(index)}
            onDoubleClick={() => open(index)}
          >
            <td className="figure">
              <JobLink job={row.number} />
            </td>
            <td>{row.customer}</td>
            <td>
              {row.shipTo !== row.customer && <span>{row.shipTo}, </span>}
              {row.city}
            </td>
            <td className="figure">{row.promiseDate ? day(row.promiseDate) : ""}</td>
            <td>{row.requestedService || <span className="quiet">nothing</span>}</td>
            <td className="figure text-right">{row.lines}</td>
            <td className="figure text-right">{row.pieces}</td>
            <td className="figure text-right">{row.weight?.text ?? "not known"}</td>
            <td
              className={
                row.status === "SHIPPED" ? "text-primary" : row.status === "ON_BENCH" ? "font-bold" : ""
              }
            >
              {statusWord(row.status)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
