import { daysBetween } from "../ui/format";

const WIDE = 80;
const HIGH = 14;
const MID = HIGH / 2;

interface Props {
  today: string;
  promise: string | undefined;
  arrival: string;
  /** The last day that any line on the screen shows, so that all are drawn to one scale. */
  last: string;
}

/** The days from today on: how long it is on the way, and the promise as a mark across. What it shows stands beside it in words. */
export function DayLine({ today, promise, arrival, last }: Props) {
  const days = Math.max(daysBetween(today, last), 1);
  const place = (day: string) => 3 + (Math.max(0, daysBetween(today, day)) / days) * (WIDE - 10);
  const late = promise !== undefined && arrival > promise;
  return (
    <svg
      width={WIDE}
      height={HIGH}
      viewBox={`0 0 ${WIDE} ${HIGH}`}
      aria-hidden
      className="shrink-0 self-center max-[1150px]:w-14"
    >
      <line x1={0} x2={WIDE} y1={MID} y2={MID} className="stroke-base-300" strokeWidth={1.5} />
      <line
        x1={3}
        x2={place(arrival)}
        y1={MID}
        y2={MID}
        className={late ? "stroke-warning" : "stroke-secondary"}
        strokeWidth={3}
      />
      {promise && (
        <line
          x1={place(promise)}
          x2={place(promise)}
          y1={0}
          y2={HIGH}
          className="stroke-base-content"
          strokeWidth={2}
        />
      )}
      {late ? (
        <rect x={place(arrival) - 3.5} y={MID - 3.5} width={7} height={7} className="fill-warning" />
      ) : (
        <circle cx={place(arrival)} cy={MID} r={4} className="fill-primary" />
      )}
    </svg>
  );
}
