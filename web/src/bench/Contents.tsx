import type { BenchData } from "./useBench";

const KINDS = { BUSINESS: "business", RESIDENCE: "residence", PO_BOX: "PO box" } as const;

/** What goes, and where to. */
export function Contents({ bench }: { bench: BenchData }) {
  const to = bench.shipTo;
  const lines = [to.company, to.person, to.street, to.street2].filter(Boolean);
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
      <h2 className="mt-4">What goes</h2>
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
            <span className="quiet figure">
              {line.unitWeight ? `${line.unitWeight} each` : "weight not known"}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
