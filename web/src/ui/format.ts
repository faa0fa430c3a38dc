const DAY = new Intl.DateTimeFormat("en-US", {
  weekday: "short",
  day: "numeric",
  month: "short",
  timeZone: "UTC",
});

/** A calendar day as a shop's office writes it: Thu, Dec 3. */
export function day(isoDate: string): string {
  return DAY.format(new Date(isoDate + "T00:00:00Z"));
}

const DAY_WITH_YEAR = new Intl.DateTimeFormat("en-US", {
  day: "numeric",
  month: "short",
  year: "numeric",
  timeZone: "UTC",
});

/** A day of another year as well: Jan 1, 2027. */
export function dayWithYear(isoDate: string): string {
  return DAY_WITH_YEAR.format(new Date(isoDate + "T00:00:00Z"));
}

const TIME = new Intl.DateTimeFormat("en-US", { hour: "numeric", minute: "2-digit", timeZone: "UTC" });

/** A time of day: 4:30 PM. */
export function clockTime(isoTime: string): string {
  return TIME.format(new Date(`1970-01-01T${isoTime.slice(0, 5)}:00Z`)).replace("\u202f", " ");
}

/** A difference with its sign: +4.32, −4.32. */
export function signed(amount: string): string {
  return amount.startsWith("-") ? "−" + amount.slice(1) : "+" + amount;
}

/** Minutes since midnight. */
export function minutesOf(isoTime: string): number {
  return Number(isoTime.slice(0, 2)) * 60 + Number(isoTime.slice(3, 5));
}

const DAY_MS = 86_400_000;

/** Calendar days from one day to another. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);
}

/** A moment as the clock on the site's wall shows it: Tue, Dec 1, 1:09 PM. */
export function moment(isoMoment: string, timeZone: string): string {
  return new Intl.DateTimeFormat("en-US", {
    weekday: "short",
    day: "numeric",
    month: "short",
    hour: "numeric",
    minute: "2-digit",
    timeZone,
  })
    .format(new Date(isoMoment))
    .replace("\u202f", " ");
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
