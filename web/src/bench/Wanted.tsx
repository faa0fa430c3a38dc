import { day } from "../ui/format";
import { acts, type BenchData, type useAct } from "./useBench";

/** What is wanted beyond plain carriage, and the day it leaves. */
export function Wanted({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  const toggle = (extra: BenchData["extras"][number]["extra"]) =>
    act.mutate(
      acts.chooseExtras(
        bench.extras
          .filter((each) => (each.extra === extra ? !each.wanted : each.wanted))
          .map((each) => each.extra),
      ),
    );
  const days = [
    { day: bench.today, words: "today" },
    { day: bench.tomorrow, words: day(bench.tomorrow) },
  ];
  return (
    <>
      <fieldset className="mt-3">
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
      <fieldset className="mt-2">
        <legend className="font-bold">Wanted</legend>
        <div className="flex flex-wrap gap-x-4 leading-snug">
          {bench.extras.map((each) => (
            <label key={each.extra} className="flex items-center gap-1">
              <input type="checkbox" checked={each.wanted} onChange={() => toggle(each.extra)} />
              {each.words}
            </label>
          ))}
        </div>
      </fieldset>
    </>
  );
}
