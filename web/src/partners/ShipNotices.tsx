import { useInfiniteQuery, useMutation, useQueryClient } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import { answer, api } from "../api/client";
import { useMay } from "../signin/who";
import { FilterChoice } from "../ui/FilterChoice";
import { moment } from "../ui/format";
import { JobLink } from "../ui/JobLink";
import { More } from "../ui/longList";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { PartnerTabs } from "./PartnerTabs";
import type { Notice } from "./usePartners";

const KEY = "ship-notices";
const LOOK_AGAIN_MS = 3_000;

const STATES = {
  WAITING: { words: "waiting", color: "text-warning", sign: "…" },
  SENT: { words: "sent", color: "", sign: "→" },
  FETCHED: { words: "fetched", color: "", sign: "→" },
  ACKNOWLEDGED: { words: "acknowledged", color: "text-primary", sign: "✓" },
  REFUSED: { words: "refused", color: "text-error", sign: "■" },
} as const;

/** What partners were told of shipments, and what they said. */
export function ShipNotices({ timeZone }: { timeZone: string }) {
  useTitle("Ship notices");
  const [filter, setFilter] = useSearchParams();
  const asked = filter.get("state");
  const state = asked !== null && asked in STATES ? (asked as Notice["state"]) : undefined;
  const list = useInfiniteQuery({
    queryKey: [KEY, state],
    initialPageParam: undefined as number | undefined,
    queryFn: ({ pageParam }) =>
      answer(
        api.GET("/api/v1/ship-notices", {
          params: { query: { cursor: pageParam, ...(state ? { state } : {}) } },
        }),
      ),
    getNextPageParam: (part) => part.next,
    refetchInterval: LOOK_AGAIN_MS,
  });
  const rows = useMemo(() => list.data?.pages.flatMap((part) => part.rows) ?? [], [list.data]);
  if (list.isPending) {
    return <Waiting what="The ship notices" />;
  }
  if (list.isLoadingError) {
    return <Trouble error={list.error} again={() => void list.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <div className="flex flex-wrap items-baseline gap-x-8 gap-y-2">
        <PartnerTabs />
        <div role="group" aria-label="Which" className="flex gap-3">
          <FilterChoice name="all" on={state === undefined} choose={() => setFilter({})} />
          {(Object.keys(STATES) as Notice["state"][]).map((each) => (
            <FilterChoice
              key={each}
              name={STATES[each].words}
              on={state === each}
              choose={() => setFilter({ state: each })}
            />
          ))}
        </div>
      </div>
      {rows.length === 0 ? (
        <div className="mt-3">
          <Empty>
            {state === undefined
              ? "What partners are told of shipments will stand here: one line for each notice, with what the partner says."
              : `No ship notice is ${STATES[state].words}.`}
          </Empty>
        </div>
      ) : (
        <>
          <NoticeTable rows={rows} timeZone={timeZone} />
          <More list={list} what="ship notices" />
        </>
      )}
    </div>
  );
}

function useNoticeAct<T>(act: (value: T) => Promise<unknown>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: act,
    onSettled: () => queries.invalidateQueries({ queryKey: [KEY] }),
  });
}

function NoticeTable({ rows, timeZone }: { rows: Notice[]; timeZone: string }) {
  const again = useNoticeAct((id: number) =>
    answer(api.POST("/api/v1/ship-notices/{id}/another-sending", { params: { path: { id } } })),
  );
  return (
    <>
      {again.isError && <ProblemLine error={again.error} />}
      <table className="timetable mt-2">
        <thead>
          <tr>
            <th>State</th>
            <th>Job</th>
            <th>Partner</th>
            <th>Notice</th>
            <th>What was said</th>
            <th>When</th>
            <th>Next</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.id}>
              <td className={"font-bold whitespace-nowrap " + STATES[row.state].color}>
                <span aria-hidden>{STATES[row.state].sign}</span> {STATES[row.state].words}
              </td>
              <td className="figure">
                <JobLink job={row.job} />
              </td>
              <td>{row.partner}</td>
              <td className="whitespace-nowrap">
                <a className="link figure" href={`/api/v1/ship-notices/${row.id}/document`}>
                  {row.number}
                </a>
                {row.purpose === "CANCELLATION" && <strong className="block">takes it back</strong>}
              </td>
              <td>
                {row.said || <span className="quiet">nothing yet</span>}
                {row.acknowledgedBy && <span className="quiet block">said here by {row.acknowledgedBy}</span>}
              </td>
              <td className="figure whitespace-nowrap">
                {moment(row.acknowledgedAt ?? row.sentAt ?? row.madeAt, timeZone)}
              </td>
              <td>
                <Next row={row} timeZone={timeZone} busy={again.isPending} sendAgain={again.mutate} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

interface NextProps {
  row: Notice;
  timeZone: string;
  busy: boolean;
  sendAgain: (id: number) => void;
}

function Next({ row, timeZone, busy, sendAgain }: NextProps) {
  const may = useMay();
  const open = row.state === "SENT" || row.state === "FETCHED" || row.state === "REFUSED";
  return (
    <div className="space-y-1">
      <span className={row.overdue ? "font-bold text-error" : "quiet"}>{next(row, timeZone)}</span>
      {open && may("WRITE_BACK") && (row.dueAt !== undefined || row.state === "REFUSED") && (
        <div className="flex flex-wrap items-center gap-2">
          <button
            type="button"
            className="act"
            aria-label={`Send ${row.number} again`}
            disabled={busy}
            onClick={() => sendAgain(row.id)}
          >
            Send again
          </button>
          <ByHand row={row} />
        </div>
      )}
    </div>
  );
}

function next(row: Notice, timeZone: string): string {
  if (row.overdue) {
    return "Not acknowledged: call them.";
  }
  if (row.state === "WAITING") {
    return "being handed over; see Postings";
  }
  if (row.state === "REFUSED") {
    return "put it right with them";
  }
  if (row.state === "ACKNOWLEDGED" || row.dueAt === undefined) {
    return "nothing";
  }
  return `to be acknowledged by ${moment(row.dueAt, timeZone)}${row.chased > 0 ? `, sent again ${row.chased}×` : ""}`;
}

/** Somebody knows that the partner has it, as by phone. */
function ByHand({ row }: { row: Notice }) {
  const [open, setOpen] = useState(false);
  const [note, setNote] = useState("");
  const keep = useNoticeAct((text: string) =>
    answer(
      api.POST("/api/v1/ship-notices/{id}/acknowledgment", {
        params: { path: { id: row.id } },
        body: { note: text },
      }),
    ),
  );
  if (!open) {
    return (
      <button
        type="button"
        className="act"
        aria-label={`They have ${row.number}`}
        onClick={() => setOpen(true)}
      >
        They have it …
      </button>
    );
  }
  return (
    <form
      aria-label={`How it is known of ${row.number}`}
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate(note);
      }}
    >
      <label className="sr-only" htmlFor={`note-${row.id}`}>
        How it is known
      </label>
      <input
        id={`note-${row.id}`}
        autoFocus
        className="entry w-56"
        maxLength={120}
        placeholder="how it is known: said so by phone"
        value={note}
        onChange={(event) => setNote(event.target.value)}
        onKeyDown={(event) => event.key === "Escape" && setOpen(false)}
      />
      <button type="submit" className="act" disabled={keep.isPending || !note.trim()}>
        Keep
      </button>
      {keep.isError && <ProblemLine error={keep.error} />}
    </form>
  );
}
