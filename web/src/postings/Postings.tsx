import { useTitle } from "../ui/useTitle";
import { useInfiniteQuery, useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback, useMemo } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { useMay } from "../signin/who";
import { moment } from "../ui/format";
import { benchOf, JobLink } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { More } from "../ui/longList";
import { useCursor } from "../ui/useCursor";

type Posting = Schemas["posting.PostingView"];

const LOOK_AGAIN_MS = 3_000;
const KINDS = {
  BOOKING: "Booking",
  PAPERS: "Label and slip",
  WRITE_BACKS: "Postings",
  INVOICE: "Invoice",
  SOURCE: "Order",
  JOURNAL: "Journal",
  MANIFEST: "Manifest",
  PICKUP: "Pickup",
  PICKUP_CALL_OFF: "Pickup, called off",
  RETURN_LABEL: "Return label",
  RETURN_VOID: "Return label, void",
  ACCOUNT_PAYMENT: "Payment to carrier",
  VOID: "Void",
  INVOICE_REVERSAL: "Invoice, reversed",
  SOURCE_REVERSAL: "Order, reversed",
  JOURNAL_REVERSAL: "Journal, reversed",
  SHIP_NOTICE: "Ship notice",
  SHIP_NOTICE_REVERSAL: "Ship notice, canceled",
} as const;
const STATES = { WAITING: "waiting", DONE: "done", FAILED: "failed", REVERSED: "reversed" } as const;

/** What hangs on a handover, a pickup or an account bears the carrier's name. */
function isOfAJob(row: Posting): boolean {
  return !["MANIFEST", "PICKUP", "PICKUP_CALL_OFF", "ACCOUNT_PAYMENT"].includes(row.kind);
}

/** The ledger of write-backs. */
export function Postings({ timeZone }: { timeZone: string }) {
  useTitle("Postings");
  const [filter, setFilter] = useSearchParams();
  const onlyFailed = filter.get("state") === "FAILED";
  const list = useInfiniteQuery({
    queryKey: ["postings", onlyFailed],
    initialPageParam: undefined as number | undefined,
    queryFn: ({ pageParam }) =>
      answer(
        api.GET("/api/v1/postings", {
          params: { query: { cursor: pageParam, ...(onlyFailed ? { state: "FAILED" } : {}) } },
        }),
      ),
    getNextPageParam: (part) => part.next,
    refetchInterval: LOOK_AGAIN_MS,
  });
  const rows = useMemo(() => list.data?.pages.flatMap((part) => part.rows) ?? [], [list.data]);
  if (list.isPending) {
    return <Waiting what="The postings" />;
  }
  if (list.isLoadingError) {
    return <Trouble error={list.error} again={() => void list.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <div className="flex items-center gap-5">
        <h1>Postings</h1>
        <button
          type="button"
          aria-pressed={onlyFailed}
          className={"border-b-2 px-1 " + (onlyFailed ? "border-primary font-bold" : "border-transparent")}
          onClick={() => setFilter(onlyFailed ? {} : { state: "FAILED" })}
        >
          failed only
        </button>
        <span className="quiet ml-auto flex items-center gap-1">
          <Key name="↑" /> <Key name="↓" /> choose <Key name="Enter" /> to the job
        </span>
      </div>
      {rows.length === 0 ? (
        <div className="mt-3">
          <Empty>
            {onlyFailed
              ? "No posting has failed."
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

function Ledger({ rows, timeZone }: { rows: Posting[]; timeZone: string }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const open = useCallback(
    (index: number) => {
      const row = rows[index];
      void navigate(row && !isOfAJob(row) ? "/handover" : benchOf(row?.job ?? ""));
    },
    [rows, navigate],
  );
  const [at, setAt] = useCursor(rows.length, open);
  const tryAgain = useMutation({
    mutationFn: (id: number) =>
      answer(api.POST("/api/v1/postings/{id}/another-try", { params: { path: { id } } })),
    onSettled: () => queries.invalidateQueries({ queryKey: ["postings"] }),
  });
  return (
    <>
      {tryAgain.isError && <ProblemLine error={tryAgain.error} />}
      <table className="timetable mt-2">
        <thead>
          <tr>
            <th>State</th>
            <th>Job</th>
            <th>Into</th>
            <th>What was written</th>
            <th>The answer</th>
            <th>When</th>
            <th>Next</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, index) => (
            <tr key={row.id} className={index === at ? "at" : ""} onClick={() => setAt(index)}>
              <td className={"font-bold " + color(row.state)}>{STATES[row.state]}</td>
              <td className="figure">
                {isOfAJob(row) ? <JobLink job={row.job} /> : <Link to="/handover">{row.job}</Link>}
              </td>
              <td className="whitespace-nowrap">
                {KINDS[row.kind]}
                <span className="quiet"> · {row.system}</span>
              </td>
              <td>{row.summary}</td>
              <td>{row.answer || <span className="quiet">none yet</span>}</td>
              <td className="figure">{moment(row.doneAt ?? row.madeAt, timeZone)}</td>
              <td>
                <Next row={row} timeZone={timeZone} busy={tryAgain.isPending} tryAgain={tryAgain.mutate} />
              </td>
            </tr>
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
  if (row.state === "FAILED" && !may("WRITE_BACK")) {
    return <span className="quiet">waits for the bookkeeper</span>;
  }
  if (row.state === "FAILED") {
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
  return <span className="quiet">{row.state === "DONE" ? "nothing" : "being written"}</span>;
}

function color(state: Posting["state"]): string {
  return state === "DONE" ? "text-primary" : state === "FAILED" ? "text-error" : "text-warning";
}
