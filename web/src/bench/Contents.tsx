import { JobLink } from "../ui/JobLink";
import { Along } from "./Along";
import { Wanted } from "./Wanted";
import type { BenchData, useAct } from "./useBench";

const KINDS = { BUSINESS: "business", RESIDENCE: "residence", PO_BOX: "PO box" } as const;

/** What goes, where to, and how. */
export function Contents({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  const to = bench.shipTo;
  const lines = [to.company, to.person, to.street, to.street2].filter(Boolean);
  const open = bench.state === "OPEN";
  return (
    <section aria-label="What goes" className="overflow-auto border-r border-base-300 px-5 py-3">
      <h2>Ship to</h2>
      <address className="mt-1 leading-snug not-italic">
        {lines.map((line) => (
          <span key={line} className="block">
            {line}
          </span>
        ))}
        <span className="block font-bold">
          {to.town}, {to.state} {to.postalCode}
        </span>
        <span className="quiet block">
          {KINDS[to.kind]}
          {to.phone && <span className="figure">, {to.phone}</span>}
        </span>
      </address>
      <h2 className="mt-3">What goes</h2>
      {bench.jobsAlong.length > 0 && (
        <p className="quiet">
          together with{" "}
          {bench.jobsAlong.map((job) => (
            <span key={job} className="mr-2">
              <JobLink job={job} />
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
              {bench.jobsAlong.length > 0 && `, job ${line.job}`}
            </span>
            {line.handling.length > 0 && <strong className="block">{line.handling.join(", ")}</strong>}
            {line.staysBehind > 0 && (
              <span className="block text-warning">{line.staysBehind} stay here for another shipment</span>
            )}
          </li>
        ))}
      </ul>
      {open && <Wanted bench={bench} act={act} />}
      {open && <Along bench={bench} act={act} />}
    </section>
  );
}
