import { renderToStaticMarkup } from "react-dom/server";
import { MemoryRouter } from "react-router";
import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { JobRows } from "./JobRows";
import { TimeAxis } from "./TimeAxis";
import { timeScale, underTheirMarks } from "./timeScale";
import type { Rescue } from "./useRescues";

const pickup: Schemas["departure.PickupView"] = {
  by: "PICKUP",
  carrier: "Plover Parcel",
  cutOff: "16:30:00",
  comesToday: true,
  minutesLeft: 203,
  packages: 2,
  weight: { grams: 0, text: "8.10 lb" },
  promised: 1,
  promisedWeight: { grams: 0, text: "34.50 lb" },
  willMiss: 0,
  packedPercent: 19,
};

const board: Schemas["departure.DepartureView"] = {
  site: "Marrowby, Rockford",
  siteCode: "ROCKFORD",
  sites: [{ code: "ROCKFORD", name: "Rockford" }],
  day: "2026-12-01",
  now: "13:07:00",
  opensAt: "07:00:00",
  closesAt: "18:30:00",
  workingDay: true,
  pickups: [pickup],
  stuck: [],
};

const job: Schemas["departure.JobOutlookView"] = {
  job: "2407",
  customer: "Lowmoor Presses",
  shipTo: "Seattle, WA",
  verdict: "WILL_MISS",
  nextDeparture: "2026-12-02",
  serviceCode: "PLV-GROUND",
  service: "Plover Ground",
  carrier: "Plover Parcel",
  status: "READY",
  goingThereToo: 1,
  reason: "Promised Wed 2 Dec, there Mon 7 Dec at the earliest.",
};

function axis(changes: Partial<Schemas["departure.PickupView"]>): string {
  return renderToStaticMarkup(<TimeAxis board={{ ...board, pickups: [{ ...pickup, ...changes }] }} />);
}

function rows(jobs: Schemas["departure.JobOutlookView"][], rescues = new Map<string, Rescue>()): string {
  return renderToStaticMarkup(
    <MemoryRouter>
      <JobRows jobs={jobs} rescues={rescues} at={0} setAt={() => undefined} open={() => undefined} />
    </MemoryRouter>,
  );
}

describe("the time axis", () => {
  it("says what is on a pickup, what is promised for it and how long is left", () => {
    const shown = axis({});
    expect(shown).toContain("2 packages, 8.10 lb packed");
    expect(shown).toContain("1 job, 34.50 lb to pack");
    expect(shown).toContain("3 h 23 min left");
    expect(shown).toContain("now 1:07 PM");
  });

  it.each([
    [{ minutesLeft: 0 }, "gone"],
    [{ comesToday: false }, "does not come today"],
    [{ packages: 0 }, "nothing packed yet"],
    [{ promised: 0, packages: 0 }, "nothing for it"],
    [{ promised: 2, promisedWeight: undefined }, "2 jobs to pack"],
    [{ willMiss: 3 }, "3 jobs will miss the promise"],
  ])("says it in words when %j", (changes, said) => {
    expect(
      axis(changes)
        .replace(/<[^>]+>/g, "")
        .replace(/, , /, ", "),
    ).toContain(said);
  });

  it("warns when little time is left", () => {
    expect(axis({ minutesLeft: 45 })).toContain("font-bold text-warning");
    expect(axis({ minutesLeft: 46 })).not.toContain("font-bold text-warning");
  });

  it("squeezes what is past, and keeps the order of what is to come", () => {
    const place = timeScale(420, 787, 1110);
    expect(place(420)).toBe(0);
    expect(place(787)).toBeCloseTo(15);
    expect(place(1110)).toBe(100);
    expect(place(900)).toBeGreaterThan(place(800));
    expect(timeScale(420, 1200, 1110)(1110)).toBe(100);
  });

  it("sets columns under their marks without one over the other, seven and more", () => {
    const marks = [15, 16, 17, 50, 97, 98, 99];
    const lefts = underTheirMarks(marks, 100 / 7);
    lefts.slice(1).forEach((left, index) => {
      expect(left).toBeGreaterThanOrEqual((lefts[index] ?? 0) + 100 / 7 - 0.0001);
    });
    expect((lefts.at(-1) ?? 0) + 100 / 7).toBeCloseTo(100);
    expect(underTheirMarks([20, 60], 20)).toEqual([15, 55]);
  });
});

describe("the jobs that must still make it", () => {
  it("say what will be there when there are none", () => {
    expect(rows([])).toContain("Everything is shipped.");
  });

  it("say a miss in words, and the day where today's driver is gone", () => {
    const shown = rows([job]);
    expect(shown).toContain("Will miss the promise");
    expect(rows([{ ...job, verdict: "MUST_LEAVE_TODAY" }])).toContain("Wed, Dec 2");
    expect(shown).toContain("not known");
    expect(shown).toContain('href="/bench?job=2407"');
  });

  it("say what would save a late one", () => {
    const rescue = {
      service: "DUN-ONE",
      name: "Dunlin Overnight",
      delivery: "2026-12-02",
      total: { amount: "79.80", currency: "USD" },
    };
    expect(rows([job], new Map([["2407", rescue]]))).toContain("Dunlin Overnight arrives Wed, Dec 2, 79.80");
  });

  it("stand under the pickup they must make, the late ones first", () => {
    const due = (number: string, cutOff: string): Schemas["departure.JobOutlookView"] => ({
      ...job,
      job: number,
      verdict: "MUST_LEAVE_TODAY",
      cutOff,
    });
    const later = { ...job, job: "3", verdict: "CAN_WAIT" as const, leaveBy: "2026-12-04" };
    const shown = rows([
      job,
      due("2", "14:00:00"),
      due("1", "16:30:00"),
      later,
      { ...later, leaveBy: undefined },
    ]);
    const titles = ["Will miss", "2:00 PM", "4:30 PM", "Leave by Fri, Dec 4", "No promise date"];
    expect(titles.map((title) => shown.indexOf(title))).toEqual(
      titles.map((title) => shown.indexOf(title)).sort((one, other) => one - other),
    );
    expect(titles.every((title) => shown.includes(title))).toBe(true);
  });

  it("lead to a bench whatever stands in a number", () => {
    expect(rows([{ ...job, job: "A/7 #2" }])).toContain('href="/bench?job=A%2F7%20%232"');
  });
});
