import { asProblem } from "../api/problem";

/** It is being made: what it lacks is said, and the last one that could be set stays in sight, pale. */
export function NotYet({ error }: { error: unknown }) {
  const { thing, detail, remedy } = asProblem(error);
  return (
    <p role="status" className="mt-2 border-l-4 border-warning pl-3">
      <strong>{thing}:</strong> {detail} <em>{remedy}</em>
    </p>
  );
}
