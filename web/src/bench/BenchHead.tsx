import { day } from "../ui/format";
import type { BenchData } from "./useBench";

/** Which job, for whom, and what was promised. */
export function BenchHead({ bench }: { bench: BenchData }) {
  return (
    <div className="flex flex-wrap items-baseline gap-x-6 border-b border-base-content px-5 py-1.5">
      <h1>
        Job <span className="font-mono tracking-tight">{bench.job}</span>
      </h1>
      <strong>{bench.customer}</strong>
      <dl className="ml-auto flex flex-wrap gap-x-6 whitespace-nowrap">
        <Fact name="Promised" value={bench.promiseDate ? day(bench.promiseDate) : "no date"} />
        <Fact name="Requested" value={bench.requestedService || "no service"} />
        <Fact name="PO" value={bench.customerPo || "none"} />
        <Fact name="Freight" value={bench.terms} />
      </dl>
    </div>
  );
}

function Fact({ name, value }: { name: string; value: string }) {
  return (
    <div className="flex gap-2">
      <dt className="quiet">{name}</dt>
      <dd>{value}</dd>
    </div>
  );
}
