import { renderToStaticMarkup } from "react-dom/server";
import { MemoryRouter } from "react-router";
import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { JobRows } from "./JobRows";
import { TimeAxis } from "./TimeAxis";

const pickup: Schemas["PickupView"] = {
  carrier: "Plover Parcel",
  cutOff: "16:30:00",
  comesToday: true,
  minutesLeft: 203,
  packages: 2,
  weight: "8.10 lb",
  promised: 1,
  promisedWeight: "34.50 lb",
};

const board: Schemas["DepartureView"] = {
  site: "Marrowby, Rockford",
  day: "2026-12-01",
  now: "13:07:00",
  opensAt: "07:00:00",
  closesAt: "18:30:00",
  workingDay: true,
  pickups: [pickup],
  jobs: [],
  jobsLater: 0,
  stuck: [],
};

const job: Schemas["JobOutlookView"] = {
  job: "2407",
  customer: "Lowmoor Presses",
  shipTo: "Seattle, WA",
  verdict: "WILL_MISS",
  nextDeparture: "2026-12-02",
  service: "Plover Ground",
  carrier: "Plover Parcel",
  status: "READY",
  reason: "Promised Wed 2 Dec, there Mon 7 Dec at the earliest.",
};

function axis(changes: Partial<Schemas["PickupView"]>): string {
  return renderToStaticMarkup(<TimeAxis board={{ ...board, pickups: [{ ...pickup, ...changes }] }} />);
}

function rows(jobs: Schemas["JobOutlookView"][]): string {
  return renderToStaticMarkup(
    <MemoryRouter>
      <JobRows jobs={jobs} at={0} setAt={() => undefined} open={() => undefined} />
    </MemoryRouter>,
  );
}

describe("the time axis", () => {
  it("says what is on a pickup, what is promised for it and how long is left", () => {
    const shown = axis({});
    expect(shown).toContain("2 packages, 8.10 lb");
    expect(shown).toContain("1 job, 34.50 lb, not packed");
    expect(shown).toContain("3 h 23 min left");
    expect(shown).toContain("now 13:07");
  });

  it.each([
    [{ minutesLeft: 0 }, "gone"],
    [{ comesToday: false }, "does not come today"],
    [{ packages: 0 }, "nothing yet"],
    [{ promised: 0 }, "nothing more"],
    [{ promised: 2, promisedWeight: undefined }, "2 jobs, not packed"],
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

  it("puts the cut-off where it belongs between opening and close", () => {
    const left = /left:([\d.]+)%;top:34/.exec(axis({}))?.[1];
    expect(Number(left)).toBeCloseTo(((16.5 - 7) / 11.5) * 100, 3);
  });
});

describe("the jobs that must still make it", () => {
  it("say what will be there when there are none", () => {
    expect(rows([])).toContain("Nothing must leave today.");
  });

  it("say a miss in words, and the day where today's driver is gone", () => {
    const shown = rows([job]);
    expect(shown).toContain("Will miss.");
    expect(shown).toContain("Wed 2 Dec");
    expect(shown).toContain("not known");
    expect(shown).toContain('href="/bench?job=2407"');
  });

  it("lead to a bench whatever stands in a number", () => {
    expect(rows([{ ...job, job: "A/7 #2" }])).toContain('href="/bench?job=A%2F7%20%232"');
  });
});
