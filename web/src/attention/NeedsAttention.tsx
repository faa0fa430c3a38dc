import { keepPreviousData, useInfiniteQuery, useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback, useMemo, useRef, useState } from "react";
import { useSearchParams } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { JobActs, type JobAct, RELEASE, UNPAID, WHEN_SHORT } from "../job/JobActs";
import { useMay } from "../signin/who";
import { count } from "../ui/format";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { Labeled } from "../ui/Labeled";
import { More } from "../ui/longList";
import { OutcomesLine } from "../ui/outcomes";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { AttentionRow, keyOf, type Row } from "./AttentionRow";

const MOST_AT_ONCE = 500;

/** Every job that cannot go, by reason, with the field to put it right in. */
export function NeedsAttention() {
  useTitle("Needs attention");
  const [query, setQuery] = useSearchParams();
  const kind = query.get("kind") ?? "";
  const list = useInfiniteQuery({
    queryKey: ["attention", kind],
    initialPageParam: undefined as string | undefined,
    queryFn: ({ pageParam }) =>
      answer(
        api.GET("/api/v1/attention", {
          params: { query: { ...(kind ? { kind: kind as Row["kind"] } : {}), cursor: pageParam } },
        }),
      ),
    getNextPageParam: (page) => page.next,
    placeholderData: keepPreviousData,
    // What others put right leaves the list by itself.
    refetchInterval: 30_000,
  });
  const counts = list.data?.pages[0]?.counts ?? [];
  return (
    <div className="px-5 pt-3">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-2">
        <h1>Needs attention</h1>
        <Kinds counts={counts} kind={kind} choose={(next) => setQuery(next ? { kind: next } : {})} />
      </div>
      {list.isPending ? (
        <Waiting what="What needs attention" />
      ) : list.isLoadingError ? (
        <Trouble error={list.error} again={() => void list.refetch()} />
      ) : (
        <Rows rows={list.data?.pages.flatMap((page) => page.rows) ?? []} />
      )}
      <More list={list} what="of them" />
    </div>
  );
}

function Kinds({
  counts,
  kind,
  choose,
}: {
  counts: Schemas["attention.KindCount"][];
  kind: string;
  choose: (kind: string) => void;
}) {
  return (
    <div className="flex flex-wrap items-baseline gap-x-4" role="group" aria-label="Reasons">
      {counts.map((each) => (
        <button
          key={each.kind}
          type="button"
          aria-pressed={each.kind === kind}
          className={
            "border-b-2 px-1 whitespace-nowrap " +
            (each.kind === kind ? "border-primary font-bold" : "border-transparent")
          }
          onClick={() => choose(each.kind === kind ? "" : each.kind)}
        >
          <span className="figure">{each.jobs.toLocaleString("en-US")}</span> {each.words}
        </button>
      ))}
    </div>
  );
}

function Rows({ rows }: { rows: Row[] }) {
  const may = useMay();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const table = useRef<HTMLTableElement>(null);
  const here = useMemo(() => rows.filter((each) => chosen.has(keyOf(each))), [rows, chosen]);

  /** The next key belongs to the field after the one that is done. */
  const goOn = useCallback((from: string) => {
    const fields = [...(table.current?.querySelectorAll<HTMLElement>("[data-field]") ?? [])];
    const at = fields.findIndex((each) => each.dataset.field === from);
    fields[at + 1]?.focus();
  }, []);
  const toggle = useCallback(
    (key: string) =>
      setChosen((before) => {
        const next = new Set(before);
        if (!next.delete(key)) {
          next.add(key);
        }
        return next;
      }),
    [],
  );
  if (rows.length === 0) {
    return (
      <div className="mt-3">
        <Empty>
          Nothing keeps a job from going. Whatever does appears here, with the field to put it right in.
        </Empty>
      </div>
    );
  }
  return (
    <>
      <p className="quiet mt-1">
        <Key name="Tab" /> next field <Key name="Enter" /> keep it and go on <Key name="Alt+A" /> take what
        was meant
      </p>
      <table ref={table} className="timetable mt-1">
        <caption className="sr-only">Jobs that need attention</caption>
        <thead>
          <tr>
            <th>
              <span className="sr-only">Chosen</span>
            </th>
            <th>Job</th>
            <th>Promised</th>
            <th>Goes to</th>
            <th>What it is</th>
            <th className="w-80">Put it right</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((each, index) => (
            <AttentionRow
              key={keyOf(each)}
              row={each}
              again={rows[index - 1]?.job === each.job}
              first={index === 0}
              chosen={chosen.has(keyOf(each))}
              toggle={toggle}
              goOn={goOn}
              mayEdit={may("BRING_IN")}
            />
          ))}
        </tbody>
      </table>
      {here.length > 0 && <ForAll rows={here} none={() => setChosen(new Set())} />}
    </>
  );
}

/** What can be done to all that are chosen for the same reason. */
const ACTS_FOR_ALL: Partial<Record<Row["kind"], JobAct[]>> = {
  HOLD: [RELEASE],
  SHORT: WHEN_SHORT,
  PAYMENT: [UNPAID],
};

/** One value for all that are chosen, where they ask for the same. */
function ForAll({ rows, none }: { rows: Row[]; none: () => void }) {
  const queries = useQueryClient();
  const [text, setText] = useState("");
  useKeys(useMemo(() => [{ key: "Escape", label: "Choose none", run: none }], [none]));
  const fields = new Set(rows.map((each) => each.field?.field ?? ""));
  const field = fields.size === 1 ? rows[0]?.field : undefined;
  const one = new Set(rows.map((each) => each.kind)).size === 1 ? rows[0]?.kind : undefined;
  const acts = one === undefined ? undefined : ACTS_FOR_ALL[one];
  const act = useMutation({
    mutationFn: () =>
      answer(
        api.POST("/api/v1/work-orders/entries", {
          body: {
            field: field?.field ?? "PHONE",
            text,
            jobs: rows.map((each) => ({ job: each.job, line: each.field?.line ?? 0 })),
          },
        }),
      ),
    onSuccess: () => setText(""),
    onSettled: () => queries.invalidateQueries(),
  });
  return (
    <form
      aria-label="Chosen"
      className="sticky bottom-0 -mx-5 mt-3 flex flex-wrap items-end gap-4 border-t-2 border-base-content bg-base-100 px-5 py-2"
      onSubmit={(event) => {
        event.preventDefault();
        act.mutate();
      }}
    >
      <strong className="py-1">{count(rows.length, "is chosen", "are chosen")}</strong>
      {acts && rows.length <= MOST_AT_ONCE && (
        <JobActs jobs={[...new Set(rows.map((each) => each.job))]} acts={acts} />
      )}
      {field && one !== "HOLD" ? (
        <>
          <Labeled text={`${field.label}, for all of them`}>
            <input
              className="entry w-72"
              value={text}
              maxLength={1000}
              onChange={(event) => setText(event.target.value)}
            />
          </Labeled>
          <button
            type="submit"
            className="act"
            disabled={text.trim() === "" || act.isPending || rows.length > MOST_AT_ONCE}
          >
            Write it in all
          </button>
        </>
      ) : (
        !acts && (
          <span className="quiet py-1">They ask for different things: choose those of one reason.</span>
        )
      )}
      <button type="button" className="act" onClick={none}>
        Choose none <Key name="Esc" />
      </button>
      {act.isError && <ProblemLine error={act.error} />}
      {act.data && <OutcomesLine outcomes={act.data} />}
    </form>
  );
}
