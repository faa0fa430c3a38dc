import { useCallback, useMemo, useState } from "react";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { acts, type BenchData, type useAct } from "./useBench";

interface Props {
  bench: BenchData;
  act: ReturnType<typeof useAct>;
}

/** Voiding what has gone. It cannot be undone, so it asks once. */
export function VoidAct({ bench, act }: Props) {
  const [asked, setAsked] = useState(false);
  const { mutate } = act;
  const ask = useCallback(() => setAsked(true), []);
  const leave = useCallback(() => setAsked(false), []);
  const carryOut = useCallback(() => {
    setAsked(false);
    mutate(acts.makeVoid());
  }, [mutate]);
  useKeys(
    useMemo(
      () =>
        asked
          ? [{ key: "Escape", label: "Do not void", group: "Shipment", run: leave }]
          : bench.mayVoid
            ? [{ key: "Alt+v", label: "Void the shipment", group: "Shipment", run: ask }]
            : [],
      [asked, ask, leave, bench.mayVoid],
    ),
  );
  if (!bench.mayVoid) {
    return null;
  }
  return asked ? (
    <span role="group" aria-label="Void the shipment?" className="flex items-center gap-2">
      <strong className="text-warning">
        Void {bench.packages.length === 1 ? "its label" : "all its labels"}?
      </strong>
      <button type="button" className="act border-2" autoFocus disabled={act.isPending} onClick={carryOut}>
        Void <Key name="Enter" />
      </button>
      <button type="button" className="act" onClick={leave}>
        Keep <Key name="Esc" />
      </button>
    </span>
  ) : (
    <button type="button" className="act" disabled={act.isPending} onClick={ask}>
      {act.isPending ? "One moment …" : "Void"} <Key name="Alt+V" />
    </button>
  );
}

/** What there is to say of its being void. */
export function VoidNote({ bench, act }: Props) {
  const { mutate } = act;
  const again = useCallback(() => mutate(acts.askCarrier()), [mutate]);
  if (!bench.voided) {
    return null;
  }
  return (
    <p role="status" className="border-l-4 border-warning pl-3">
      <strong className="text-warning">{bench.state === "OPEN" ? "Voided." : "Void:"}</strong>{" "}
      {bench.voided.text}{" "}
      {bench.voided.awaited && (
        <button type="button" className="act" disabled={act.isPending} onClick={again}>
          Ask now
        </button>
      )}
    </p>
  );
}
