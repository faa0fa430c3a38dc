import { useCallback, useMemo, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { moment } from "../ui/format";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { PrepaidLine } from "../prepaid/PrepaidLine";
import { ForChosen } from "./ForChosen";
import { RunFoot } from "./RunFoot";
import { RunTable } from "./RunTable";
import { isOpen, type Run, useRun, useRunActs } from "./useRun";

/** What would happen to each job of a run, row by row; then it goes, and what came of each stands there. */
export function RunPage({ timeZone }: { timeZone: string }) {
  const [words] = useSearchParams();
  const id = Number(words.get("run") ?? 0);
  useTitle(`Run ${id}`);
  const run = useRun(id);
  if (run.isPending) {
    return <Waiting what="The run" />;
  }
  if (run.isLoadingError) {
    return <Trouble error={run.error} again={() => void run.refetch()} />;
  }
  return <Whole key={id} run={run.data} timeZone={timeZone} />;
}

function Whole({ run, timeZone }: { run: Run; timeZone: string }) {
  const act = useRunActs(run.id);
  const { mutate } = act;
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const open = useMemo(() => run.rows.filter(isOpen).map((row) => row.job), [run.rows]);
  const chosen = useMemo(() => open.filter((job) => !left.has(job)), [open, left]);
  const toggle = useCallback(
    (job: string) =>
      setLeft((before) => {
        const next = new Set(before);
        if (!next.delete(job)) {
          next.add(job);
        }
        return next;
      }),
    [],
  );
  const allOrNone = useCallback(
    () => setLeft((before) => (before.size === 0 ? new Set(open) : new Set())),
    [open],
  );
  useKeys(
    useMemo(() => [{ key: "Alt+c", label: "Choose all or none", group: "Run", run: allOrNone }], [allOrNone]),
  );
  const mayChange = run.mayAct && !run.doing && !act.isPending;
  return (
    <div className="flex min-h-full flex-col px-5 pt-3">
      <div className="flex items-baseline gap-4">
        <h1>Run {run.id}</h1>
        <p className="quiet">
          {run.madeBy}, <span className="figure">{moment(run.madeAt, timeZone)}</span>
          {run.startedBy && run.startedAt && (
            <>
              ; started by {run.startedBy}, <span className="figure">{moment(run.startedAt, timeZone)}</span>
            </>
          )}
        </p>
        <Link to="/jobs/runs" className="act ml-auto py-0 text-sm">
          All runs
        </Link>
      </div>
      <Progress run={run} busy={act.isPending} pause={() => mutate((all) => all.pause())} />
      {act.isError && <ProblemLine error={act.error} />}
      {run.mayAct && open.length > 0 && (
        <ForChosen
          cartons={run.cartons}
          models={run.rows.filter((row) => row.packages > 0).map((row) => row.job)}
          sites={run.sites}
          count={chosen.length}
          of={open.length}
          choices={choicesOf(run)}
          disabled={!mayChange || chosen.length === 0}
          allOrNone={allOrNone}
          change={(change) => mutate((all) => all.change(chosen, change))}
          lookAgain={() => mutate((all) => all.lookAgain(chosen))}
          takeOut={() => mutate((all) => all.takeOut(chosen))}
        />
      )}
      {run.prepaid.map((account) => (
        <div key={account.carrierCode} className="my-2">
          <PrepaidLine
            account={account}
            currency={run.currency}
            timeZone={timeZone}
            mayPayIn={run.mayAct && run.seesCharge}
            looksAgain={["run", run.id]}
          />
        </div>
      ))}
      <RunTable
        run={run}
        chosen={chosen}
        toggle={toggle}
        disabled={!mayChange}
        change={(job, change) => mutate((all) => all.change([job], change))}
      />
      <RunFoot run={run} busy={act.isPending} start={() => mutate((all) => all.start())} />
    </div>
  );
}

/** Every service that any of its jobs could go by. */
function choicesOf(run: Run): { code: string; name: string }[] {
  const names = new Map(run.rows.flatMap((row) => row.choices.map((each) => [each.code, each.name])));
  return [...names].map(([code, name]) => ({ code, name })).sort((a, b) => a.name.localeCompare(b.name));
}

/** How far it is. It goes on without this page. */
function Progress({ run, busy, pause }: { run: Run; busy: boolean; pause: () => void }) {
  const doing = run.doing;
  useKeys(
    useMemo(
      () =>
        doing?.shipping && !doing.stopping
          ? [{ key: "Alt+s", label: "Pause after the present jobs", group: "Run", run: pause }]
          : [],
      [doing, pause],
    ),
  );
  if (!doing) {
    return busy ? (
      <p role="status" className="quiet">
        One moment …
      </p>
    ) : null;
  }
  const share = doing.total === 0 ? 0 : Math.round((100 * doing.done) / doing.total);
  return (
    <div role="status" className="my-1 flex items-center gap-3">
      <strong>{doing.shipping ? "Shipping" : "Looking at each job"}</strong>
      <div className="h-3 w-64 border border-base-content" aria-hidden="true">
        <div className="h-full bg-primary" style={{ width: `${share}%` }} />
      </div>
      <span>
        <span className="figure">{doing.done}</span> of <span className="figure">{doing.total}</span>
        {doing.timeLeft && doing.done < doing.total && (
          <span className="quiet">, about {doing.timeLeft} left</span>
        )}
      </span>
      {doing.shipping && run.mayAct && (
        <button type="button" className="act py-0" disabled={doing.stopping || busy} onClick={pause}>
          {doing.stopping ? "Stops after the present ones …" : "Pause"} <Key name="Alt+S" />
        </button>
      )}
      <span className="quiet">It goes on when you leave this page.</span>
    </div>
  );
}
