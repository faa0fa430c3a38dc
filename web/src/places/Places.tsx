import { keepPreviousData, useInfiniteQuery, useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback, useMemo } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { answer, api, type Schemas, sendFile } from "../api/client";
import { useMay } from "../signin/who";
import { BringIn } from "../ui/BringIn";
import { count, day } from "../ui/format";
import { More, useMore } from "../ui/longList";
import { placeKindWords } from "../ui/placeKinds";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { TakenIn } from "../ui/TakenIn";
import { useCursor } from "../ui/useCursor";
import { useSettled } from "../ui/useSettled";
import { useTitle } from "../ui/useTitle";
import { lineOf, nameOf } from "./address";

type Row = Schemas["placebook.PlaceLine"];

/** Where things went and go, each once however it is written. */
export function Places() {
  useTitle("Places");
  const may = useMay();
  const queries = useQueryClient();
  const [query, setQuery] = useSearchParams();
  const text = query.get("text") ?? "";
  const settled = useSettled(text.trim());
  const list = useInfiniteQuery({
    queryKey: ["places", "list", settled],
    initialPageParam: 0,
    queryFn: ({ pageParam }) =>
      answer(api.GET("/api/v1/places", { params: { query: { text: settled, after: pageParam } } })),
    getNextPageParam: (page) => page.next,
    placeholderData: keepPreviousData,
  });
  const bringIn = useMutation({
    mutationFn: (file: File) => sendFile<Schemas["placebook.PlacesTakenIn"]>("/api/v1/places/file", file),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["places"] }),
  });
  return (
    <BringIn
      what="File of places"
      may={may("BRING_IN")}
      busy={bringIn.isPending}
      take={(file) => bringIn.mutate(file)}
    >
      {(button) => (
        <>
          <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
            <h1>Places</h1>
            <input
              type="search"
              className="entry w-72"
              maxLength={120}
              aria-label="Find places"
              placeholder="Part of a name, street, city or code"
              value={text}
              onChange={(event) =>
                setQuery(event.target.value ? { text: event.target.value } : {}, { replace: true })
              }
            />
            <span className="ml-auto flex flex-wrap gap-2">
              {button}
              <a className="act" href="/api/v1/places/file" download="places.csv">
                Save as CSV
              </a>
            </span>
          </div>
          {bringIn.isError && <ProblemLine error={bringIn.error} />}
          {bringIn.data && (
            <TakenIn
              taken={bringIn.data}
              said={`${count(bringIn.data.places, "place", "places")} taken in`}
              close={() => bringIn.reset()}
            />
          )}
          {list.isPending ? (
            <Waiting what="The places" />
          ) : list.isLoadingError ? (
            <Trouble error={list.error} again={() => void list.refetch()} />
          ) : (
            <List list={list} asked={settled !== ""} />
          )}
        </>
      )}
    </BringIn>
  );
}

function List({
  list,
  asked,
}: {
  list: ReturnType<typeof useInfiniteQuery<Schemas["placebook.PlaceList"]>>;
  asked: boolean;
}) {
  const navigate = useNavigate();
  const rows = useMemo(() => list.data?.pages.flatMap((page) => page.rows) ?? [], [list.data]);
  const open = useCallback(
    (index: number) => {
      const row = rows[index];
      if (row) {
        void navigate(`/places/${row.id}`);
      }
    },
    [rows, navigate],
  );
  const [at, setAt] = useCursor(rows.length, open);
  useMore(list, at, rows.length);
  if (rows.length === 0) {
    return (
      <div className="mt-3">
        <Empty>
          {asked
            ? "No place is like this."
            : "Every ship-to that comes in becomes a place here. Drop a CSV to bring others in."}
        </Empty>
      </div>
    );
  }
  return (
    <>
      <table className="timetable mt-2">
        <caption className="sr-only">Places</caption>
        <thead>
          <tr>
            <th>Place</th>
            <th>Address</th>
            <th>It is a</th>
            <th className="!text-right">Jobs</th>
            <th>Last sent</th>
            <th>Address check</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, index) => (
            <Line
              key={row.id}
              row={row}
              isAt={index === at}
              choose={() => setAt(index)}
              open={() => open(index)}
            />
          ))}
        </tbody>
      </table>
      <More list={list} what="places" />
    </>
  );
}

function Line({
  row,
  isAt,
  choose,
  open,
}: {
  row: Row;
  isAt: boolean;
  choose: () => void;
  open: () => void;
}) {
  return (
    <tr className={isAt ? "at" : ""} onClick={choose} onDoubleClick={open}>
      <td>
        <Link to={`/places/${row.id}`} className="font-bold underline decoration-base-300">
          {nameOf(row.address)}
        </Link>
        {row.address.company && row.address.person && (
          <span className="quiet block text-sm">{row.address.person}</span>
        )}
      </td>
      <td>
        {lineOf(row.address)}
        {row.address.country !== "United States" && `, ${row.address.country}`}
      </td>
      <td>
        {placeKindWords(row.kind)} <span className="quiet block text-sm">by {row.kindBy}</span>
      </td>
      <td className="figure text-right">{row.jobs}</td>
      <td className="figure">{row.last ? day(row.last) : ""}</td>
      <td className={row.stops ? "text-error" : "quiet"}>{row.found || "fine"}</td>
    </tr>
  );
}
