import { useTitle } from "../ui/useTitle";
import { keepPreviousData, useInfiniteQuery, useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback, useMemo } from "react";
import { Link, type SetURLSearchParams, useNavigate, useSearchParams } from "react-router";
import { answer, api, type Schemas, sendFile } from "../api/client";
import { useMay } from "../signin/who";
import { BringIn } from "../ui/BringIn";
import { benchOf, pageOf } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { More, useMore } from "../ui/longList";
import { useCursor } from "../ui/useCursor";
import { chosenColumns } from "./columns";
import { ChosenStrip, MOST_AT_ONCE } from "./ChosenStrip";
import { FilterWords, UsualLists } from "./Filters";
import { KeptLists } from "./KeptLists";
import { ImportReport } from "./ImportReport";
import { JobTable } from "./JobTable";
import { askedOf, sortedBy, wordsOf } from "./listWords";
import { type Chosen, useChosen } from "./useChosen";
import { useImportReport } from "./useImportReport";

/** All work orders; a file dropped anywhere brings new ones in. */
export function Jobs() {
  useTitle("Jobs");
  const [filter, setFilter] = useSearchParams();
  const queries = useQueryClient();
  const may = useMay();
  const asked = askedOf(filter);

  const list = useInfiniteQuery({
    queryKey: ["jobs", "list", asked],
    initialPageParam: undefined as string | undefined,
    queryFn: ({ pageParam }) =>
      answer(
        api.GET("/api/v1/work-orders", {
          params: { query: { ...asked, cursor: pageParam } as never },
        }),
      ),
    getNextPageParam: (page) => page.next,
    placeholderData: keepPreviousData,
  });
  const showReport = useCallback(
    (id: number | undefined) =>
      setFilter((before) => {
        const next = new URLSearchParams(before);
        next.delete("report");
        if (id !== undefined) {
          next.set("report", String(id));
        }
        return next;
      }),
    [setFilter],
  );
  const navigate = useNavigate();
  const bringsIn = may("BRING_IN");
  useKeys(
    useMemo(
      () => [
        { key: "n", label: "Needs attention", run: () => void navigate("/jobs/attention") },
        { key: "t", label: "Returns", run: () => void navigate("/jobs/returns") },
        ...(bringsIn
          ? [{ key: "Insert", label: "A new job, typed", run: () => void navigate("/jobs/new") }]
          : []),
      ],
      [navigate, bringsIn],
    ),
  );
  const bringIn = useMutation({
    mutationFn: (file: File) => sendFile<Schemas["orderfile.ImportResult"]>("/api/v1/imports", file),
    onSuccess: ({ run }) => {
      if (run?.state === "NEEDS_LAYOUT") {
        void navigate(`/jobs/files/${run.id}`);
      } else {
        showReport(run?.id);
      }
    },
  });
  const { mutate: takeFile } = bringIn;
  const report = useImportReport(Number(filter.get("report") ?? "0"));
  const settle = useMutation({
    mutationFn: (id: number) =>
      answer(api.POST("/api/v1/imports/{id}/settled", { params: { path: { id } } })),
    onSettled: () => queries.invalidateQueries(),
  });
  const closeReport = useCallback(() => showReport(undefined), [showReport]);
  const run = report.data?.run;
  return (
    <BringIn what="File of work orders" may={may("BRING_IN")} busy={bringIn.isPending} take={takeFile}>
      {(button) => (
        <>
          <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
            <h1>Jobs</h1>
            <UsualLists filter={filter} setFilter={setFilter} />
            <div className="ml-auto flex gap-3">
              <Link className="act" to="/jobs/runs">
                Runs
              </Link>
              <Link className="act" to="/jobs/returns">
                Returns
              </Link>
              <Link className="act" to="/jobs/attention">
                Needs attention <Key name="N" />
              </Link>
              {bringsIn && (
                <Link className="act" to="/jobs/new">
                  New job <Key name="Insert" />
                </Link>
              )}
              {button}
            </div>
          </div>
          <KeptLists filter={filter} setFilter={setFilter} />
          <FilterWords
            filter={filter}
            setFilter={setFilter}
            count={counted(list.data?.pages[0])}
            file={`/api/v1/work-orders/file?${listed(filter)}`}
          />
          {list.data?.pages[0]?.leftOut.map((each) => (
            <p key={each} role="status" className="mt-2 border-l-4 border-warning py-1 pl-3">
              {each}
            </p>
          ))}
          {bringIn.isError && (
            <div className="mt-3">
              <ProblemLine error={bringIn.error} />
            </div>
          )}
          {settle.isError && <ProblemLine error={settle.error} />}
          {report.isError && <ProblemLine error={report.error} />}
          {run && (
            <ImportReport
              run={run}
              close={closeReport}
              settle={() => settle.mutate(run.id, { onSuccess: closeReport })}
            />
          )}
          <List list={list} filter={filter} setFilter={setFilter} />
        </>
      )}
    </BringIn>
  );
}

/** What the list is narrowed to, for the file of it. */
function listed(filter: URLSearchParams): string {
  const asked = new URLSearchParams(filter);
  asked.delete("report");
  asked.delete("columns");
  return asked.toString();
}

/** How many jobs the list has, in words. */
function counted(page: Schemas["workorder.JobList"] | undefined): string {
  if (!page) {
    return "";
  }
  const count = page.count.toLocaleString("en-US");
  return page.more ? `More than ${count} jobs` : page.count === 1 ? "1 job" : `${count} jobs`;
}

/** Space chooses, with Shift and an arrow a range; I shows everything about a job. */
function useListKeys(
  chosen: Chosen,
  rows: Schemas["workorder.JobRow"][],
  at: number,
  setAt: (index: number) => void,
) {
  const navigate = useNavigate();
  const { toggle, range } = chosen;
  useKeys(
    useMemo(() => {
      const row = rows[at];
      const reach = (to: number) => {
        if (rows[to]) {
          range(rows, to);
          setAt(to);
        }
      };
      return [
        { key: " ", label: "Choose the row, or not", run: () => row && toggle(row) },
        { key: "Shift+ArrowDown", label: "Choose the next one as well", run: () => reach(at + 1) },
        { key: "Shift+ArrowUp", label: "Choose the one before as well", run: () => reach(at - 1) },
        {
          key: "i",
          label: "Everything about the job",
          run: () => row && void navigate(pageOf(row.number)),
        },
      ];
    }, [rows, at, setAt, toggle, range, navigate]),
  );
}

/** Chooses every job that the list is narrowed to, as many as an act may change at once. */
function AllThatMatch({ filter, chosen }: { filter: URLSearchParams; chosen: Chosen }) {
  const load = useMutation({
    mutationFn: () =>
      answer(
        api.GET("/api/v1/work-orders", {
          params: { query: { ...askedOf(filter), limit: MOST_AT_ONCE } as never },
        }),
      ),
    onSuccess: (page) => chosen.all(page.rows),
  });
  return (
    <>
      <button type="button" className="act" disabled={load.isPending} onClick={() => load.mutate()}>
        Choose all that match
      </button>
      {load.data?.next && <span className="quiet">The first {MOST_AT_ONCE} of them.</span>}
      {load.isError && <ProblemLine error={load.error} />}
    </>
  );
}

function List({
  list,
  filter,
  setFilter,
}: {
  list: ReturnType<typeof useInfiniteQuery<Schemas["workorder.JobList"]>>;
  filter: URLSearchParams;
  setFilter: SetURLSearchParams;
}) {
  const navigate = useNavigate();
  const rows = useMemo(() => list.data?.pages.flatMap((page) => page.rows) ?? [], [list.data]);
  const open = useCallback(
    (index: number) => void navigate(benchOf(rows[index]?.number ?? "")),
    [rows, navigate],
  );
  const [at, setAt] = useCursor(rows.length, open);
  useMore(list, at, rows.length);
  const chosen = useChosen();
  useListKeys(chosen, rows, at, setAt);

  if (list.isPending) {
    return <Waiting what="The jobs" />;
  }
  if (list.isLoadingError) {
    return <Trouble error={list.error} again={() => void list.refetch()} />;
  }
  if (rows.length === 0) {
    return (
      <div className="mt-3">
        <Empty>
          {wordsOf(filter).length > 0
            ? "No job is like this. Take a word out of the filter above."
            : "Work orders appear here once they are brought in: drop a file with them anywhere on this page."}
        </Empty>
      </div>
    );
  }
  return (
    <>
      <JobTable
        rows={rows}
        columns={chosenColumns(filter)}
        sort={filter.get("sort") ?? "-came-in"}
        sortBy={(column) => setFilter(sortedBy(filter, column))}
        at={at}
        setAt={setAt}
        open={open}
        chosen={chosen}
      />
      <More list={list} what="jobs" />
      {chosen.rows.size > 0 && (
        <ChosenStrip chosen={chosen} all={<AllThatMatch filter={filter} chosen={chosen} />} />
      )}
    </>
  );
}
