import { describe, expect, it } from "vitest";
import { clockTime, count, day, daysBetween, duration, minutesOf, moment } from "./format";

describe("days and times as a shop's office writes them", () => {
  it.each([
    ["2026-12-01", "Tue, Dec 1"],
    ["2026-02-28", "Sat, Feb 28"],
  ])("writes the day %s as %s whatever the browser's time zone", (iso, shown) => {
    expect(day(iso)).toBe(shown);
  });

  it("shows a moment as the site's clock does", () => {
    expect(moment("2026-12-01T19:05:00Z", "America/Chicago")).toBe("Tue, Dec 1, 1:05 PM");
    expect(moment("2026-12-02T05:30:00Z", "America/Chicago")).toBe("Tue, Dec 1, 11:30 PM");
    expect(moment("2026-12-01T06:00:00Z", "America/Chicago")).toBe("Tue, Dec 1, 12:00 AM");
    expect(moment("2026-07-01T17:00:00Z", "America/Chicago")).toBe("Wed, Jul 1, 12:00 PM");
  });

  it("cuts seconds off and counts minutes", () => {
    expect(clockTime("16:30:00")).toBe("4:30 PM");
    expect(clockTime("00:05:00")).toBe("12:05 AM");
    expect(minutesOf("16:30:00")).toBe(990);
    expect(minutesOf("07:05")).toBe(425);
  });

  it.each([
    [0, "0 min"],
    [59, "59 min"],
    [60, "1 h 0 min"],
    [203, "3 h 23 min"],
  ])("says %i minutes as %s", (minutes, said) => {
    expect(duration(minutes)).toBe(said);
  });

  it("counts days over the end of a month and of summer time", () => {
    expect(daysBetween("2026-10-30", "2026-11-03")).toBe(4);
    expect(daysBetween("2026-12-01", "2026-12-01")).toBe(0);
  });

  it("puts a noun behind a count", () => {
    expect(count(1, "job", "jobs")).toBe("1 job");
    expect(count(0, "job", "jobs")).toBe("0 jobs");
  });
});
