import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import type { SetURLSearchParams } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { useMay } from "../signin/who";
import { Labeled } from "../ui/Labeled";
import { ProblemLine } from "../ui/states";
import { keptAddress } from "./listWords";

interface Props {
  filter: URLSearchParams;
  setFilter: SetURLSearchParams;
}

function useKeptLists() {
  return useQuery({
    queryKey: ["jobs", "kept"],
    queryFn: () => answer(api.GET("/api/v1/job-views")),
  });
}

/** Lists that are kept under a name; one of them may be what Jobs opens with. */
export function KeptLists({ filter, setFilter }: Props) {
  const kept = useKeptLists();
  const rows = kept.data?.rows ?? [];
  useStart(rows, filter, setFilter);
  const now = keptAddress(filter);
  return rows.length === 0 ? null : (
    <div className="mt-2 flex flex-wrap items-baseline gap-4" role="group" aria-label="Kept lists">
      <span className="quiet">Kept</span>
      {rows.map((each) => (
        <button
          key={each.id}
          type="button"
          aria-pressed={each.query === now}
          className={
            "border-b-2 px-1 " + (each.query === now ? "border-primary font-bold" : "border-transparent")
          }
          onClick={() => setFilter(new URLSearchParams(each.query))}
        >
          {each.name}
          {each.ofShop && <span className="quiet"> of the shop</span>}
        </button>
      ))}
    </div>
  );
}

/** Jobs opens with one's own start, else with the shop's, where its address asks for nothing else. */
function useStart(
  rows: Schemas["workorder.KeptList"][],
  filter: URLSearchParams,
  setFilter: SetURLSearchParams,
) {
  const done = useRef(false);
  useEffect(() => {
    if (done.current || rows.length === 0) {
      return;
    }
    done.current = true;
    const start = rows.find((each) => each.start && !each.ofShop) ?? rows.find((each) => each.start);
    if (start && filter.size === 0) {
      setFilter(new URLSearchParams(start.query), { replace: true });
    }
  }, [rows, filter, setFilter]);
}

/** Keeps the list that is open under a name, or forgets it. */
export function KeepList({ filter, close }: { filter: URLSearchParams; close: () => void }) {
  const queries = useQueryClient();
  const may = useMay();
  const [name, setName] = useState("");
  const [forShop, setForShop] = useState(false);
  const [start, setStart] = useState(false);
  const settled = {
    onSuccess: close,
    onSettled: () => queries.invalidateQueries({ queryKey: ["jobs", "kept"] }),
  };
  const keep = useMutation({
    mutationFn: () => {
      const body = { name: name.trim(), query: keptAddress(filter), start };
      return answer(
        forShop ? api.POST("/api/v1/job-views/of-shop", { body }) : api.POST("/api/v1/job-views", { body }),
      );
    },
    ...settled,
  });
  const forget = useMutation({
    mutationFn: (list: Schemas["workorder.KeptList"]) => {
      const params = { path: { id: list.id } };
      return answer(
        list.ofShop
          ? api.DELETE("/api/v1/job-views/of-shop/{id}", { params })
          : api.DELETE("/api/v1/job-views/{id}", { params }),
      );
    },
    ...settled,
  });
  const open = useKeptLists().data?.rows.filter(
    (each) => each.query === keptAddress(filter) && (!each.ofShop || may("BRING_IN")),
  );
  return (
    <form
      className="mt-2 flex flex-wrap items-end gap-3 border-y border-base-300 py-2"
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate();
      }}
    >
      <Labeled text="Keep this list as">
        <input
          className="entry w-64"
          autoFocus
          value={name}
          maxLength={60}
          onChange={(event) => setName(event.target.value)}
        />
      </Labeled>
      {may("BRING_IN") && (
        <label className="flex items-center gap-2 py-1">
          <input type="checkbox" checked={forShop} onChange={(event) => setForShop(event.target.checked)} />
          for all of the shop
        </label>
      )}
      <label className="flex items-center gap-2 py-1">
        <input type="checkbox" checked={start} onChange={(event) => setStart(event.target.checked)} />
        Jobs opens with it
      </label>
      <button type="submit" className="act" disabled={name.trim() === "" || keep.isPending}>
        Keep
      </button>
      {open?.map((each) => (
        <button key={each.id} type="button" className="act" onClick={() => forget.mutate(each)}>
          Forget “{each.name}”
        </button>
      ))}
      {keep.isError && <ProblemLine error={keep.error} />}
      {forget.isError && <ProblemLine error={forget.error} />}
    </form>
  );
}
