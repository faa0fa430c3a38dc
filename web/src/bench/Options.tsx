import { day } from "../ui/format";
import { acts, type BenchData, type useAct } from "./useBench";

/** What is requested beyond plain carriage, and the day it leaves. */
export function Options({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
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
        <legend className="font-bold">Options</legend>
        <div className="flex flex-wrap gap-x-4 leading-snug">
          {bench.accessorials.map((each) => (
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
