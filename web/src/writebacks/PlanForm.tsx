import { type ReactNode, useRef, useState } from "react";
import { useMay } from "../signin/who";
import { Labeled } from "../ui/Labeled";
import { ProblemLine } from "../ui/states";
import { FactList } from "./FactList";
import { FieldTable } from "./FieldTable";
import { Statements } from "./Statements";
import { WordTable } from "./WordTable";
import type { Plan, WriteBacksView } from "./writeBackData";

interface Props {
  view: WriteBacksView;
  title: string;
  first: Plan;
  takesStatements: boolean;
  /** What stands above the plan. */
  head: ReactNode;
  act: { name: string; busy: boolean; error: unknown; done: boolean; run: (plan: Plan) => void };
  /** What is tried with the plan as it is typed. */
  tried: (plan: Plan) => ReactNode;
}

/** What one system is told, and when. */
export function PlanForm({ view, title, first, takesStatements, head, act, tried }: Props) {
  const may = useMay();
  const [plan, setPlan] = useState(first);
  const lastInput = useRef<HTMLInputElement | null>(null);
  const change = (part: Partial<Plan>) => setPlan((now) => ({ ...now, ...part }));
  const writeIn = (input: HTMLInputElement) => {
    lastInput.current = input;
  };
  return (
    <div className="grid min-w-0 gap-x-10 gap-y-4 2xl:grid-cols-2">
      <form
        aria-label={title}
        className="min-w-0 space-y-4"
        onSubmit={(event) => {
          event.preventDefault();
          act.run(plan);
        }}
      >
        <h2>{title}</h2>
        <fieldset disabled={!may("SET_UP")} className="min-w-0 space-y-4">
          {head}
          <When view={view} plan={plan} change={change} />
          <Labeled text="Number of the job there (a job for which it is empty is not told)">
            <input
              className="entry figure max-w-md"
              maxLength={2000}
              value={plan.number}
              onFocus={(event) => writeIn(event.currentTarget)}
              onChange={(event) => change({ number: event.target.value })}
            />
          </Labeled>
          <FieldTable
            title="Field of the job"
            example="{tracking}"
            fields={plan.fields}
            change={(fields) => change({ fields })}
            writeIn={writeIn}
          />
          <FieldTable
            title="Field of each package"
            example="{package tracking}"
            fields={plan.packageFields}
            change={(packageFields) => change({ packageFields })}
            writeIn={writeIn}
          />
          <FieldTable
            title="Field of each line"
            example="{shipped now}"
            fields={plan.lineFields}
            change={(lineFields) => change({ lineFields })}
            writeIn={writeIn}
          />
          {takesStatements && <Statements plan={plan} change={change} />}
          <WordTable words={plan.words} change={(words) => change({ words })} />
          <FactList facts={view.facts} choose={(text) => insert(lastInput.current, text)} />
        </fieldset>
        {may("SET_UP") ? (
          <div className="flex items-center gap-4">
            <button type="submit" className="act" disabled={act.busy}>
              {act.busy ? "Keeping …" : act.name}
            </button>
            {act.done && <span className="text-primary">✓ Kept.</span>}
          </div>
        ) : (
          <p className="quiet">An administrator changes it.</p>
        )}
        {act.error !== null && <ProblemLine error={act.error} />}
      </form>
      {tried(plan)}
    </div>
  );
}

/** Puts a text where the cursor stands, as if it were typed. */
function insert(input: HTMLInputElement | null, text: string) {
  if (input) {
    input.focus();
    const at = input.selectionStart ?? input.value.length;
    const value = input.value.slice(0, at) + text + input.value.slice(input.selectionEnd ?? at);
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set?.call(input, value);
    input.dispatchEvent(new Event("input", { bubbles: true }));
    input.setSelectionRange(at + text.length, at + text.length);
  }
}

interface WhenProps {
  view: WriteBacksView;
  plan: Plan;
  change: (part: Partial<Plan>) => void;
}

function When({ view, plan, change }: WhenProps) {
  const toggled = <T extends string>(all: T[], one: T) =>
    all.includes(one) ? all.filter((each) => each !== one) : [...all, one];
  return (
    <div className="grid gap-x-8 gap-y-2 md:grid-cols-2">
      <fieldset>
        <legend className="font-bold">By itself when</legend>
        <div className="flex flex-wrap gap-x-4 gap-y-1">
          {view.moments.map((each) => (
            <label key={each.value} className="flex items-center gap-2">
              <input
                type="checkbox"
                checked={plan.moments.includes(each.value as Plan["moments"][number])}
                onChange={() =>
                  change({ moments: toggled(plan.moments, each.value as Plan["moments"][number]) })
                }
              />
              {each.words}
            </label>
          ))}
        </div>
        <p className="quiet">Of a void it is told always, where something was written.</p>
      </fieldset>
      <fieldset>
        <legend className="font-bold">Of jobs from</legend>
        <div className="flex flex-wrap gap-x-4 gap-y-1">
          {view.sources.map((each) => (
            <label key={each.value} className="flex items-center gap-2">
              <input
                type="checkbox"
                checked={plan.sources.includes(each.value)}
                onChange={() => change({ sources: toggled(plan.sources, each.value) })}
              />
              {each.words}
            </label>
          ))}
          {plan.sources.length === 0 && <span className="quiet">none chosen: all that have a record</span>}
        </div>
      </fieldset>
    </div>
  );
}
