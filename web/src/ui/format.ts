const DAY = new Intl.DateTimeFormat("en-US", {
  weekday: "short",
  day: "numeric",
  month: "short",
  timeZone: "UTC",
});

/** A calendar day as the timetable writes it: Thu 3 Dec. */
export function day(isoDate: string): string {
  const parts = DAY.formatToParts(new Date(isoDate + "T00:00:00Z"));
  const part = (type: string) => parts.find((each) => each.type === type)?.value ?? "";
  return `${part("weekday")} ${part("day")} ${part("month")}`;
}

/** Hours and minutes of a time of day. */
export function clockTime(isoTime: string): string {
  return isoTime.slice(0, 5);
}

/** Minutes since midnight. */
export function minutesOf(isoTime: string): number {
  return Number(isoTime.slice(0, 2)) * 60 + Number(isoTime.slice(3, 5));
}

/** A moment as the clock on the site's wall shows it: Tue 1 Dec, 13:09. */
export function moment(isoMoment: string, timeZone: string): string {
  const parts = new Intl.DateTimeFormat("en-US", {
    weekday: "short",
    day: "numeric",
    month: "short",
    hour: "2-digit",
    minute: "2-digit",
    hourCycle: "h23",
    timeZone,
  }).formatToParts(new Date(isoMoment));
  const part = (type: string) => parts.find((each) => each.type === type)?.value ?? "";
  return `${part("weekday")} ${part("day")} ${part("month")}, ${part("hour")}:${part("minute")}`;
}

/** Time left as people say it: 3 h 23 min. */
export function duration(minutes: number): string {
  const hours = Math.floor(minutes / 60);
  const rest = minutes % 60;
  return hours === 0 ? `${rest} min` : `${hours} h ${rest} min`;
}

/** A count with its noun. */
export function count(number: number, one: string, many: string): string {
  return `${number} ${number === 1 ? one : many}`;
}
