import { useCallback, useMemo, useState } from "react";
import { count } from "../ui/format";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { CartonChoice } from "./CartonChoice";
import { ContentsScan } from "./ContentsScan";
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
              { key: "F4", label: "Read the scale for this package", group: "Packages", run: readScale },
              {
                key: "Alt+n",
                label: "New package",
                group: "Packages",
                run: () => carryOut(acts.addPackage(bench.packages[at - 1]?.cartonCode ?? "")),
              },
              {
                key: "Alt+p",
                label: "Repack what was not placed by hand",
                group: "Packages",
                run: () => carryOut(acts.planAgain(false)),
              },
              {
                key: "Alt+ArrowDown",
                label: "Next package",
                group: "Packages",
                run: () => setRequested(Math.min(at + 1, last)),
              },
              {
                key: "Alt+d",
                label: "Duplicate package",
                group: "Packages",
                run: () => carryOut(acts.repeat(at)),
              },
              {
                key: "Alt+ArrowUp",
                label: "Package before",
                group: "Packages",
                run: () => setRequested(Math.max(at - 1, 1)),
              },
            ]
          : [],
      [open, readScale, at, last, carryOut, bench.packages],
    ),
  );

  return (
    <section
      aria-label="Packages"
      className="flex flex-col overflow-auto border-r border-base-300 px-4 py-2 max-[900px]:order-first"
    >
      <div className="flex flex-wrap items-center justify-between gap-1">
        <h2 className="whitespace-nowrap">{count(bench.packages.length, "package", "packages")}</h2>
        {open && (
          <div className="tight flex gap-1">
            <PlanActs bench={bench} act={act} at={at} />
          </div>
        )}
      </div>
      {open && <ContentsScan bench={bench} at={at} choose={setRequested} />}
      <ol className="flex min-h-0 flex-1 flex-col">
        {bench.packages.map((each) =>
          open && each.number === at ? (
            <OpenPackage
              key={each.number}
              bench={bench}
              each={each}
              act={act}
              readScale={readScale}
              done={() => setRequested(undefined)}
              setPreview={setPreview}
            />
          ) : (
            <PackageLine key={each.number} each={each} choose={() => setRequested(each.number)} />
          ),
        )}
      </ol>
    </section>
  );
}

/** A new package, the same once more, and planning again. */
function PlanActs({ bench, act, at }: { bench: BenchData; act: Act; at: number }) {
  const byHand = bench.packages.some((each) => each.placedByHand);
  const button = (words: string, keys: string, run: () => void) => (
    <button type="button" className="act" title={keys} disabled={act.isPending} onClick={run}>
      {words}
    </button>
  );
  return (
    <>
      {button("New package", "Alt N", () =>
        act.mutate(acts.addPackage(bench.packages[at - 1]?.cartonCode ?? "")),
      )}
      {button("Duplicate", "Alt D", () => act.mutate(acts.repeat(at)))}
      {button("Repack", "Alt P", () => act.mutate(acts.planAgain(false)))}
      {byHand && button("Repack all", "", () => act.mutate(acts.planAgain(true)))}
    </>
  );
}

const inWords = (each: Package) =>
  each.contents.map((content) => `${content.quantity} × ${content.item}`).join(", ") || "empty";

/** A package that is not in work: one line with its picture, contents, size and weight. */
function PackageLine({ each, choose }: { each: Package; choose: () => void }) {
  return (
    <li className="border-b border-l-4 border-base-300 border-l-transparent">
      <button type="button" className="flex w-full items-center gap-3 py-1 pl-2 text-left" onClick={choose}>
        <span className="min-[901px]:max-[1150px]:hidden w-16 shrink-0 [&_svg]:h-9 [&_svg]:w-16">
          <PackageDrawing each={each} />
        </span>
        <span className="min-w-0 flex-1">
          <span className="block truncate max-[1150px]:whitespace-normal">
            <strong>Package {each.number}</strong> <span className="figure">{inWords(each)}</span>
          </span>
          <span className="quiet figure block truncate max-[1150px]:whitespace-normal">
            {each.trackingNumber ?? `${each.cartonCode} ${each.size.text}`}
          </span>
        </span>
        <span
          className={
            "figure text-[1.15em]! max-[1150px]:text-[1em]! " + (each.weight ? "font-bold" : "quiet")
          }
        >
          {each.weight?.text ?? "not weighed"}
        </span>
      </button>
    </li>
  );
}

interface OpenProps {
  bench: BenchData;
  each: Package;
  act: Act;
  readScale: () => void;
  done: () => void;
  setPreview: Props["setPreview"];
}

/** The package in work: its weight large, its carton and size, how it is packed. */
function OpenPackage({ bench, each, act, readScale, done, setPreview }: OpenProps) {
  return (
    <li
      className="flex min-h-0 flex-col border-b border-l-4 border-base-300 border-l-primary py-1.5 pl-2"
      aria-current
    >
      <p className="flex items-center justify-between">
        <span>
          <strong>Package {each.number}</strong> <span className="quiet">of {bench.packages.length}</span>
        </span>
        <button type="button" className="act" disabled={act.isPending} onClick={readScale}>
          {act.isPending ? "One moment …" : "Read scale"} <Key name="F4" />
        </button>
      </p>
      <div className="flex items-start justify-between gap-3">
        <p
          className={
            "font-mono text-4xl leading-tight tracking-tight whitespace-nowrap " +
            (each.weight ? "font-bold" : "quiet")
          }
        >
          {(each.weight ?? each.expectedWeight)?.text ?? `– ${bench.weightUnit}`}
        </p>
        <WeightField bench={bench} number={each.number} act={act} done={done} setPreview={setPreview} />
      </div>
      <p className="quiet leading-snug">{weightState(each)}</p>
      {each.itemWeight && (
        <p className="flex items-center justify-between gap-2 leading-snug" title={each.itemWeight.reason}>
          <span>
            A piece of <span className="figure">{each.itemWeight.item}</span> weighs{" "}
            <span className="figure">{each.itemWeight.weight.text}</span> by this.
          </span>
          <button
            type="button"
            className="act"
            disabled={act.isPending}
            onClick={() => act.mutate(acts.keepItemWeight(each.number))}
          >
            So from now on
          </button>
        </p>
      )}
      <div className="mt-1 flex items-center gap-2">
        <CartonChoice bench={bench} each={each} act={act} />
        <SizeField key={each.size.text} each={each} act={act} />
      </div>
      <p className="quiet truncate text-sm" title={each.cartonReason}>
        {each.cartonReason}
      </p>
      <p className="leading-snug">
        {each.contents.map((content) => (
          <span key={content.line} className="mr-3 inline-block" title={content.description}>
            <span className="figure">
              {content.quantity} × {content.item}
            </span>
            {content.lots && <span className="quiet"> {content.lots}</span>}
            {(bench.scanning.demanded || bench.scanning.scanned > 0) && (
              <Scanned content={content} each={each} act={act} />
            )}
          </span>
        ))}
      </p>
      {each.layers.length > 0 && <LayerPlan key={each.number} each={each} />}
      <HandPacking bench={bench} each={each} act={act} />
      <span className="flex gap-3 self-start">
        {bench.opened && (
          <PaperLink href={`/api/v1/shipments/${bench.id}/packages/${each.number}/sample-label`}>
            Sample label
          </PaperLink>
        )}
        {bench.id > 0 && (
          <PaperLink href={`/api/v1/shipments/${bench.id}/packages/${each.number}/packing-list`}>
            List for its side
          </PaperLink>
        )}
      </span>
    </li>
  );
}

function PaperLink({ href, children }: { href: string; children: string }) {
  return (
    <a className="quiet text-sm underline" href={href} target="_blank" rel="noreferrer">
      {children}
    </a>
  );
}

/** How many of it were scanned; what bears no barcode is counted by eye. */
function Scanned({ content, each, act }: { content: Package["contents"][number]; each: Package; act: Act }) {
  const all = content.scanned === content.quantity;
  return (
    <>
      <strong className={"ml-1 " + (all ? "text-primary" : "text-warning")}>
        {all ? "✓ all scanned" : `${content.scanned} scanned`}
      </strong>
      {!all && (
        <button
          type="button"
          className="ml-1 underline"
          title="What bears no barcode is counted by eye; that is kept with your name."
          onClick={() => act.mutate(acts.countByEye(each.number, content.line))}
        >
          counted by eye
        </button>
      )}
    </>
  );
}

function weightState(each: Package): string {
  if (each.weight) {
    const expected = each.expectedWeight ? `; expected ${each.expectedWeight.text}` : "";
    return (each.weightSource === "SCALE" ? "from the scale, stable" : "typed") + expected;
  }
  return each.expectedWeight
    ? "not weighed yet; the records say so, carton included"
    : "not weighed yet, and a weight is missing in the record";
}
