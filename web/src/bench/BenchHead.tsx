import { useMemo } from "react";
import { Link, useNavigate } from "react-router";
import { day } from "../ui/format";
import { pageOf } from "../ui/JobLink";
import { useKeys } from "../ui/keys";
import { OthersHere } from "./OthersHere";
import type { BenchData } from "./useBench";

/** Which job, for whom, and what was promised. */
export function BenchHead({ bench }: { bench: BenchData }) {
  const navigate = useNavigate();
  useKeys(
    useMemo(
      () => [
        { key: "Alt+i", label: "Everything about the job", run: () => void navigate(pageOf(bench.job)) },
      ],
      [navigate, bench.job],
    ),
  );
  return (
    <div className="flex flex-wrap items-baseline gap-x-6 border-b border-base-content px-5 py-1.5">
      <h1>
        Job{" "}
        <Link
          to={pageOf(bench.job)}
          title="Everything about it, Alt+I"
          className="font-mono tracking-tight underline decoration-base-300"
        >
          {bench.job}
        </Link>
      </h1>
      <strong>{bench.customer}</strong>
      <OthersHere job={bench.job} />
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
