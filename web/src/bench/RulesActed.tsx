import type { BenchData } from "./useBench";

/** Which house rules acted on the jobs of the shipment, and why. */
export function RulesActed({ bench }: { bench: BenchData }) {
  if (bench.rules.length === 0) {
    return null;
  }
  return (
    <ul aria-label="House rules that acted" className="border-l-4 border-base-300 pl-3">
      {bench.rules.map((rule) => (
        <li key={`${rule.job} ${rule.name}`}>
          <strong>Rule {rule.name}</strong>
          {bench.otherJobs.length > 0 && <span className="figure"> {rule.job}</span>}: {rule.does}.{" "}
          <span className="quiet">{rule.why}</span>
        </li>
      ))}
    </ul>
  );
}
