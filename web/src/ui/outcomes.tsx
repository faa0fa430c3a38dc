import type { Schemas } from "../api/client";
import { count } from "./format";

/** What came of an act upon several jobs: how many it was done to, and each to which it was not, with its reason. */
export function OutcomesLine({ outcomes }: { outcomes: Schemas["api.Outcomes"] }) {
  return (
    <div role="status">
      <span>{count(outcomes.done, "job done", "jobs done")}.</span>
      {outcomes.refused.length > 0 && (
        <ul className="max-h-32 overflow-y-auto border-l-4 border-warning pl-3">
          {outcomes.refused.map((each) => (
            <li key={each.job}>
              <strong>Job {each.job}:</strong> {each.reason} <em>{each.remedy}</em>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
