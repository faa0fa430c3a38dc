import { useCallback, useMemo, useState } from "react";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { acts, type BenchData, type useAct } from "./useBench";

interface Props {
  bench: BenchData;
  act: ReturnType<typeof useAct>;
}

/** As many as have a key of their own. */
const WITH_KEY = 9;

/** Voiding what has gone, or one package of it. It cannot be undone, so it asks once. */
export function VoidAct({ bench, act }: Props) {
  const [asked, setAsked] = useState(false);
  const { mutate } = act;
  const ask = useCallback(() => setAsked(true), []);
  const leave = useCallback(() => setAsked(false), []);
  const carryOut = useCallback(() => {
    setAsked(false);
    mutate(acts.makeVoid());
  }, [mutate]);
  const carryOutPackage = useCallback(
    (number: number) => {
      setAsked(false);
      mutate(acts.makePackageVoid(number));
    },
    [mutate],
  );
  const may = bench.mayVoid || bench.mayVoidPackage;
  const alone = useMemo(
    () => (bench.mayVoidPackage ? bench.packages.map((each) => each.number) : []),
    [bench.mayVoidPackage, bench.packages],
  );
  useKeys(
    useMemo(
      () =>
        asked
          ? [
              { key: "Escape", label: "Do not void", group: "Shipment", run: leave },
              ...alone
                .filter((number) => number <= WITH_KEY)
                .map((number) => ({
                  key: String(number),
                  label: `Void package ${number} alone`,
                  group: "Shipment" as const,
                  run: () => carryOutPackage(number),
                })),
            ]
          : may
            ? [{ key: "Alt+v", label: "Void the shipment", group: "Shipment", run: ask }]
            : [],
      [asked, ask, leave, may, alone, carryOutPackage],
    ),
  );
  if (!may) {
    return null;
  }
  return asked ? (
    <span role="group" aria-label="Void the shipment?" className="flex flex-wrap items-center gap-2">
      <strong className="text-warning">
        Void {!bench.mayVoid ? "one package" : bench.packages.length === 1 ? "its label" : "all its labels"}?
      </strong>
      {bench.mayVoid && (
        <button type="button" className="act border-2" autoFocus disabled={act.isPending} onClick={carryOut}>
          Void <Key name="Enter" />
        </button>
      )}
      {alone.length > 0 && <span>{bench.mayVoid ? "or only package" : "Package"}</span>}
      {alone.map((number) => (
        <button
          key={number}
          type="button"
          className="act"
          aria-label={`Void package ${number} alone`}
          disabled={act.isPending}
          onClick={() => carryOutPackage(number)}
        >
          {number <= WITH_KEY ? <Key name={String(number)} /> : number}
        </button>
      ))}
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
