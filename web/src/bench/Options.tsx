import { useState } from "react";
import { day } from "../ui/format";
import { acts, type BenchData, type useAct } from "./useBench";

/**
 * One line says when it leaves and what is requested beyond plain carriage. Opened, it offers what some service could do that may
 * carry this shipment.
 */
export function Options({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  const [open, setOpen] = useState(false);
  const requested = bench.accessorials.filter((each) => each.requested).map((each) => each.words);
  const leaves = bench.shipOn ? `Leaves ${day(bench.shipOn)}` : "Leaves today";
  return (
    <div className="mt-3">
      <p className="flex items-baseline gap-2">
        <span className="min-w-0 flex-1">
          <strong>{leaves}</strong>
          {bench.sites.length > 1 && ` from ${bench.sites.find((each) => each.code === bench.site)?.name}`}
          {requested.length > 0 ? `, with ${requested.join(", ")}` : ", no accessorials"}
        </span>
        <button type="button" className="act" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? "Close" : "Change"}
        </button>
      </p>
      {open && <Choices bench={bench} act={act} />}
    </div>
  );
}

/** The day it leaves, and the accessorials. */
export function Choices({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  const toggle = (accessorial: BenchData["accessorials"][number]["accessorial"]) =>
    act.mutate(
      acts.chooseAccessorials(
        bench.accessorials
          .filter((each) => (each.accessorial === accessorial ? !each.requested : each.requested))
          .map((each) => each.accessorial),
      ),
    );
  const days = [
    { day: bench.today, words: "today" },
    { day: bench.tomorrow, words: day(bench.tomorrow) },
    ...(bench.shipOn && bench.shipOn !== bench.tomorrow
      ? [{ day: bench.shipOn, words: day(bench.shipOn) }]
      : []),
  ];
  return (
    <>
      <fieldset className="mt-1">
        <legend className="font-bold">Leaves</legend>
        <div className="flex gap-4">
          {days.map((each) => (
            <label key={each.day} className="flex items-center gap-1">
              <input
                type="radio"
                name="ship-day"
                checked={(bench.shipOn ?? bench.today) === each.day}
                onChange={() => act.mutate(acts.shipOn(each.day))}
              />
              {each.words}
            </label>
          ))}
        </div>
      </fieldset>
      {bench.sites.length > 1 && (
        <label className="mt-1 flex items-center gap-2">
          <strong>From</strong>
          <select
            aria-label="Site it leaves from"
            className="entry min-w-0 py-0"
            value={bench.site}
            disabled={act.isPending}
            onChange={(event) => act.mutate(acts.leaveFrom(event.target.value))}
          >
            {bench.sites.map((each) => (
              <option key={each.code} value={each.code}>
                {each.name}
              </option>
            ))}
          </select>
        </label>
      )}
      <fieldset className="mt-1">
        <legend className="font-bold">Accessorials</legend>
        <div className="flex flex-wrap gap-x-4 leading-snug">
          {bench.accessorials
            .filter((each) => each.offered || each.requested)
            .map((each) => (
              <label key={each.accessorial} className="flex items-center gap-1">
                <input type="checkbox" checked={each.requested} onChange={() => toggle(each.accessorial)} />
                {each.words}
              </label>
            ))}
        </div>
      </fieldset>
    </>
  );
}
