import { Fragment, useCallback, useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import { FilterChoice } from "../ui/FilterChoice";
import { day } from "../ui/format";
import { JobLink } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { Labeled } from "../ui/Labeled";
import { More } from "../ui/longList";
import { SectionTabs } from "../ui/SectionTabs";
import { Empty, Trouble, Waiting } from "../ui/states";
import { useCursor } from "../ui/useCursor";
import { useTitle } from "../ui/useTitle";
import { type Look, LISTS, type Track, type TrackList, useEnRoute } from "./enRouteData";
import { TrackDetail } from "./TrackDetail";
import { TrackLine } from "./TrackLine";

export const TABS = [
  { to: "/en-route", name: "Packages" },
  { to: "/en-route/asking", name: "How often carriers are asked" },
];

function readLook(from: URLSearchParams): Look {
  const list = from.get("list") ?? "";
  const days = Number(from.get("days"));
  return {
    list: list in LISTS ? (list as TrackList) : "EXCEPTION",
    days: days >= 1 && days <= 60 ? days : undefined,
    carrier: from.get("carrier") ?? undefined,
  };
}

function written(look: Look): Record<string, string> {
  return Object.fromEntries(
    Object.entries(look)
      .filter((each) => each[1] !== undefined)
      .map(([name, value]) => [name, String(value)]),
  );
}

/** Packages that have left and are not there yet, by what has to be done about them. */
export function EnRoute({ timeZone }: { timeZone: string }) {
  useTitle("En route");
  const [search, setSearch] = useSearchParams();
  const look = readLook(search);
  const change = (next: Look) => setSearch(written(next));
  const list = useEnRoute(look);
  const rows = useMemo(() => list.data?.pages.flatMap((part) => part.rows) ?? [], [list.data]);
  const first = list.data?.pages[0];
  if (list.isLoadingError) {
    return <Trouble error={list.error} again={() => void list.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <div className="flex flex-wrap items-baseline gap-x-5">
        <SectionTabs title="En route" tabs={TABS} />
        <span className="quiet ml-auto flex items-center gap-1">
          <Key name="↑" /> <Key name="↓" /> choose <Key name="Enter" /> what happened
        </span>
      </div>
      <div className="mt-2 flex flex-wrap items-end gap-x-5 gap-y-2">
        <div role="group" aria-label="Packages" className="flex flex-wrap gap-3 pb-1.5">
          {(first?.lists ?? []).map((each) => (
            <span key={each.list} className="flex items-baseline gap-0.5">
              <FilterChoice
                name={`${each.words} ${each.count}${each.more ? " or more" : ""}`}
                on={look.list === each.list}
                choose={() => change({ ...look, list: each.list })}
              />
            </span>
          ))}
        </div>
        {look.list === "NO_MOVEMENT" && (
          <Labeled text="For days">
            <input
              type="number"
              min={1}
              max={60}
              className="entry figure w-20"
              value={look.days ?? 3}
              onChange={(event) => change({ ...look, days: Number(event.target.value) || undefined })}
            />
          </Labeled>
        )}
        <Labeled text="Carrier">
          <select
            className="entry"
            value={look.carrier ?? ""}
            onChange={(event) => change({ ...look, carrier: event.target.value || undefined })}
          >
            <option value="">every carrier</option>
            {(first?.carriers ?? []).map((each) => (
              <option key={each.value} value={each.value}>
                {each.words}
              </option>
            ))}
          </select>
        </Labeled>
      </div>
      {list.isPending ? (
        <Waiting what="The packages" />
      ) : rows.length === 0 ? (
        <div className="mt-3">
          <Empty>{LISTS[look.list]}</Empty>
        </div>
      ) : (
        <>
          <Packages rows={rows} timeZone={timeZone} />
          <More list={list} what="packages" />
        </>
      )}
    </div>
  );
}

function Packages({ rows, timeZone }: { rows: Track[]; timeZone: string }) {
  const [opened, setOpened] = useState<number>();
  const toggle = useCallback(
    (index: number) => setOpened((now) => (now === rows[index]?.id ? undefined : rows[index]?.id)),
    [rows],
  );
  const [at, setAt] = useCursor(rows.length, toggle);
  return (
    <table className="timetable mt-2">
      <thead>
        <tr>
          <th>Job</th>
          <th>To</th>
          <th className="w-[34%]">From the shop to the door: ▏promised, ┆expected</th>
          <th>Promised</th>
          <th>Expected</th>
          <th>The last that is known</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row, index) => (
          <Fragment key={row.id}>
            <tr className={"[&>td]:align-top " + (index === at ? "at" : "")} onClick={() => setAt(index)}>
              <td>
                <JobLink job={row.job} />
                <button
                  type="button"
                  className="link figure block"
                  aria-expanded={opened === row.id}
                  onClick={() => toggle(index)}
                >
                  {row.trackingNumber}
                </button>
              </td>
              <td>
                {row.receiver}
                <span className="quiet block">{row.destination}</span>
              </td>
              <td>
                <TrackLine track={row} />
              </td>
              <td className="whitespace-nowrap">
                {day(row.promise)}
                {row.daysLate > 0 && (
                  <span className="block font-bold text-error">
                    {row.daysLate} {row.daysLate === 1 ? "day" : "days"} late
                  </span>
                )}
              </td>
              <td className="whitespace-nowrap" title={row.forecastReason}>
                {row.state === "DELIVERED" ? "there" : row.forecast ? day(row.forecast) : "unknown"}
              </td>
              <td>
                <LastKnown row={row} />
              </td>
            </tr>
            {opened === row.id && (
              <tr>
                <td colSpan={6}>
                  <TrackDetail track={row} timeZone={timeZone} />
                </td>
              </tr>
            )}
          </Fragment>
        ))}
      </tbody>
    </table>
  );
}

function LastKnown({ row }: { row: Track }) {
  const trouble = row.state === "EXCEPTION" || row.state === "SENT_BACK";
  return (
    <>
      <span className={trouble ? "font-bold text-error" : ""}>{row.said || row.stateWords}</span>
      <span className="quiet block">
        {row.service}
        {row.packages > 1 && `, package ${row.packageNumber} of ${row.packages}`}
        {row.closedBy && `, seen to by ${row.closedBy}`}
      </span>
    </>
  );
}
