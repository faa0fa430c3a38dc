import type { ReactNode } from "react";
import type { Schemas } from "../api/client";
import { Link } from "react-router";
import { count, day } from "../ui/format";
import { JobLink } from "../ui/JobLink";
import { statusWord, TERMS } from "./listWords";

export type JobRow = Schemas["workorder.JobRow"];

export interface Column {
  /** As the address names it, and the server sorts by it. */
  key: string;
  label: string;
  figure?: boolean;
  /** Stands at the right, as figures do that are compared. */
  right?: boolean;
  cell: (row: JobRow) => ReactNode;
}

const COLUMNS: Column[] = [
  { key: "number", label: "Job", figure: true, cell: (row) => <JobLink job={row.number} /> },
  { key: "customer", label: "Customer", cell: (row) => row.customer },
  {
    key: "ship-to",
    label: "Ship to",
    cell: (row) => (
      <>
        {row.shipTo}
        {row.goingThereToo > 0 && (
          <Link
            to={`/jobs?same-place=${encodeURIComponent(row.number)}&status=READY&status=ON_BENCH`}
            className="quiet block text-sm underline decoration-base-300"
          >
            {count(row.goingThereToo, "more job goes", "more jobs go")} there
          </Link>
        )}
      </>
    ),
  },
  { key: "city", label: "City", cell: (row) => row.city },
  {
    key: "promised",
    label: "Promised",
    figure: true,
    cell: (row) => (row.promiseDate ? day(row.promiseDate) : ""),
  },
  {
    key: "service",
    label: "Requested",
    cell: (row) => row.requestedService || <span className="quiet">nothing</span>,
  },
  {
    key: "terms",
    label: "Terms",
    cell: (row) => TERMS.find((each) => each.value === row.terms)?.word ?? row.terms,
  },
  { key: "lines", label: "Lines", figure: true, right: true, cell: (row) => row.lines },
  { key: "pieces", label: "Pieces", figure: true, right: true, cell: (row) => row.pieces },
  {
    key: "weight",
    label: "Weight",
    figure: true,
    right: true,
    cell: (row) => row.weight?.text ?? <span className="quiet">not known</span>,
  },
  {
    key: "value",
    label: "Value",
    figure: true,
    right: true,
    cell: (row) =>
      row.value ? (
        <>
          {row.value.amount} <span className="quiet">{row.value.currency}</span>
        </>
      ) : (
        <span className="quiet">not known</span>
      ),
  },
  { key: "source", label: "Source", cell: (row) => row.source },
  { key: "batch", label: "Batch", cell: (row) => row.batch },
  { key: "site", label: "Leaves from", cell: (row) => row.site || <span className="quiet">usual site</span> },
  {
    key: "status",
    label: "Status",
    cell: (row) => (
      <span
        className={row.status === "SHIPPED" ? "text-primary" : row.status === "ON_BENCH" ? "font-bold" : ""}
      >
        {statusWord(row.status)}
        {row.held && row.status !== "SHIPPED" && <strong className="text-warning"> on hold</strong>}
        {row.jobStatus && <span className="quiet block text-sm font-normal">{row.jobStatus}</span>}
      </span>
    ),
  },
];

const USUAL = ["number", "customer", "ship-to", "city", "promised", "service", "pieces", "weight", "status"];

/** Those that the address names, in its order; else the usual ones. */
export function chosenColumns(filter: URLSearchParams): Column[] {
  const named = (filter.get("columns") ?? "").split(",").filter((each) => each !== "");
  const chosen = named.flatMap((key) => COLUMNS.filter((each) => each.key === key));
  return chosen.length > 0 ? chosen : USUAL.flatMap((key) => COLUMNS.filter((each) => each.key === key));
}

/** The same address with other columns. */
export function withColumns(filter: URLSearchParams, keys: string[]): URLSearchParams {
  const next = new URLSearchParams(filter);
  if (keys.length === 0 || keys.join() === USUAL.join()) {
    next.delete("columns");
  } else {
    next.set("columns", keys.join());
  }
  return next;
}

export const ALL_COLUMNS: readonly Column[] = COLUMNS;
