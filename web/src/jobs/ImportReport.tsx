import { useMemo } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { useMay } from "../signin/who";
import { count } from "../ui/format";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { TaskLine } from "../ui/TaskLine";

type Run = Schemas["orderfile.ImportView"];

interface Props {
  run: Run;
  close: () => void;
  settle: () => void;
}

/** What came of a file: how far it is, how many went in, and each cell that could not be read. */
export function ImportReport({ run, close, settle }: Props) {
  const may = useMay();
  useKeys(useMemo(() => [{ key: "Escape", label: "Close the report", run: close }], [close]));
  return (
    <section aria-label="What came of the file" className="mt-3 border-y-2 border-base-content py-2">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1 px-3">
        <strong className="figure">{run.fileName}</strong>
        <Outcome run={run} />
        <span className="quiet">{readAs(run)}</span>
        <span className="ml-auto flex gap-2">
          {run.kept && may("BRING_IN") && (
            <a className="act" href={`/api/v1/imports/${run.id}/left-out`} download>
              What stayed out, as CSV
            </a>
          )}
          {run.faults.length > 0 && run.state === "DONE" && !run.settled && may("BRING_IN") && (
            <button type="button" className="act" onClick={settle}>
              Done with these
            </button>
          )}
          <button type="button" className="act" onClick={close}>
            Close <Key name="Escape" />
          </button>
        </span>
      </div>
      {run.task && run.state === "READING" && (
        <div className="px-3 pt-2">
          <TaskLine task={run.task} what="Reading" mayStop={may("BRING_IN")} />
        </div>
      )}
      {run.unused.length > 0 && (
        <p className="quiet px-3 pt-1">
          Not read: {run.unused.join(", ")}. A layout of your own could take{" "}
          {run.unused.length > 1 ? "them" : "it"}.
        </p>
      )}
      {run.faults.length > 0 && <Faults faults={run.faults} />}
      {run.faultsInAll > run.faults.length && (
        <p className="quiet px-3 pt-2">
          The first {run.faults.length} of {count(run.faultsInAll, "fault", "faults")}; all of them are in the
          CSV of what stayed out.
        </p>
      )}
    </section>
  );
}

function readAs(run: Run): string {
  return run.layout ? `read as “${run.layout}”` + (run.format ? `, ${run.format}` : "") : run.format;
}

function Outcome({ run }: { run: Run }) {
  if (run.state === "NEEDS_LAYOUT") {
    return (
      <span>
        Nobody has said yet how it is read. <Link to={`/jobs/files/${run.id}`}>Say it</Link>
      </span>
    );
  }
  return (
    <span>
      <strong className="text-primary">{run.taken} went in</strong>, {run.recognized} were here already,{" "}
      <strong className={run.leftOut > 0 ? "text-error" : ""}>{run.leftOut} left out</strong>
    </span>
  );
}

/** Cells that could not be read. */
export function Faults({ faults }: { faults: Run["faults"] }) {
  return (
    <table className="timetable mt-2">
      <caption className="sr-only">{count(faults.length, "faulty cell", "faulty cells")}</caption>
      <thead>
        <tr>
          <th>Row</th>
          <th>Column</th>
          <th>Job</th>
          <th>What stands there</th>
          <th>Reason</th>
          <th>Remedy</th>
        </tr>
      </thead>
      <tbody>
        {faults.map((fault, index) => (
          <tr key={index}>
            <td className="figure">{fault.row}</td>
            <td>{fault.column}</td>
            <td className="figure">{fault.orderNumber || "none"}</td>
            <td className="figure">“{fault.value}”</td>
            <td className="text-error">{fault.reason}</td>
            <td>{fault.remedy}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
