import type { Schemas } from "../api/client";
import { clockTime, count, duration, minutesOf } from "../ui/format";
import { timeScale, underTheirMarks } from "./timeScale";

type Board = Schemas["departure.DepartureView"];
type Pickup = Schemas["departure.PickupView"];

const AXIS_Y = 34;
const FOOT_Y = 66;
const SHORT_TIME_MINUTES = 45;
const WIDEST = 16;
/** Nearer than that two hours' figures would touch, in percent. */
const APART = 4.5;

/** The day from opening to close; each pickup a mark at its cut-off, and under it what is on it and what is still to pack. */
export function TimeAxis({ board }: { board: Board }) {
  const opens = minutesOf(board.opensAt);
  const closes = minutesOf(board.closesAt);
  const place = timeScale(opens, minutesOf(board.now), closes);
  const now = place(minutesOf(board.now));
  const marks = board.pickups.map((pickup) => place(minutesOf(pickup.cutOff)));
  const width = Math.min(100 / Math.max(board.pickups.length, 1), WIDEST);
  const lefts = underTheirMarks(marks, width);
  return (
    <section aria-label="Today's pickups" className="mt-1">
      <div className="relative" style={{ height: FOOT_Y }}>
        <Line now={now} marks={marks} lefts={lefts} pickups={board.pickups} />
        <Hours opens={opens} closes={closes} place={place} now={now} />
        <strong
          className={"figure absolute bg-base-100 px-1 text-error " + (now < 5 ? "" : "-translate-x-1/2")}
          style={{ left: `${now}%`, top: 3 }}
        >
          now {clockTime(board.now)}
        </strong>
        {board.pickups.map((pickup, index) => (
          <span
            key={keyOf(pickup)}
            className={
              "absolute size-4 -translate-1/2 rounded-full border-[3px] bg-base-100 " +
              (isOver(pickup) ? "border-base-300" : "border-primary")
            }
            style={{ left: `${marks[index] ?? 0}%`, top: AXIS_Y }}
          />
        ))}
      </div>
      <ol className="flex border-b-2 border-base-content">
        {board.pickups.map((pickup, index) => (
          <PickupColumn
            key={keyOf(pickup)}
            pickup={pickup}
            width={width}
            gap={(lefts[index] ?? 0) - (index === 0 ? 0 : (lefts[index - 1] ?? 0) + width)}
          />
        ))}
      </ol>
    </section>
  );
}

function keyOf(pickup: Pickup): string {
  return `${pickup.carrier} ${pickup.site ?? ""}`;
}

interface LineProps {
  now: number;
  marks: number[];
  lefts: number[];
  pickups: Pickup[];
}

function Line({ now, marks, lefts, pickups }: LineProps) {
  return (
    <svg
      viewBox={`0 0 100 ${FOOT_Y}`}
      preserveAspectRatio="none"
      className="absolute inset-0 h-full w-full"
      aria-hidden
    >
      <line
        x1={0}
        x2={now}
        y1={AXIS_Y}
        y2={AXIS_Y}
        className="stroke-base-300"
        strokeWidth={5}
        vectorEffect="non-scaling-stroke"
      />
      <line
        x1={now}
        x2={100}
        y1={AXIS_Y}
        y2={AXIS_Y}
        className="stroke-base-content"
        strokeWidth={5}
        vectorEffect="non-scaling-stroke"
      />
      {pickups.map((pickup, index) => (
        <path
          key={keyOf(pickup)}
          d={`M ${marks[index] ?? 0} ${AXIS_Y} V ${AXIS_Y + 12} L ${(lefts[index] ?? 0) + 0.12} ${FOOT_Y - 8} V ${FOOT_Y}`}
          className={"fill-none " + (isOver(pickup) ? "stroke-base-300" : "stroke-primary")}
          strokeWidth={3}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      <line
        x1={now}
        x2={now}
        y1={6}
        y2={AXIS_Y + 8}
        className="stroke-error"
        strokeWidth={3}
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}

interface HoursProps {
  opens: number;
  closes: number;
  place: (minutes: number) => number;
  now: number;
}

/** Full hours, as many as can be told apart. */
function Hours({ opens, closes, place, now }: HoursProps) {
  const first = Math.ceil(opens / 60);
  const hours = Array.from({ length: Math.floor(closes / 60) - first + 1 }, (_, index) => first + index);
  let last = -APART;
  return hours.map((hour) => {
    const at = place(hour * 60);
    if (at - last < APART || Math.abs(at - now) < 6 || at < 1 || at > 99) {
      return null;
    }
    last = at;
    return (
      <span
        key={hour}
        className={"figure quiet absolute -translate-x-1/2 " + (at < now ? "max-[900px]:hidden" : "")}
        style={{ left: `${at}%`, top: 4 }}
      >
        {clockTime(`${String(hour).padStart(2, "0")}:00`).replace(":00", "")}
      </span>
    );
  });
}

function PickupColumn({ pickup, width, gap }: { pickup: Pickup; width: number; gap: number }) {
  const nothing = pickup.packages === 0 && pickup.promised === 0;
  return (
    <li
      className={
        "min-w-0 border-l-[3px] pr-2 pb-2 pl-2.5 " +
        (isOver(pickup) ? "border-base-300 quiet" : "border-primary")
      }
      style={{ width: `${width}%`, marginLeft: `${gap}%` }}
      data-carrier={pickup.carrier}
    >
      <p className="flex flex-wrap items-baseline gap-x-2">
        <span className="font-mono text-xl font-bold tracking-tight whitespace-nowrap">
          {clockTime(pickup.cutOff)}
        </span>
        <strong className="min-w-0 leading-tight break-words">
          {pickup.carrier}
          {pickup.by === "DROP_OFF" && <span className="block text-sm font-normal">drop-off</span>}
          {pickup.site && <span className="quiet block text-sm font-normal">{pickup.site}</span>}
        </strong>
      </p>
      <p className="leading-snug">
        <TimeLeft pickup={pickup} />
      </p>
      {nothing ? <p className="quiet leading-snug">nothing for it</p> : <Load pickup={pickup} />}
      {pickup.willMiss > 0 && (
        <p className="leading-snug font-bold text-error">
          ✕ {count(pickup.willMiss, "job", "jobs")} will miss the promise
        </p>
      )}
    </li>
  );
}

/** Packed against still to pack: a bar, and both in words. */
function Load({ pickup }: { pickup: Pickup }) {
  return (
    <>
      <span className="my-1 flex h-2.5 border border-base-content" aria-hidden>
        <span className="bg-primary" style={{ width: `${pickup.packedPercent}%` }} />
      </span>
      <p className="leading-snug">
        <span className="figure whitespace-normal!">
          {pickup.packages === 0
            ? "nothing packed yet"
            : `${count(pickup.packages, "package", "packages")}, ${pickup.weight.text} packed`}
        </span>
      </p>
      {pickup.promised > 0 && (
        <p className="leading-snug">
          <strong className="figure whitespace-normal!">
            {count(pickup.promised, "job", "jobs")}
            {pickup.promisedWeight && `, ${pickup.promisedWeight.text}`} to pack
          </strong>
        </p>
      )}
    </>
  );
}

function TimeLeft({ pickup }: { pickup: Pickup }) {
  if (!pickup.comesToday) {
    return <span>{pickup.by === "PICKUP" ? "does not come today" : "its counter is closed today"}</span>;
  }
  if (pickup.minutesLeft <= 0) {
    return <span>{pickup.by === "PICKUP" ? "gone" : "its counter is closed"}</span>;
  }
  const short = pickup.minutesLeft <= SHORT_TIME_MINUTES;
  return <span className={short ? "font-bold text-warning" : ""}>{duration(pickup.minutesLeft)} left</span>;
}

function isOver(pickup: Pickup): boolean {
  return !pickup.comesToday || pickup.minutesLeft <= 0;
}
