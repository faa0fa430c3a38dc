import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { answer, api } from "../api/client";
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
    <span className="relative shrink-0 text-right leading-tight whitespace-nowrap">
      <span className="figure block">{moment(shown, timeZone)}</span>
      {demo && <TimeToPass />}
    </span>
  );
}

const STEPS = [
  { name: "Let an hour pass", minutes: 60 },
  { name: "Let six hours pass", minutes: 360 },
  { name: "Let a day pass", minutes: 1_440 },
];

/** In the demonstration what comes only days later can be seen at once. */
function TimeToPass() {
  const [open, setOpen] = useState(false);
  const [failed, setFailed] = useState(false);
  const queries = useQueryClient();
  const pass = async (minutes: number) => {
    setOpen(false);
    try {
      await answer(api.POST("/api/v1/demo/clock", { body: { minutes } }));
      setFailed(false);
    } catch {
      setFailed(true);
    }
    await queries.invalidateQueries();
  };
  return (
    <>
      <button
        type="button"
        className="quiet block w-full text-right text-xs underline decoration-dotted"
        aria-expanded={open}
        onClick={() => setOpen((now) => !now)}
      >
        {failed ? "the clock stays" : "demo clock"}
      </button>
      {open && (
        <span className="absolute right-0 z-20 flex flex-col border-2 border-base-content bg-base-100 text-sm">
          {STEPS.map((each) => (
            <button
              key={each.minutes}
              type="button"
              className="menu-line whitespace-nowrap"
              onClick={() => void pass(each.minutes)}
            >
              {each.name}
            </button>
          ))}
        </span>
      )}
    </>
  );
}
