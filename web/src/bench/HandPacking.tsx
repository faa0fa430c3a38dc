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
const EVERYTHING = -1;

/** Packing by hand in one line: so many pieces of an item, or everything, into another package. What is moved stays there. */
export function HandPacking({ bench, each, act }: Props) {
  const first = useRef<HTMLInputElement>(null);
  useKeys(
    useMemo(
      () => [
        {
          key: "F3",
          label: "Move pieces to another package",
          group: "Packages",
          run: () => first.current?.select(),
        },
      ],
      [],
    ),
  );
  return (
    <div className="mt-1">
      <MoveForm bench={bench} each={each} act={act} first={first} />
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
  const source = sources[Math.max(0, Math.min(chosen, sources.length - 1))];
  const everything = chosen === EVERYTHING;
  if (!source) {
    return <p className="quiet">It is empty. Move something here from another package.</p>;
  }
  const targets = source.from === 0 ? bench.packages : bench.packages.filter((p) => p.number !== each.number);
  return (
    <form
      className="flex items-center gap-1 max-[1150px]:flex-wrap"
      onSubmit={(event) => {
        event.preventDefault();
        if (everything) {
          act.mutate(acts.merge(each.number, Number(to)));
          return;
        }
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
        disabled={everything}
        aria-label="Quantity to move"
        type="number"
        min={1}
        max={source.quantity}
        defaultValue={source.quantity}
        className="entry w-13 font-mono"
      />
      <select
        aria-label="Which pieces"
        className="entry min-w-20 flex-1"
        value={everything ? EVERYTHING : Math.min(chosen, sources.length - 1)}
        onChange={(event) => {
          const now = Number(event.target.value);
          setChosen(now);
          if (now === EVERYTHING) {
            setTo(String(bench.packages.find((other) => other.number !== each.number)?.number ?? NEW));
          }
        }}
      >
        {sources.map((each, index) => (
          <option key={`${each.from}-${each.line}`} value={index}>
            {each.item}
            {each.from === 0 ? ", in no package" : ""}
          </option>
        ))}
        {bench.packages.length > 1 && <option value={EVERYTHING}>everything</option>}
      </select>
      <select
        aria-label="To which package"
        className="entry w-32"
        value={to}
        onChange={(event) => setTo(event.target.value)}
      >
        {!everything && <option value={NEW}>to a new package</option>}
        {targets.map((other) => (
          <option key={other.number} value={String(other.number)}>
            to package {other.number}
          </option>
        ))}
        {!everything && source.from !== 0 && <option value={NOWHERE}>out of it</option>}
      </select>
      <button type="submit" className="act" disabled={act.isPending}>
        Move
      </button>
    </form>
  );
}
