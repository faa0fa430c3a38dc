import { useEffect, useRef } from "react";
import type { Column, JobRow } from "./columns";

interface Props {
  rows: JobRow[];
  columns: Column[];
  /** As the address says it: a column, with a minus from its end. */
  sort: string;
  sortBy: (column: string) => void;
  at: number;
  setAt: (index: number) => void;
  open: (index: number) => void;
}

/** Work orders in the order that is chosen. */
export function JobTable({ rows, columns, sort, sortBy, at, setAt, open }: Props) {
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
