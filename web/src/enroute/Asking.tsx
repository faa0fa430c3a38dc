import { useState } from "react";
import { answer, api } from "../api/client";
import { useMay } from "../signin/who";
import { SectionTabs } from "../ui/SectionTabs";
import { ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { TABS } from "./EnRoute";
import { type Interval, useIntervals, useTrackAct } from "./enRouteData";

const DAY_MINUTES = 1_440;

/** How often each carrier is asked about its packages. */
export function Asking() {
  useTitle("How often carriers are asked");
  const may = useMay();
  const list = useIntervals();
  const [kept, setKept] = useState("");
  if (list.isPending) {
    return <Waiting what="The intervals" />;
  }
  if (list.isLoadingError) {
    return <Trouble error={list.error} again={() => void list.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <SectionTabs title="En route" tabs={TABS} />
      <p className="mt-2 max-w-3xl">
        A package is asked about at its carrier’s usual interval from when a driver has it; more often on the
        day on which it is due; seldom once it has not moved for days; and no more once it is there. What a
        carrier tells unasked counts at once.
      </p>
      <table className="timetable mt-3 max-w-4xl">
        <thead>
          <tr>
            <th>Carrier</th>
            <th>Usually, every</th>
            <th>On the day it is due, every</th>
            <th>Once quiet, every</th>
            <th>Quiet after</th>
            <th>
              <span className="sr-only">Keep</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {list.data.rows.map((row) => (
            <Row
              key={row.code + row.entry.version}
              row={row}
              kept={kept === row.code}
              done={() => setKept(row.code)}
            />
          ))}
        </tbody>
      </table>
      {!may("SET_UP") && <p className="quiet mt-2">Who sets the shop up changes it.</p>}
    </div>
  );
}

function Row({ row, kept, done }: { row: Interval; kept: boolean; done: () => void }) {
  const may = useMay();
  const [usual, setUsual] = useState(row.entry.usualMinutes);
  const [due, setDue] = useState(row.entry.dueTodayMinutes);
  const [quietDays, setQuietDays] = useState(row.entry.quietMinutes / DAY_MINUTES);
  const [after, setAfter] = useState(row.entry.quietDays);
  const keep = useTrackAct(() =>
    answer(
      api
        .PUT("/api/v1/asking-intervals/{carrier}", {
          params: { path: { carrier: row.code } },
          body: {
            version: row.entry.version,
            usualMinutes: usual,
            dueTodayMinutes: due,
            quietMinutes: Math.round(quietDays * DAY_MINUTES),
            quietDays: after,
          },
        })
        .then((result) => {
          if (result.response.ok) {
            done();
          }
          return result;
        }),
    ),
  );
  const cell = (name: string, value: number, set: (value: number) => void, unit: string) => (
    <td className="whitespace-nowrap">
      <input
        type="number"
        min={1}
        className="entry figure w-20"
        aria-label={`${row.name}: ${name}`}
        value={value}
        disabled={!may("SET_UP")}
        onChange={(event) => set(Number(event.target.value))}
      />{" "}
      {unit}
    </td>
  );
  return (
    <>
      <tr>
        <td>
          {row.name}
          {!row.answers && <span className="quiet block">cannot be asked</span>}
        </td>
        {cell("usually, every so many minutes", usual, setUsual, "min")}
        {cell("on the day it is due, every so many minutes", due, setDue, "min")}
        {cell("once quiet, every so many days", quietDays, setQuietDays, "days")}
        {cell("quiet after so many days", after, setAfter, "days")}
        <td>
          {may("SET_UP") && (
            <button
              type="button"
              className="act"
              disabled={keep.isPending}
              onClick={() => keep.mutate(undefined)}
            >
              Keep
            </button>
          )}{" "}
          {kept && !keep.isError && <span role="status">Kept.</span>}
        </td>
      </tr>
      {keep.isError && (
        <tr>
          <td colSpan={6}>
            <ProblemLine error={keep.error} />
          </td>
        </tr>
      )}
    </>
  );
}
