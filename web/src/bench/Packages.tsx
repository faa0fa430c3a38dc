import { useCallback, useMemo, useState } from "react";
import { count } from "../ui/format";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { CartonChoice } from "./CartonChoice";
import { HandPacking } from "./HandPacking";
import { LayerPlan } from "./LayerPlan";
import { PackageDrawing } from "./PackageDrawing";
import { SizeField } from "./SizeField";
import { WeightField } from "./WeightField";
import { acts, type BenchData, type useAct } from "./useBench";

type Package = BenchData["packages"][number];
type Act = ReturnType<typeof useAct>;

interface Props {
  bench: BenchData;
  act: Act;
  setPreview: (bench: BenchData | undefined) => void;
}

/** The packages, each with its drawing, its weight in large figures, its carton and size. */
export function Packages({ bench, act, setPreview }: Props) {
  const [requested, setRequested] = useState<number>();
  const open = bench.mayAct;
  const firstWithout = bench.packages.find((each) => !each.weight)?.number;
  const at = Math.min(requested ?? firstWithout ?? 1, bench.packages.length);
  const carryOut = act.mutate;

  const readScale = useCallback(
    () => carryOut(acts.readScale(at), { onSuccess: () => setRequested(undefined) }),
    [carryOut, at],
  );
  const last = bench.packages.length;
  useKeys(
    useMemo(
      () =>
        open
          ? [
              { key: "F4", label: "Read the scale for this package", run: readScale },
              {
                key: "Alt+n",
                label: "New package",
                run: () => carryOut(acts.addPackage(bench.packages[at - 1]?.cartonCode ?? "")),
              },
              {
                key: "Alt+p",
                label: "Plan again what was not placed by hand",
                run: () => carryOut(acts.planAgain(false)),
              },
              {
                key: "Alt+ArrowDown",
                label: "Next package",
                run: () => setRequested(Math.min(at + 1, last)),
              },
              { key: "Alt+ArrowUp", label: "Package before", run: () => setRequested(Math.max(at - 1, 1)) },
            ]
          : [],
      [open, readScale, at, last, carryOut, bench.packages],
    ),
  );

  return (
    <section aria-label="Packages" className="overflow-auto border-r border-base-300 px-4 py-3">
      <div className="flex flex-wrap items-center justify-between gap-1">
        <h2 className="whitespace-nowrap">{count(bench.packages.length, "package", "packages")}</h2>
        {open && (
          <div className="tight flex gap-1">
            <PlanActs bench={bench} act={act} at={at} />
            <button type="button" className="act" disabled={act.isPending} onClick={readScale}>
              {act.isPending ? "One moment …" : "Read scale"} <Key name="F4" />
            </button>
          </div>
        )}
      </div>
      <ol>
        {bench.packages.map((each) => (
          <PackageRow
            key={each.number}
            bench={bench}
            each={each}
            act={act}
            current={open && each.number === at}
            choose={() => setRequested(each.number)}
            done={() => setRequested(undefined)}
            setPreview={setPreview}
          />
        ))}
      </ol>
    </section>
  );
}

/** A new package, and planning again. */
function PlanActs({ bench, act, at }: { bench: BenchData; act: Act; at: number }) {
  const byHand = bench.packages.some((each) => each.placedByHand);
  return (
    <>
      <button
        type="button"
        className="act"
        disabled={act.isPending}
        onClick={() => act.mutate(acts.addPackage(bench.packages[at - 1]?.cartonCode ?? ""))}
      >
        New <Key name="Alt N" />
      </button>
      <button
        type="button"
        className="act"
        disabled={act.isPending}
        onClick={() => act.mutate(acts.planAgain(false))}
      >
        Plan <Key name="Alt P" />
      </button>
      {byHand && (
        <button
          type="button"
          className="act"
          disabled={act.isPending}
          onClick={() => act.mutate(acts.planAgain(true))}
        >
          All again
        </button>
      )}
    </>
  );
}

interface RowProps {
  bench: BenchData;
  each: Package;
  act: Act;
  current: boolean;
  choose: () => void;
  done: () => void;
  setPreview: Props["setPreview"];
}

function PackageRow({ bench, each, act, current, choose, done, setPreview }: RowProps) {
  const open = bench.mayAct;
  return (
    <li
      className={
        "border-b border-base-300 py-2 pl-2 " +
        (current ? "border-l-4 border-l-primary" : "border-l-4 border-l-transparent")
      }
      aria-current={current}
      onClick={choose}
    >
      <div className="flex items-start gap-3">
        {!(current && each.layers.length > 0) && <PackageDrawing each={each} />}
        <div className="min-w-0 flex-1">
          <p className="flex items-baseline justify-between">
            <span>
              <strong>Package {each.number}</strong> <span className="quiet">of {bench.packages.length}</span>
            </span>
            {each.trackingNumber && <strong className="figure text-primary">{each.trackingNumber}</strong>}
          </p>
          <p
            className={
              "font-mono text-3xl tracking-tight whitespace-nowrap " + (each.weight ? "font-bold" : "quiet")
            }
          >
            {each.weight ?? each.expectedWeight ?? `– ${bench.weightUnit}`}
          </p>
        </div>
        {open && current && (
          <WeightField bench={bench} number={each.number} act={act} done={done} setPreview={setPreview} />
        )}
      </div>
      <p className="quiet leading-snug">{weightState(each)}</p>
      {open && current ? (
        <div className="mt-1 flex items-center gap-2">
          <CartonChoice bench={bench} each={each} act={act} />
          <SizeField key={each.size} each={each} act={act} />
        </div>
      ) : (
        <p className="mt-1">
          {each.cartonName} <span className="figure">{each.size}</span>
        </p>
      )}
      {open && current && <p className="quiet mt-1 leading-snug">{each.cartonReason}</p>}
      <p className="mt-1 leading-snug">
        {each.contents.map((content) => (
          <span key={content.line} className="mr-3 inline-block">
            <span className="figure">
              {content.quantity} × {content.item}
            </span>{" "}
            {content.description}
            {content.lots && <span className="quiet">, {content.lots}</span>}
          </span>
        ))}
      </p>
      {current && each.layers.length > 0 && <LayerPlan each={each} low={bench.packages.length > 1} />}
      {open && current && <HandPacking bench={bench} each={each} act={act} />}
    </li>
  );
}

function weightState(each: Package): string {
  if (each.weight) {
    const expected = each.expectedWeight ? `; the records say ${each.expectedWeight}` : "";
    return (each.weightSource === "SCALE" ? "from the scale, stable" : "typed") + expected;
  }
  return each.expectedWeight
    ? "not weighed yet; this is what the records say, carton included"
    : "not weighed yet, and a weight is missing in the record";
}
