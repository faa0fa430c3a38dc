import { useMemo } from "react";
import { JobLink } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { CombineAndHoldBack } from "./CombineAndHoldBack";
import { ShipToForm } from "./ShipToForm";
import { Options } from "./Options";
import { acts, type BenchData, type useAct } from "./useBench";

const KINDS = { BUSINESS: "business", RESIDENCE: "residence", PO_BOX: "PO box" } as const;

interface Props {
  bench: BenchData;
  act: ReturnType<typeof useAct>;
  editing: boolean;
  setEditing: (editing: boolean) => void;
}

/** What goes, where to, and how. */
export function Contents({ bench, act, editing, setEditing }: Props) {
  const to = bench.shipTo;
  const lines = [to.company, to.person, to.street, to.street2].filter(Boolean);
  const open = bench.mayAct;
  useKeys(
    useMemo(
      () => (open ? [{ key: "F6", label: "Correct the ship-to", run: () => setEditing(true) }] : []),
      [open, setEditing],
    ),
  );
  return (
    <section aria-label="What goes" className="overflow-auto border-r border-base-300 px-5 py-3">
      <div className="flex items-center justify-between">
        <h2>Ship to</h2>
        {open && !editing && (
          <button type="button" className="act" onClick={() => setEditing(true)}>
            Correct <Key name="F6" />
          </button>
        )}
      </div>
      {open && editing ? (
        <ShipToForm bench={bench} act={act} close={() => setEditing(false)} />
      ) : (
        <address className="mt-1 leading-snug not-italic">
          {lines.map((line) => (
            <span key={line} className="block">
              {line}
            </span>
          ))}
          <span className="block font-bold">
            {to.city}, {to.state} {to.postalCode}
          </span>
          <span className="quiet block">
            {KINDS[to.kind]}
            {to.phone && <span className="figure">, {to.phone}</span>}
            {to.country !== "United States" && `, ${to.country}`}
          </span>
        </address>
      )}
      <h2 className="mt-3">What goes</h2>
      {bench.otherJobs.length > 0 && (
        <p className="quiet">
          together with{" "}
          {bench.otherJobs.map((job) => (
            <span key={job} className="mr-2">
              <JobLink job={job} />
              {open && (
                <button
                  type="button"
                  className="ml-1 underline"
                  disabled={act.isPending}
                  onClick={() => act.mutate(acts.takeOutJob(job))}
                >
                  take out
                </button>
              )}
            </span>
          ))}
        </p>
      )}
      <ul className="mt-1">
        {bench.lines.map((line) => (
          <li key={line.id} className="border-b border-base-300 py-1 leading-snug">
            <span className="flex justify-between gap-2">
              <span className="figure">{line.item}</span>
              <span className="figure">
                {line.placed} of {line.quantity}
              </span>
            </span>
            <span className="block">{line.description}</span>
            <span className="quiet figure whitespace-normal">
              {line.unitWeight ? `${line.unitWeight} each` : "weight not known"}
              {line.unitSize ? `, ${line.unitSize}` : ", size not known"}
              {bench.otherJobs.length > 0 && `, job ${line.job}`}
            </span>
            {line.handling.length > 0 && <strong className="block">{line.handling.join(", ")}</strong>}
            {line.staysBehind > 0 && (
              <span className="block text-warning">
                {line.staysBehind} {line.staysBehind === 1 ? "stays" : "stay"} here for another shipment
                {open && (
                  <button
                    type="button"
                    className="ml-2 underline"
                    disabled={act.isPending}
                    onClick={() => act.mutate(acts.takeBack({ line: line.id, quantity: line.staysBehind }))}
                  >
                    take back
                  </button>
                )}
              </span>
            )}
          </li>
        ))}
      </ul>
      {open && <Options bench={bench} act={act} />}
      {open && <CombineAndHoldBack bench={bench} act={act} />}
    </section>
  );
}
