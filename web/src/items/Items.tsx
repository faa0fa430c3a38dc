import { keepPreviousData, useInfiniteQuery, useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useState } from "react";
import { answer, api, type Schemas, sendFile } from "../api/client";
import { useMay } from "../signin/who";
import { BringIn } from "../ui/BringIn";
import { count } from "../ui/format";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { TakenIn } from "../ui/TakenIn";
import { TaskLine } from "../ui/TaskLine";
import { useCursor } from "../ui/useCursor";
import { useSettled } from "../ui/useSettled";
import { isUnderWay, useTask } from "../ui/useTask";
import { useTitle } from "../ui/useTitle";
import { ItemForm } from "./ItemForm";

export type Item = Schemas["item.ItemView"];

/** The item list: what lines of jobs take from it where their records say nothing. */
export function Items() {
  useTitle("Items");
  const may = useMay();
  const queries = useQueryClient();
  const [text, setText] = useState("");
  const [edited, setEdited] = useState<Item | "new">();
  const settled = useSettled(text.trim());
  const items = useInfiniteQuery({
    queryKey: ["items", settled],
    queryFn: ({ pageParam }) =>
      answer(api.GET("/api/v1/items", { params: { query: { text: settled, after: pageParam } } })),
    initialPageParam: "",
    getNextPageParam: (last) => last.next,
    placeholderData: keepPreviousData,
  });
  const changed = useCallback(() => queries.invalidateQueries({ queryKey: ["items"] }), [queries]);
  const bringIn = useMutation({
    mutationFn: (file: File) => sendFile<Schemas["item.ItemsTakenIn"]>("/api/v1/items/file", file),
    onSuccess: changed,
  });
  const fromRecords = useMutation({
    mutationFn: () => answer(api.POST("/api/v1/items/from-records")),
    onSuccess: changed,
  });
  const pages = items.data?.pages ?? [];
  const task = useTask(fromRecords.data?.task ?? pages[0]?.task);
  const ended = task.data !== undefined && !isUnderWay(task.data);
  useEffect(() => {
    if (ended) {
      void changed();
    }
  }, [ended, changed]);
  const mayChange = may("BRING_IN");
  const close = useCallback(() => setEdited(undefined), []);
  useKeys(
    useMemo(
      () => (mayChange ? [{ key: "Insert", label: "A new item", run: () => setEdited("new") }] : []),
      [mayChange],
    ),
  );
  if (items.isPending) {
    return <Waiting what="The items" />;
  }
  if (items.isLoadingError) {
    return <Trouble error={items.error} again={() => void items.refetch()} />;
  }
  const rows = pages.flatMap((page) => page.rows);
  const columns = pages[0]?.columns ?? [];
  return (
    <BringIn
      what="File of items"
      may={mayChange}
      busy={bringIn.isPending}
      take={(file) => bringIn.mutate(file)}
    >
      {(button) => (
        <>
          <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
            <h1>Items</h1>
            <input
              type="search"
              className="entry w-72"
              maxLength={120}
              aria-label="Find items"
              placeholder="Number, description or barcode"
              value={text}
              onChange={(event) => setText(event.target.value)}
            />
            <span className="ml-auto flex flex-wrap gap-2">
              {mayChange && (
                <>
                  <button type="button" className="act" onClick={() => setEdited("new")}>
                    New item <Key name="Insert" />
                  </button>
                  {button}
                  <button
                    type="button"
                    className="act"
                    title="Items that records of the last two years name and this list does not have"
                    disabled={fromRecords.isPending}
                    onClick={() => fromRecords.mutate()}
                  >
                    Take from records
                  </button>
                </>
              )}
              <a className="act" href="/api/v1/items/file" download="items.csv">
                Save as CSV
              </a>
            </span>
          </div>
          {bringIn.isError && <ProblemLine error={bringIn.error} />}
          {fromRecords.isError && <ProblemLine error={fromRecords.error} />}
          {task.data && (isUnderWay(task.data) || fromRecords.data) && (
            <TaskLine task={task.data} what={task.data.subject} mayStop={mayChange} />
          )}
          {bringIn.data && (
            <TakenIn
              taken={bringIn.data}
              said={`${count(bringIn.data.items, "item", "items")} taken in, ${bringIn.data.fresh} of them new`}
              close={() => bringIn.reset()}
            />
          )}
          {edited && (
            <ItemForm
              key={edited === "new" ? "" : edited.number}
              columns={columns}
              item={edited === "new" ? undefined : edited}
              close={close}
            />
          )}
          {rows.length === 0 ? (
            <div className="mt-3">
              <Empty>
                {settled
                  ? "No item is like this."
                  : "No item is kept yet. Drop a CSV here, take them from records, or type one; weights learned at the Bench come here too."}
              </Empty>
            </div>
          ) : (
            <ItemTable rows={rows} columns={columns} open={mayChange ? setEdited : undefined} />
          )}
          {items.hasNextPage && (
            <button
              type="button"
              className="act mt-2"
              disabled={items.isFetchingNextPage}
              onClick={() => void items.fetchNextPage()}
            >
              {items.isFetchingNextPage ? "One moment …" : "More"}
            </button>
          )}
        </>
      )}
    </BringIn>
  );
}

const FIGURES = new Set([
  "Item",
  "Unit Wt lb",
  "Unit Size in",
  "Unit Value",
  "HS Code",
  "Class",
  "Barcode",
  "Shelf",
]);

interface TableProps {
  rows: Item[];
  columns: string[];
  open: ((item: Item) => void) | undefined;
}

function ItemTable({ rows, columns, open }: TableProps) {
  const openAt = useCallback(
    (index: number) => {
      const row = rows[index];
      if (row && open) {
        open(row);
      }
    },
    [rows, open],
  );
  const [at, setAt] = useCursor(rows.length, openAt);
  // a column in which nothing stands takes the room of others
  const shown = columns.flatMap((column, place) =>
    rows.some((row) => row.cells[place]) ? [{ column, place }] : [],
  );
  return (
    <table className="timetable mt-2">
      <thead>
        <tr>
          {shown.map(({ column }) => (
            <th key={column}>{column}</th>
          ))}
          <th className="max-[1000px]:hidden">Changed by</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row, index) => (
          <tr
            key={row.number}
            className={index === at ? "at" : ""}
            onClick={() => setAt(index)}
            onDoubleClick={() => openAt(index)}
          >
            {shown.map(({ column, place }) => (
              <td
                key={column}
                className={
                  (FIGURES.has(column) ? "figure " : column === "Description" ? "min-w-40 " : "") +
                  (place === 0 ? "font-bold" : "")
                }
              >
                {(row.cells[place] ?? "").replaceAll(";", ", ")}
              </td>
            ))}
            <td className="quiet max-[1000px]:hidden">{row.changedBy}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
