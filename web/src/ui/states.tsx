import { useEffect, useState } from "react";
import { Link } from "react-router";
import { asProblem } from "../api/problem";

const QUICK_MS = 300;

/** Something is on its way. What comes quickly is not announced: a line that flickers is noise. */
export function Waiting({ what }: { what: string }) {
  const [slow, setSlow] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setSlow(true), QUICK_MS);
    return () => clearTimeout(timer);
  }, []);
  return (
    <p role="status" className="quiet p-6">
      {slow && `${what} …`}
    </p>
  );
}

/** The thing, the reason and the remedy, in that order. */
export function ProblemLine({ error }: { error: unknown }) {
  const problem = asProblem(error);
  return (
    <p role="alert" className="border-l-4 border-error py-1 pl-3">
      <strong className="text-error">{problem.thing}:</strong> {problem.detail} <em>{problem.remedy}</em>
    </p>
  );
}

/** A whole screen that could not be had. */
export function Trouble({ error, again }: { error: unknown; again: () => void }) {
  return (
    <div className="space-y-3 p-6">
      <ProblemLine error={error} />
      <button type="button" className="act" onClick={again}>
        Try again
      </button>
    </div>
  );
}

/** An address that leads nowhere. */
export function Nowhere() {
  return (
    <div className="space-y-3 p-6">
      <h1>There is nothing at this address</h1>
      <p>
        It was typed wrong, or what was here has moved. The sections above lead on; the field at the top right
        finds a job by its number.
      </p>
      <Link to="/departures" className="act">
        To Departures
      </Link>
    </div>
  );
}

/** What will be here and how it gets here. */
export function Empty({ children }: { children: React.ReactNode }) {
  return <p className="quiet border-y border-base-300 px-3 py-6">{children}</p>;
}
