const FORMAT = new Intl.DateTimeFormat("en-US", {
  weekday: "short",
  day: "numeric",
  month: "short",
  hour: "numeric",
  minute: "2-digit",
  timeZone: "UTC",
});

const PARTS = /^(\d{4}-\d\d-\d\dT\d\d:\d\d)(?::\d\d(?:\.\d+)?)?(Z|[+-]\d\d:\d\d)$/;

/** A moment as the clock of the place shows it, whatever ours does: Wed, Dec 2, 9:10 AM. */
export function localTime(isoWithOffset: string): string {
  const found = PARTS.exec(isoWithOffset);
  return found ? FORMAT.format(new Date(found[1] + ":00Z")).replace("\u202f", " ") : isoWithOffset;
}

/** How far the clock of a place is from that of Greenwich: UTC−6. */
export function offset(isoWithOffset: string): string {
  const found = PARTS.exec(isoWithOffset)?.[2] ?? "";
  if (found === "Z" || found === "+00:00") {
    return "UTC";
  }
  const minutes = found.slice(4);
  return (
    "UTC" +
    (found.startsWith("-") ? "−" : "+") +
    Number(found.slice(1, 3)) +
    (minutes === "00" ? "" : ":" + minutes)
  );
}
