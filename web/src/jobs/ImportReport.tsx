import { useMemo } from "react";
import type { Schemas } from "../api/client";
import { useMay } from "../signin/who";
import { count } from "../ui/format";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";

/** What came of a file: how many went in, and each cell that could not be read. */
export function ImportReport({
  run,
  close,
  settle,
}: {
  run: Schemas["source.ImportView"];
  close: () => void;
  settle: () => void;
}) {
  const may = useMay();
  useKeys(useMemo(() => [{ key: "Escape", label: "Close the report", run: close }], [close]));
  return (
    <section aria-label="What came of the file" className="mt-3 border-y-2 border-base-content py-2">
      <div className="flex items-baseline gap-5 px-3">
        <strong className="figure">{run.fileName}</strong>
        <span>
          <strong className="text-primary">{run.taken} went in</strong>, {run.recognized} were here already,{" "}
          <strong className={run.leftOut > 0 ? "text-error" : ""}>{run.leftOut} left out</strong>
        </span>
        <span className="quiet">read as “{run.layout}”</span>
        {run.faults.length > 0 && !run.settled && may("BRING_IN") && (
          <button type="button" className="act ml-auto" onClick={settle}>
            Done with these
          </button>
        )}
        <button type="button" className={"act" + (run.faults.length > 0 ? "" : " ml-auto")} onClick={close}>
          Close <Key name="Escape" />
        </button>
      </div>
      {run.faults.length > 0 && (
        <table className="timetable mt-2">
          <caption className="sr-only">{count(run.faults.length, "faulty cell", "faulty cells")}</caption>
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
            {run.faults.map((fault, index) => (
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
      )}
      {run.faultsInAll > run.faults.length && (
        <p className="quiet px-3 pt-2">
          The first {run.faults.length} of {count(run.faultsInAll, "fault", "faults")}; correct these, and
          drop the file again to see the others.
        </p>
      )}
    </section>
  );
}
