import { useTitle } from "../ui/useTitle";
import { useInfiniteQuery, useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback, useMemo } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { answer, api, type Schemas, sendFile } from "../api/client";
import { useMay } from "../signin/who";
import { BringIn } from "../ui/BringIn";
import { benchOf } from "../ui/JobLink";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { More, useMore } from "../ui/longList";
import { useCursor } from "../ui/useCursor";
import { Filters, statusOf } from "./Filters";
import { ImportReport } from "./ImportReport";
import { JobTable } from "./JobTable";
import { useImportReport } from "./useImportReport";

/** All work orders; a file dropped anywhere brings new ones in. */
export function Jobs() {
  useTitle("Jobs");
  const [filter, setFilter] = useSearchParams();
  const queries = useQueryClient();
  const may = useMay();
  const text = filter.get("text") ?? "";
  const status = statusOf(filter);

  const list = useInfiniteQuery({
    queryKey: ["jobs", text, status],
    initialPageParam: undefined as number | undefined,
    queryFn: ({ pageParam }) =>
      answer(api.GET("/api/v1/work-orders", { params: { query: { text, status, cursor: pageParam } } })),
    getNextPageParam: (page) => page.next,
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
          <div className="flex items-center gap-5">
            <h1>Jobs</h1>
            <Filters filter={filter} setFilter={setFilter} />
            <a className="act ml-auto" href={`/api/v1/work-orders/file?${listed(text, status)}`} download>
              Save as CSV
            </a>
            {button}
          </div>
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
          <List list={list} filtered={text !== "" || status !== undefined} />
        </>
      )}
    </BringIn>
  );
}

/** What the list is narrowed to, for the file of it. */
function listed(text: string, status: string | undefined): string {
  return new URLSearchParams({ text, ...(status ? { status } : {}) }).toString();
}

function List({
  list,
  filtered,
}: {
  list: ReturnType<typeof useInfiniteQuery<Schemas["workorder.JobList"]>>;
  filtered: boolean;
}) {
  const navigate = useNavigate();
  const rows = useMemo(() => list.data?.pages.flatMap((page) => page.rows) ?? [], [list.data]);
  const open = useCallback(
    (index: number) => void navigate(benchOf(rows[index]?.number ?? "")),
    [rows, navigate],
  );
  const [at, setAt] = useCursor(rows.length, open);
  useMore(list, at, rows.length);

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
          {filtered
            ? "No job is like this. Take a word out of the filter above."
            : "Work orders appear here once they are brought in: drop a file with them anywhere on this page."}
        </Empty>
      </div>
    );
  }
  return (
    <>
      <JobTable rows={rows} at={at} setAt={setAt} open={open} />
      <More list={list} what="jobs" />
    </>
  );
}
