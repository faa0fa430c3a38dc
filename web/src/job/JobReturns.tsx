import { useQuery } from "@tanstack/react-query";
import { useCallback, useMemo, useState } from "react";
import { Link } from "react-router";
import { answer, api } from "../api/client";
import { ReturnForm } from "../returns/ReturnForm";
import { returnOf, STATE_WORDS } from "../returns/useReturns";
import { useMay } from "../signin/who";
import { day } from "../ui/format";
import { pageOf } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { ProblemLine } from "../ui/states";
import { Replace } from "./Replace";
import type { Job } from "./useJob";

/** What comes back of it, and what replaces it. */
export function JobReturns({ job }: { job: Job }) {
  const may = useMay();
  const [doing, setDoing] = useState<"return" | "replacement">();
  const leave = useCallback(() => setDoing(undefined), []);
  const list = useQuery({
    queryKey: ["returns", "of", job.number],
    queryFn: () => answer(api.GET("/api/v1/returns/of-job", { params: { query: { job: job.number } } })),
  });
  const gone = job.shipments.filter((each) => each.state === "SHIPPED");
  const last = gone[0];
  const mayReturn = last !== undefined && may("PACK_AND_SHIP");
  const mayReplace = last !== undefined && may("BRING_IN");
  useKeys(
    useMemo(
      () => [
        ...(mayReturn ? [{ key: "r", label: "Ask for a return label", run: () => setDoing("return") }] : []),
        ...(mayReplace
          ? [{ key: "e", label: "Replace pieces of it", run: () => setDoing("replacement") }]
          : []),
      ],
      [mayReturn, mayReplace],
    ),
  );
  const rows = list.data ?? [];
  if (!last && !job.replaces && rows.length === 0) {
    return null;
  }
  return (
    <section className="mt-4" aria-label="Returns and replacements">
      <div className="flex flex-wrap items-baseline gap-3">
        <h2>Returns and replacements</h2>
        {mayReturn && !doing && (
          <button type="button" className="act py-0 text-sm" onClick={() => setDoing("return")}>
            Return <Key name="R" />
          </button>
        )}
        {mayReplace && !doing && (
          <button type="button" className="act py-0 text-sm" onClick={() => setDoing("replacement")}>
            Replace pieces <Key name="E" />
          </button>
        )}
        <Link to="/jobs/returns" className="underline">
          All returns
        </Link>
      </div>
      {job.replaces && (
        <p>
          Replaces pieces of job{" "}
          <Link to={pageOf(job.replaces.replaces)} className="figure underline">
            {job.replaces.replaces}
          </Link>
          : {job.replaces.reason}.
        </p>
      )}
      {job.replacements.map((each) => (
        <p key={each.job}>
          Replaced by job{" "}
          <Link to={pageOf(each.job)} className="figure underline">
            {each.job}
          </Link>
          : {each.reason}.
        </p>
      ))}
      {list.isError && <ProblemLine error={list.error} />}
      {rows.map((row) => (
        <p key={row.id} className="flex flex-wrap gap-x-3">
          <Link to={returnOf(row.id)} className="underline">
            {row.lines.map((line) => `${line.quantity} × ${line.item}`).join(", ")}
          </Link>
          <span>{row.reasonWords}</span>
          <strong className={row.overdue ? "text-error" : ""}>
            {row.overdue ? "overdue" : STATE_WORDS[row.state]}
          </strong>
          {row.came ? <span>{row.came}</span> : <span className="quiet">due {day(row.due)}</span>}
          {row.papers.map((paper) => (
            <a key={paper} href={paper} target="_blank" rel="noreferrer" className="underline">
              Return label
            </a>
          ))}
        </p>
      ))}
      {doing === "return" && last && <ReturnForm shipments={gone} leave={leave} />}
      {doing === "replacement" && <Replace job={job} leave={leave} />}
    </section>
  );
}
