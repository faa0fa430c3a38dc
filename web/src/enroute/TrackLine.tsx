import { day } from "../ui/format";
import { type Track } from "./enRouteData";
import { localTime } from "./localTime";

const DAY_MS = 86_400_000;
const WHOLE = 100;

/** Days count at their ends: what is promised for a day is in time until it is over. */
function endOf(isoDate: string): number {
  return Date.parse(isoDate + "T00:00:00Z") + DAY_MS;
}

interface Scale {
  from: number;
  until: number;
}

function scaleOf(track: Track): Scale {
  const ends = [endOf(track.promise), ...track.events.map((each) => Date.parse(each.at))];
  if (track.forecast) {
    ends.push(endOf(track.forecast));
  }
  const from = Date.parse(track.shipDate + "T12:00:00Z");
  return { from, until: Math.max(...ends, from + DAY_MS) };
}

function at({ from, until }: Scale, moment: number): string {
  return Math.min(WHOLE, Math.max(0, ((moment - from) / (until - from)) * WHOLE)) + "%";
}

function words(track: Track): string {
  const events = track.events.map(
    (each) => `${localTime(each.at)}: ${each.text || each.words}, ${each.place}`,
  );
  return [
    `Left ${day(track.shipDate)}, promised for ${day(track.promise)}.`,
    ...events,
    track.forecast ? `Expected on ${day(track.forecast)}.` : "",
  ].join(" ");
}

/** The way of a package from the shop to the door: what happened, the day promised, the day expected. */
export function TrackLine({ track }: { track: Track }) {
  const scale = scaleOf(track);
  const last = track.events.at(-1);
  const there = track.state === "DELIVERED";
  const trouble = track.state === "EXCEPTION" || track.state === "SENT_BACK";
  const color = trouble ? "bg-error" : "bg-primary";
  return (
    <div role="img" aria-label={words(track)} className="relative h-9 min-w-40">
      <span className="absolute top-4 right-0 left-0 h-px bg-base-300" />
      <span
        className={"absolute top-[15px] left-0 h-[3px] " + color}
        style={{ width: last ? at(scale, Date.parse(last.at)) : "0%" }}
      />
      <Mark left={at(scale, endOf(track.promise))} name="promised" late={track.daysLate > 0} />
      {track.forecast && track.forecast !== track.promise && !there && (
        <Mark left={at(scale, endOf(track.forecast))} name="expected" dashed />
      )}
      {track.events.map((each) => (
        <span
          key={each.at + each.kind}
          title={`${localTime(each.at)}: ${each.text || each.words}, ${each.place}`}
          className={
            "absolute top-[11px] -ml-[5px] size-[11px] border-2 " +
            (each.trouble
              ? "rotate-45 border-error bg-error"
              : each.kind === "DELIVERED"
                ? "border-primary bg-primary"
                : "border-primary bg-base-100")
          }
          style={{ left: at(scale, Date.parse(each.at)) }}
        />
      ))}
    </div>
  );
}

function Mark({
  left,
  name,
  late,
  dashed,
}: {
  left: string;
  name: string;
  late?: boolean;
  dashed?: boolean;
}) {
  return (
    <span
      className={
        "absolute top-1 bottom-1 w-0 border-l-2 " +
        (dashed ? "border-dashed border-warning" : late ? "border-error" : "border-base-content")
      }
      style={{ left }}
      title={name}
    />
  );
}
