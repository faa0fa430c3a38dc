import { useEffect, useRef } from "react";
import type { Column, JobRow } from "./columns";
import type { Chosen } from "./useChosen";

interface Props {
  rows: JobRow[];
  columns: Column[];
  /** As the address says it: a column, with a minus from its end. */
  sort: string;
  sortBy: (column: string) => void;
  at: number;
  setAt: (index: number) => void;
  open: (index: number) => void;
  chosen: Chosen;
}

/** Work orders in the order that is chosen. */
export function JobTable({ rows, columns, sort, sortBy, at, setAt, open, chosen }: Props) {
  const current = useRef<HTMLTableRowElement>(null);
  useEffect(() => {
    // It answers with a promise, which is no cleaning up.
    void current.current?.scrollIntoView({ block: "nearest" });
  }, [at]);
  return (
    <table className="timetable mt-2">
      <caption className="sr-only">Jobs</caption>
      <thead>
        <tr>
          <th>
            <span className="sr-only">Chosen</span>
          </th>
          {columns.map((each) => (
            <Heading key={each.key} column={each} sort={sort} sortBy={sortBy} />
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, index) => (
          <tr
            key={row.id}
            ref={index === at ? current : undefined}
            className={index === at ? "at" : ""}
            onClick={() => setAt(index)}
            onDoubleClick={() => open(index)}
          >
            <td>
              <input
                type="checkbox"
                tabIndex={-1}
                aria-label={`Choose job ${row.number}`}
                checked={chosen.rows.has(row.number)}
                onClick={(event) => (event.shiftKey ? chosen.range(rows, index) : chosen.toggle(row))}
                onChange={() => undefined}
              />
            </td>
            {columns.map((each) => (
              <td
                key={each.key}
                className={(each.figure ? "figure " : "") + (each.right ? "text-right" : "")}
              >
                {each.cell(row)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Heading({ column, sort, sortBy }: { column: Column } & Pick<Props, "sort" | "sortBy">) {
  const up = sort === column.key;
  const down = sort === "-" + column.key;
  return (
    <th
      className={column.right ? "!text-right" : ""}
      aria-sort={up ? "ascending" : down ? "descending" : "none"}
    >
      <button type="button" className={up || down ? "font-bold" : ""} onClick={() => sortBy(column.key)}>
        {column.label}
        {up && <span aria-hidden> ↑</span>}
        {down && <span aria-hidden> ↓</span>}
      </button>
    </th>
  );
}
