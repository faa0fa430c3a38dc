import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { useMay } from "../signin/who";
import { Empty, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { NewTarget } from "./NewTarget";
import { PlanForm } from "./PlanForm";
import { Preview } from "./Preview";
import { TargetLimits } from "./TargetLimits";
import { WriteBackTabs } from "./WriteBackTabs";
import { type TargetView, useWriteBackAct, useWriteBacks, type WriteBacksView } from "./writeBackData";

const NEW = "";

/** Which system is told what of a shipment, and when. */
export function WriteBacks() {
  useTitle("Write-backs");
  const all = useWriteBacks();
  if (all.isPending) {
    return <Waiting what="The write-backs" />;
  }
  if (all.isLoadingError) {
    return <Trouble error={all.error} again={() => void all.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <WriteBackTabs />
      <Both view={all.data} />
    </div>
  );
}

function Both({ view }: { view: WriteBacksView }) {
  const may = useMay();
  const [chosen, setChosen] = useState<string | undefined>(view.targets[0]?.code);
  const [kept, setKept] = useState<string>();
  const shown = view.targets.find((each) => each.code === chosen);
  return (
    <div className="mt-3 grid gap-x-8 gap-y-5 lg:grid-cols-[17rem_minmax(0,1fr)]">
      <div className="space-y-4">
        {view.targets.length === 0 && (
          <Empty>
            No system is told yet what becomes of its jobs. One that keeps records is connected here.
          </Empty>
        )}
        <ul className="space-y-3">
          {view.targets.map((each) => (
            <li key={each.code} className={each.code === chosen ? "border-l-4 border-primary pl-3" : "pl-4"}>
              <button
                type="button"
                className="link text-left font-bold"
                aria-pressed={each.code === chosen}
                onClick={() => {
                  setKept(undefined);
                  setChosen(each.code);
                }}
              >
                {each.name}
              </button>
              <span className="quiet block">{each.system}</span>
              {!each.entry.active && <span className="block text-warning">told nothing new</span>}
              {each.limits.paused && <span className="block text-warning">switched off</span>}
            </li>
          ))}
        </ul>
        {may("SET_UP") && (
          <button type="button" className="act" onClick={() => setChosen(NEW)}>
            Another system
          </button>
        )}
        {view.books && (
          <section aria-label={view.books.name}>
            <h2>{view.books.name}</h2>
            <p className="quiet">Freight lines and journal entries; what they say follows the shipment.</p>
            <TargetLimits target={view.books} />
          </section>
        )}
      </div>
      {shown && (
        <Target
          key={shown.code + shown.entry.version}
          view={view}
          target={shown}
          kept={kept === shown.code}
          keep={setKept}
        />
      )}
      {chosen === NEW && (
        <NewTarget
          view={view}
          done={(after) => {
            const known = new Set(view.targets.map((each) => each.code));
            setChosen(after.targets.find((each) => !known.has(each.code))?.code);
          }}
        />
      )}
    </div>
  );
}

interface TargetProps {
  view: WriteBacksView;
  target: TargetView;
  /** Whether it was kept just now, as it is shown. */
  kept: boolean;
  keep: (code: string) => void;
}

function Target({ view, target, kept, keep: markKept }: TargetProps) {
  const [active, setActive] = useState(target.entry.active);
  const keep = useWriteBackAct((body: Schemas["writeback.TargetEntry"]) =>
    answer(api.PUT("/api/v1/write-backs/{code}", { params: { path: { code: target.code } }, body })),
  );
  return (
    <PlanForm
      view={view}
      title={target.name}
      first={target.entry.plan}
      takesStatements={target.takesStatements}
      head={
        <div className="flex flex-wrap items-start gap-x-10 gap-y-2">
          <TargetLimits target={target} />
          <label className="flex items-center gap-2">
            <input type="checkbox" checked={active} onChange={(event) => setActive(event.target.checked)} />
            It is told of what becomes of jobs from now on
          </label>
        </div>
      }
      act={{
        name: "Keep it",
        busy: keep.isPending,
        error: keep.error,
        done: kept,
        run: (plan) =>
          keep.mutate(
            { version: target.entry.version, active, plan },
            { onSuccess: () => markKept(target.code) },
          ),
      }}
      tried={(plan) => <Preview code={target.code} plan={plan} />}
    />
  );
}
