import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { answer, api, type Schemas, sendFile } from "../api/client";
import { benchOf } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { useCursor } from "../ui/useCursor";
import { Filters, statusOf } from "./Filters";
import { ImportReport } from "./ImportReport";
import { JobTable } from "./JobTable";
import { useFileDrop } from "./useFileDrop";

/** All work orders; a file dropped anywhere brings new ones in. */
export function Jobs() {
  const [filter, setFilter] = useSearchParams();
  const queries = useQueryClient();
  const chooser = useRef<HTMLInputElement>(null);
  const text = filter.get("text") ?? "";
  const status = statusOf(filter);

  const list = useInfiniteQuery({
    queryKey: ["jobs", text, status],
    initialPageParam: undefined as number | undefined,
    queryFn: ({ pageParam }) =>
      answer(api.GET("/api/work-orders", { params: { query: { text, status, before: pageParam } } })),
    getNextPageParam: (page) => page.next,
  });
  const bringIn = useMutation({
    mutationFn: sendFile,
    onSettled: async () => {
      await queries.invalidateQueries({ queryKey: ["jobs"] });
      await queries.invalidateQueries({ queryKey: ["departures"] });
    },
  });
  const { mutate: takeFile, reset: forget } = bringIn;
  const asked = filter.get("report") === "newest";
  const newest = useQuery({
    queryKey: ["imports", "newest"],
    queryFn: () => answer(api.GET("/api/imports/newest")),
    enabled: asked,
  });
  const report = bringIn.data?.run ?? (asked ? newest.data?.run : undefined);
  const closeReport = useCallback(() => {
    forget();
    setFilter((before) => {
      const next = new URLSearchParams(before);
      next.delete("report");
      return next;
    });
  }, [forget, setFilter]);
  const hovering = useFileDrop(takeFile);
  useKeys(useMemo(() => [{ key: "F2", label: "Bring in a file", run: () => chooser.current?.click() }], []));

  return (
    <div
      className={
        "min-h-full px-5 py-3 " +
        (hovering ? "outline-4 -outline-offset-8 outline-dashed outline-primary" : "")
      }
    >
      <div className="flex items-center gap-5">
        <h1>Jobs</h1>
        <Filters filter={filter} setFilter={setFilter} />
        <button
          type="button"
          className="act ml-auto"
          disabled={bringIn.isPending}
          onClick={() => chooser.current?.click()}
        >
          {bringIn.isPending ? "Reading the file …" : "Bring in a file"} <Key name="F2" />
        </button>
        <input
          ref={chooser}
          type="file"
          accept=".csv,text/csv"
          aria-label="File of work orders"
          className="sr-only"
          tabIndex={-1}
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) {
              takeFile(file);
            }
            event.target.value = "";
          }}
        />
      </div>
      {bringIn.isError && (
        <div className="mt-3">
          <ProblemLine error={bringIn.error} />
        </div>
      )}
      {report && <ImportReport run={report} close={closeReport} />}
      <List list={list} filtered={text !== "" || status !== undefined} />
    </div>
  );
}

function List({
  list,
  filtered,
}: {
  list: ReturnType<typeof useInfiniteQuery<Schemas["JobList"]>>;
  filtered: boolean;
}) {
  const navigate = useNavigate();
  const rows = useMemo(() => list.data?.pages.flatMap((page) => page.rows) ?? [], [list.data]);
  const open = useCallback(
    (index: number) => void navigate(benchOf(rows[index]?.number ?? "")),
    [rows, navigate],
  );
  const [at, setAt] = useCursor(rows.length, open);
  const { hasNextPage, isFetchingNextPage, fetchNextPage } = list;
  const nearTheEnd = at >= rows.length - 5;
  useEffect(() => {
    if (nearTheEnd && hasNextPage && !isFetchingNextPage) {
      void fetchNextPage();
    }
  }, [nearTheEnd, hasNextPage, isFetchingNextPage, fetchNextPage]);

  if (list.isPending) {
    return <Waiting what="The jobs" />;
  }
  if (list.isError) {
    return <Trouble error={list.error} again={() => void list.refetch()} />;
  }
  if (rows.length === 0) {
    return (
      <div className="mt-3">
        <Empty>
          {filtered
            ? "No job is like this. Take a word out of the filter above."
            : "Work orders stand here once they are brought in: drop a file with them anywhere on this page."}
        </Empty>
      </div>
    );
  }
  return (
    <>
      <JobTable rows={rows} at={at} setAt={setAt} open={open} />
      {hasNextPage && (
        <button
          type="button"
          className="act my-3"
          disabled={isFetchingNextPage}
          onClick={() => void fetchNextPage()}
        >
          More jobs
        </button>
      )}
    </>
  );
}
