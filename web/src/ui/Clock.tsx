import { useEffect, useState } from "react";
import { moment } from "./format";

/** The site's time, running on from what the server said. */
export function Clock({ now, timeZone, demo }: { now: string; timeZone: string; demo: boolean }) {
  const [passed, setPassed] = useState(0);
  useEffect(() => {
    const started = performance.now();
    const timer = setInterval(() => setPassed(performance.now() - started), 5_000);
    return () => {
      clearInterval(timer);
      setPassed(0);
    };
  }, [now]);
  const shown = new Date(new Date(now).getTime() + passed).toISOString();
  return (
    <span className="text-right leading-tight">
      <span className="figure block">{moment(shown, timeZone)}</span>
      {demo && <span className="quiet block text-xs">demo clock</span>}
    </span>
  );
}
