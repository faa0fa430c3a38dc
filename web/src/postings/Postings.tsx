import { Fragment, useCallback, useMemo, useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { answer, api } from "../api/client";
import { useMay } from "../signin/who";
import { moment } from "../ui/format";
import { benchOf, JobLink } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { More } from "../ui/longList";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { useCursor } from "../ui/useCursor";
import { useTitle } from "../ui/useTitle";
import { PostingDetail } from "./PostingDetail";
import { PostingFilters } from "./PostingFilters";
import {
  isOfAJob,
  KINDS,
  type Posting,
  type PostingFilter,
  type PostingState,
  STATES,
  usePostingAct,
  usePostings,
} from "./postingData";

function readFilter(from: URLSearchParams): PostingFilter {
  const state = from.get("state");
  return {
    state: state !== null && state in STATES ? (state as PostingState) : undefined,
    target: from.get("target") ?? undefined,
    job: from.get("job") ?? undefined,
    day: from.get("day") ?? undefined,
  };
}

function written(filter: PostingFilter): Record<string, string> {
  return Object.fromEntries(
    Object.entries(filter).filter((each): each is [string, string] => typeof each[1] === "string"),
  );
}

/** The ledger of write-backs. */
export function Postings({ timeZone }: { timeZone: string }) {
  useTitle("Postings");
  const [search, setSearch] = useSearchParams();
  const filter = readFilter(search);
  const list = usePostings(filter);
  const rows = useMemo(() => list.data?.pages.flatMap((part) => part.rows) ?? [], [list.data]);
  const first = list.data?.pages[0];
  const filtered = Object.keys(written(filter)).length > 0;
  if (list.isLoadingError) {
    return <Trouble error={list.error} again={() => void list.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <div className="flex items-baseline gap-5">
        <h1>Postings</h1>
        {first && Number(first.hanging.amount) > 0 && (
          <p>
            <span className="figure font-bold">
              {first.hanging.amount} {first.hanging.currency}
            </span>{" "}
            hang on what is not done{filtered && " of these"}
          </p>
        )}
        <span className="quiet ml-auto flex items-center gap-1">
          <Key name="↑" /> <Key name="↓" /> choose <Key name="Space" /> what was sent <Key name="Enter" /> to
          the job
        </span>
      </div>
      <PostingFilters
        filter={filter}
        systems={first?.systems ?? []}
        change={(next) => setSearch(written(next))}
      />
      {filter.state === "FAILED" && rows.length > 0 && <AllAgain target={filter.target ?? ""} />}
      {list.isPending ? (
        <Waiting what="The postings" />
      ) : rows.length === 0 ? (
        <div className="mt-3">
          <Empty>
            {filtered
              ? "No posting is as asked for above."
              : "Each shipment writes back here: to the invoice, to the record it came from, and to the journal."}
          </Empty>
        </div>
      ) : (
        <>
          <Ledger rows={rows} timeZone={timeZone} />
          <More list={list} what="postings" />
        </>
      )}
    </div>
  );
}

/** Everything that failed, under the keys it had. */
function AllAgain({ target }: { target: string }) {
  const may = useMay();
  const all = usePostingAct((of: string) =>
    answer(api.POST("/api/v1/postings/another-try", { body: { target: of } })),
  );
  if (!may("WRITE_BACK")) {
    return null;
  }
  return (
    <div className="mt-2 flex items-center gap-4">
      <button type="button" className="act" disabled={all.isPending} onClick={() => all.mutate(target)}>
        Try all that failed again
      </button>
      {all.isError && <ProblemLine error={all.error} />}
      {all.isSuccess && (
        <span role="status">
          {all.data.begun} tried again{all.data.left > 0 && `, ${all.data.left} not: ${all.data.reason}`}
        </span>
      )}
    </div>
  );
}

function Ledger({ rows, timeZone }: { rows: Posting[]; timeZone: string }) {
  const navigate = useNavigate();
  const [opened, setOpened] = useState<number>();
  const open = useCallback(
    (index: number) => {
      const row = rows[index];
      void navigate(row && !isOfAJob(row) ? "/handover" : benchOf(row?.job ?? ""));
    },
    [rows, navigate],
  );
  const [at, setAt] = useCursor(rows.length, open);
  const toggle = useCallback((id: number) => setOpened((now) => (now === id ? undefined : id)), []);
  useKeys(
    useMemo(() => {
      const id = rows[at]?.id;
      return [{ key: " ", label: "What was sent", run: () => (id === undefined ? undefined : toggle(id)) }];
    }, [rows, at, toggle]),
  );
  const again = usePostingAct((id: number) =>
    answer(api.POST("/api/v1/postings/{id}/another-try", { params: { path: { id } } })),
  );
  return (
    <>
      {again.isError && <ProblemLine error={again.error} />}
      <table className="timetable mt-2">
        <thead>
          <tr>
            <th>State</th>
            <th>Job</th>
            <th>Into</th>
            <th>What was written</th>
            <th className="text-right">Money</th>
            <th>The answer</th>
            <th>When</th>
            <th>Next</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, index) => (
            <Fragment key={row.id}>
              <tr className={"[&>td]:align-top " + (index === at ? "at" : "")} onClick={() => setAt(index)}>
                <td className={"font-bold whitespace-nowrap " + STATES[row.state].color}>
                  <span aria-hidden>{STATES[row.state].sign}</span> {STATES[row.state].words}
                </td>
                <td className="figure">
                  {isOfAJob(row) ? <JobLink job={row.job} /> : <Link to="/handover">{row.job}</Link>}
                </td>
                <td>
                  {KINDS[row.kind]}
                  <span className="quiet block">{row.system}</span>
                </td>
                <td>
                  <button
                    type="button"
                    className="link text-left"
                    aria-expanded={opened === row.id}
                    onClick={() => toggle(row.id)}
                  >
                    {row.summary || KINDS[row.kind]}
                  </button>
                </td>
                <td className="figure text-right whitespace-nowrap">{row.amount?.amount}</td>
                <td>{row.answer || <span className="quiet">none yet</span>}</td>
                <td className="figure whitespace-nowrap">{moment(row.doneAt ?? row.madeAt, timeZone)}</td>
                <td>
                  <Next row={row} timeZone={timeZone} busy={again.isPending} tryAgain={again.mutate} />
                </td>
              </tr>
              {opened === row.id && (
                <tr>
                  <td colSpan={8}>
                    <PostingDetail row={row} />
                  </td>
                </tr>
              )}
            </Fragment>
          ))}
        </tbody>
      </table>
    </>
  );
}

interface NextProps {
  row: Posting;
  timeZone: string;
  busy: boolean;
  tryAgain: (id: number) => void;
}

function Next({ row, timeZone, busy, tryAgain }: NextProps) {
  const may = useMay();
  const halted = row.state === "FAILED" || row.state === "SET_ASIDE";
  if (halted && !may("WRITE_BACK")) {
    return <span className="quiet">waits for the bookkeeper</span>;
  }
  if (halted) {
    return (
      <button type="button" className="act" disabled={busy} onClick={() => tryAgain(row.id)}>
        Try again
      </button>
    );
  }
  if (row.nextTryAt && row.attempts > 0) {
    return (
      <span className="quiet">
        tried {row.attempts}×, again {moment(row.nextTryAt, timeZone)}
      </span>
    );
  }
  return <span className="quiet">{row.state === "WAITING" ? "to be written" : "nothing"}</span>;
}
