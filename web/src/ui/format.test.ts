import { describe, expect, it } from "vitest";
import { clockTime, count, day, duration, minutesOf, moment } from "./format";

describe("days and times as the timetable writes them", () => {
  it.each([
    ["2026-12-01", "Tue 1 Dec"],
    ["2026-02-28", "Sat 28 Feb"],
  ])("writes the day %s as %s whatever the browser's time zone", (iso, shown) => {
    expect(day(iso)).toBe(shown);
  });

  it("shows a moment as the site's clock does", () => {
    expect(moment("2026-12-01T19:05:00Z", "America/Chicago")).toBe("Tue 1 Dec, 13:05");
    expect(moment("2026-12-02T05:30:00Z", "America/Chicago")).toBe("Tue 1 Dec, 23:30");
    expect(moment("2026-12-01T06:00:00Z", "America/Chicago")).toBe("Tue 1 Dec, 00:00");
    expect(moment("2026-07-01T17:00:00Z", "America/Chicago")).toBe("Wed 1 Jul, 12:00");
  });

  it("cuts seconds off and counts minutes", () => {
    expect(clockTime("16:30:00")).toBe("16:30");
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

  it("puts a noun behind a count", () => {
    expect(count(1, "job", "jobs")).toBe("1 job");
    expect(count(0, "job", "jobs")).toBe("0 jobs");
  });
});
