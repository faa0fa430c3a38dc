import { useMemo, useRef, useState } from "react";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { acts, type BenchData, type useAct } from "./useBench";

interface Props {
  bench: BenchData;
  each: BenchData["packages"][number];
  act: ReturnType<typeof useAct>;
}

const NEW = "new";
const NOWHERE = "0";

/** Packing by hand: move a quantity, same again, merge. What is moved stays where it was put. */
export function HandPacking({ bench, each, act }: Props) {
  const first = useRef<HTMLInputElement>(null);
  const next = bench.packages.find((other) => other.number !== each.number)?.number;
  const carryOut = act.mutate;
  useKeys(
    useMemo(
      () => [
        { key: "F3", label: "Move pieces to another package", run: () => first.current?.select() },
        { key: "Alt+s", label: "Same package again", run: () => carryOut(acts.repeat(each.number)) },
      ],
      [carryOut, each.number],
    ),
  );
  return (
    <div className="mt-2 space-y-1">
      <MoveForm bench={bench} each={each} act={act} first={first} />
      <div className="flex flex-wrap items-center gap-2">
        <button
          type="button"
          className="act"
          disabled={act.isPending}
          onClick={() => carryOut(acts.repeat(each.number))}
        >
          Same again <Key name="Alt S" />
        </button>
        {next !== undefined && (
          <label className="flex items-center gap-1">
            <span className="quiet">Merge into</span>
            <select
              className="entry w-16"
              value=""
              onChange={(event) => carryOut(acts.merge(each.number, Number(event.target.value)))}
            >
              <option value="" />
              {bench.packages
                .filter((other) => other.number !== each.number)
                .map((other) => (
                  <option key={other.number} value={other.number}>
                    {other.number}
                  </option>
                ))}
            </select>
          </label>
        )}
      </div>
    </div>
  );
}

interface MoveProps extends Props {
  first: React.RefObject<HTMLInputElement | null>;
}

function MoveForm({ bench, each, act, first }: MoveProps) {
  const loose = bench.lines
    .filter((line) => line.placed < line.quantity)
    .map((line) => ({ from: 0, line: line.id, item: line.item, quantity: line.quantity - line.placed }));
  const here = each.contents.map((content) => ({
    from: each.number,
    line: content.line,
    item: content.item,
    quantity: content.quantity,
  }));
  const sources = [...here, ...loose];
  const [chosen, setChosen] = useState(0);
  const [to, setTo] = useState<string>(NEW);
  const source = sources[Math.min(chosen, sources.length - 1)];
  if (!source) {
    return <p className="quiet">It is empty. Move something here from another package.</p>;
  }
  const targets = source.from === 0 ? bench.packages : bench.packages.filter((p) => p.number !== each.number);
  return (
    <form
      className="flex flex-wrap items-center gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        const quantity = Number(first.current?.value ?? 0);
        const move = (target: number) =>
          act.mutate(acts.move({ line: source.line, quantity, from: source.from, to: target }));
        if (to === NEW) {
          act.mutate(acts.addPackage(each.cartonCode), {
            onSuccess: (after) => move(after.packages.length),
          });
        } else {
          move(Number(to));
        }
      }}
    >
      <span className="quiet flex items-center gap-1">
        Move <Key name="F3" />
      </span>
      <input
        ref={first}
        key={`${source.from}-${source.line}-${source.quantity}`}
        aria-label="Quantity to move"
        type="number"
        min={1}
        max={source.quantity}
        defaultValue={source.quantity}
        className="entry w-13 font-mono"
      />
      <select
        aria-label="Which pieces"
        className="entry w-26"
        value={Math.min(chosen, sources.length - 1)}
        onChange={(event) => setChosen(Number(event.target.value))}
      >
        {sources.map((each, index) => (
          <option key={`${each.from}-${each.line}`} value={index}>
            {each.item}
            {each.from === 0 ? ", in no package" : ""}
          </option>
        ))}
      </select>
      <select
        aria-label="To which package"
        className="entry w-26"
        value={to}
        onChange={(event) => setTo(event.target.value)}
      >
        <option value={NEW}>to a new one</option>
        {targets.map((other) => (
          <option key={other.number} value={String(other.number)}>
            to package {other.number}
          </option>
        ))}
        {source.from !== 0 && <option value={NOWHERE}>out of it</option>}
      </select>
      <button type="submit" className="act" disabled={act.isPending}>
        Move
      </button>
    </form>
  );
}
