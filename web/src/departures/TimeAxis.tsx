import type { Schemas } from "../api/client";
import { clockTime, count, duration, minutesOf } from "../ui/format";

type Board = Schemas["DepartureView"];
type Pickup = Schemas["PickupView"];

const WIDTH = 1000;
const AXIS_Y = 34;
const MARK_Y = 42;
const FOOT_Y = 78;
const SHORT_TIME_MINUTES = 45;

/** The day from opening to close; each pickup a mark at its cut-off, led down to what is on it. */
export function TimeAxis({ board }: { board: Board }) {
  const opens = minutesOf(board.opensAt);
  const closes = minutesOf(board.closesAt);
  const place = (minutes: number) =>
    Math.min(Math.max(((minutes - opens) / (closes - opens)) * WIDTH, 0), WIDTH);
  const now = place(minutesOf(board.now));
  const hours = Array.from(
    { length: Math.floor(closes / 60) - Math.ceil(opens / 60) + 1 },
    (_, index) => Math.ceil(opens / 60) + index,
  );
  const column = WIDTH / Math.max(board.pickups.length, 1);

  return (
    <section aria-label="Today's pickups" className="mt-1">
      <div className="relative" style={{ height: FOOT_Y }}>
        <svg
          viewBox={`0 0 ${WIDTH} ${FOOT_Y}`}
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
            x2={WIDTH}
            y1={AXIS_Y}
            y2={AXIS_Y}
            className="stroke-base-content"
            strokeWidth={5}
            vectorEffect="non-scaling-stroke"
          />
          {hours.map((hour) => (
            <line
              key={hour}
              x1={place(hour * 60)}
              x2={place(hour * 60)}
              y1={AXIS_Y - 8}
              y2={AXIS_Y}
              className="stroke-base-content"
              vectorEffect="non-scaling-stroke"
            />
          ))}
          {board.pickups.map((pickup, index) => (
            <path
              key={pickup.carrier}
              d={`M ${place(minutesOf(pickup.cutOff))} ${AXIS_Y} V ${MARK_Y} L ${index * column + 4} ${FOOT_Y - 10} V ${FOOT_Y}`}
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
        {hours
          .filter((hour) => Math.abs(place(hour * 60) - now) > 48 && place(hour * 60) > 14)
          .map((hour) => (
            <span
              key={hour}
              className="figure quiet absolute -translate-x-1/2"
              style={{ left: percent(place(hour * 60)), top: 4 }}
            >
              {hour}:00
            </span>
          ))}
        <strong
          className="figure absolute -translate-x-1/2 bg-base-100 px-1 text-error"
          style={{ left: percent(now), top: 3 }}
        >
          now {clockTime(board.now)}
        </strong>
        {board.pickups.map((pickup) => (
          <span
            key={pickup.carrier}
            className={
              "absolute size-4 -translate-1/2 rounded-full border-[3px] bg-base-100 " +
              (isOver(pickup) ? "border-base-300" : "border-primary")
            }
            style={{ left: percent(place(minutesOf(pickup.cutOff))), top: AXIS_Y }}
          />
        ))}
      </div>
      <ol
        className="grid border-b-2 border-base-content"
        style={{ gridTemplateColumns: `repeat(${board.pickups.length}, minmax(0, 1fr))` }}
      >
        {board.pickups.map((pickup) => (
          <PickupColumn key={pickup.carrier} pickup={pickup} />
        ))}
      </ol>
    </section>
  );
}

function PickupColumn({ pickup }: { pickup: Pickup }) {
  return (
    <li
      className={"border-l-[3px] pb-2 pl-3 " + (isOver(pickup) ? "border-base-300 quiet" : "border-primary")}
      data-carrier={pickup.carrier}
    >
      <p className="flex flex-wrap items-baseline gap-x-3">
        <span className="font-mono text-2xl font-bold tracking-tight">{clockTime(pickup.cutOff)}</span>
        <strong>{pickup.carrier}</strong>
        <TimeLeft pickup={pickup} />
      </p>
      <p>
        <span className="quiet">On it</span>{" "}
        <span className="figure">
          {pickup.packages === 0
            ? "nothing yet"
            : `${count(pickup.packages, "package", "packages")}, ${pickup.weight}`}
        </span>
      </p>
      <p>
        <span className="quiet">Promised for it</span>{" "}
        {pickup.promised === 0 ? (
          <span className="figure">nothing more</span>
        ) : (
          <strong className="figure whitespace-normal!">
            {count(pickup.promised, "job", "jobs")}
            {pickup.promisedWeight && `, ${pickup.promisedWeight}`}, not packed
          </strong>
        )}
      </p>
    </li>
  );
}

function TimeLeft({ pickup }: { pickup: Pickup }) {
  if (!pickup.comesToday) {
    return <span>does not come today</span>;
  }
  if (pickup.minutesLeft <= 0) {
    return <span>gone</span>;
  }
  const short = pickup.minutesLeft <= SHORT_TIME_MINUTES;
  return <span className={short ? "font-bold text-warning" : ""}>{duration(pickup.minutesLeft)} left</span>;
}

function isOver(pickup: Pickup): boolean {
  return !pickup.comesToday || pickup.minutesLeft <= 0;
}

function percent(place: number): string {
  return `${(place / WIDTH) * 100}%`;
}
