import { useEffect, useRef, useState } from "react";
import { type Act, type ActView, replaced } from "./ruleData";

interface Props {
  acts: Act[];
  kinds: ActView[];
  change: (acts: Act[]) => void;
}

/** What a rule does, one line each. */
export function ActsEditor({ acts, kinds, change }: Props) {
  // what has just been added gets the focus: it is filled in next
  const [added, setAdded] = useState(-1);
  const [chosen, setChosen] = useState<string>(kinds[0]?.kind ?? "");
  const add = () => {
    const view = kinds.find((each) => each.kind === chosen);
    if (view) {
      setAdded(acts.length);
      change([...acts, fresh(view)]);
    }
  };
  return (
    <div role="group" aria-label="What it does" className="space-y-1.5">
      {acts.map((act, index) => (
        <ActRow
          key={index}
          act={act}
          isNew={index === added}
          view={kinds.find((each) => each.kind === act.kind)}
          change={(now) => change(replaced(acts, index, now))}
        />
      ))}
      <span className="flex gap-2">
        <select
          aria-label="What more it does"
          className="entry w-72"
          value={chosen}
          onChange={(event) => setChosen(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === "Enter") {
              event.preventDefault();
              add();
            }
          }}
        >
          {kinds.map((kind) => (
            <option key={kind.kind} value={kind.kind}>
              {kind.label}
            </option>
          ))}
        </select>
        <button type="button" className="act" onClick={add}>
          Add
        </button>
      </span>
    </div>
  );
}

function fresh(view: ActView): Act {
  return { kind: view.kind, ...(view.needsValue ? { value: view.choices[0] ?? "" } : {}) };
}

interface RowProps {
  act: Act;
  isNew: boolean;
  view: ActView | undefined;
  change: (act: Act | undefined) => void;
}

function ActRow({ act, isNew, view, change }: RowProps) {
  const row = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (isNew) {
      row.current?.querySelector<HTMLElement>("input, select, button")?.focus();
    }
  }, [isNew]);
  if (!view) {
    return null;
  }
  return (
    <div ref={row} className="flex flex-wrap items-center gap-2">
      <span className="w-36">{view.label}</span>
      {view.needsValue && view.choices.length > 0 && (
        <select
          aria-label={view.label}
          className="entry w-48"
          value={act.value ?? ""}
          onChange={(event) => change({ ...act, value: event.target.value })}
        >
          {!view.choices.includes(act.value ?? "") && <option value={act.value}>{act.value}</option>}
          {view.choices.map((choice) => (
            <option key={choice} value={choice}>
              {choice}
            </option>
          ))}
        </select>
      )}
      {view.needsValue && view.choices.length === 0 && (
        <input
          aria-label={view.label}
          className="entry w-72"
          maxLength={120}
          value={act.value ?? ""}
          onChange={(event) => change({ ...act, value: event.target.value })}
        />
      )}
      {view.overrules && (
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={act.instead ?? false}
            onChange={(event) => change({ ...act, instead: event.target.checked })}
          />
          whatever the record says
        </label>
      )}
      <button
        type="button"
        className="act"
        aria-label={`Take away: ${view.label}`}
        onClick={() => change(undefined)}
      >
        ×
      </button>
    </div>
  );
}
