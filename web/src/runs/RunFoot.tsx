import { useCallback, useMemo } from "react";
import { OnTheirWay } from "../printing/OnTheirWay";
import { usePrintRun } from "../printing/usePrinting";
import { count } from "../ui/format";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import type { Run } from "./useRun";

/** What it comes to, and the one button. */
export function RunFoot({ run, busy, start }: { run: Run; busy: boolean; start: () => void }) {
  const { totals } = run;
  const mayStart = run.mayAct && !run.doing && !busy && totals.ready > 0;
  const go = useCallback(() => {
    if (mayStart) {
      start();
    }
  }, [mayStart, start]);
  const printing = usePrintRun(run.id);
  const { mutate: print } = printing;
  useKeys(
    useMemo(
      () => [
        { key: "F10", label: "Ship what is ready", group: "Run", run: go },
        ...(totals.shipped > 0
          ? [{ key: "F7", label: "Print its papers", group: "Run", run: () => print(undefined) }]
          : []),
      ],
      [go, print, totals.shipped],
    ),
  );
  const failed = totals.failed + totals.asked;
  return (
    <div className="sticky bottom-0 -mx-5 mt-auto flex items-center gap-6 border-t-2 border-base-content bg-base-100 px-5 py-2">
      <p role="status" className="min-w-0">
        {count(totals.ready, "job", "jobs")} ready
        {totals.shipped > 0 && <strong className="text-primary">, {totals.shipped} shipped</strong>}
        {totals.stopped > 0 && <span className="text-warning">, {totals.stopped} stopped</span>}
        {totals.asked > 0 && <span className="text-warning">, {totals.asked} asked</span>}
        {totals.failed > 0 && <strong className="text-error">, {totals.failed} failed</strong>}
        {totals.packages > 0 && (
          <span className="block">
            <span className="figure">{count(totals.packages, "package", "packages")}</span>,{" "}
            <span className="figure">{totals.weight.text}</span>; it costs us{" "}
            <strong className="figure">{totals.cost.amount}</strong>
            {totals.charge && (
              <>
                , customers pay <strong className="figure">{totals.charge.amount}</strong>
              </>
            )}{" "}
            {run.currency}
          </span>
        )}
      </p>
      <span className="ml-auto flex shrink-0 items-center gap-3">
        {failed === 0 && totals.stopped > 0 && totals.ready > 0 && (
          <span className="quiet text-sm">What is stopped stays here.</span>
        )}
        {totals.shipped > 0 && (
          <>
            <OnTheirWay print={printing} />
            <a href={`/api/v1/runs/${run.id}/papers`} target="_blank" rel="noreferrer" className="underline">
              as one PDF
            </a>
            <button
              type="button"
              className="act"
              disabled={printing.isPending}
              onClick={() => print(undefined)}
            >
              Print its papers <Key name="F7" />
            </button>
          </>
        )}
        {run.mayAct && (
          <button
            type="button"
            className="btn btn-primary btn-lg gap-3 px-8 text-xl disabled:bg-base-300 disabled:text-base-content"
            disabled={!mayStart}
            onClick={go}
          >
            Ship {totals.ready} <Key name="F10" />
          </button>
        )}
      </span>
    </div>
  );
}
