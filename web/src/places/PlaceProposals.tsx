import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { type KeyboardEvent, useId, useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { TERMS } from "../jobs/listWords";
import { day } from "../ui/format";
import { useSettled } from "../ui/useSettled";
import { lineOf, nameOf } from "./address";

export type Proposal = Schemas["placebook.Proposal"];

const SHORTEST = 2;

/** A field for a name: what is typed proposes places sent to before, with what went there; arrows choose, Enter takes one. */
export function PlaceField({
  name,
  start,
  label,
  take,
  autoFocus,
}: {
  name: string;
  start: string;
  label: string;
  take: (place: Proposal) => void;
  autoFocus?: boolean;
}) {
  const list = useId();
  const [typed, setTyped] = useState<string | undefined>();
  const [at, setAt] = useState(-1);
  const text = useSettled((typed ?? "").trim());
  const asked = typed !== undefined && text.length >= SHORTEST;
  const places = useQuery({
    queryKey: ["places", "proposals", text],
    queryFn: () => answer(api.GET("/api/v1/places/proposals", { params: { query: { text } } })),
    enabled: asked,
    placeholderData: keepPreviousData,
  });
  const rows = asked ? (places.data?.rows ?? []) : [];
  const choose = (place: Proposal | undefined) => {
    if (place) {
      setTyped(undefined);
      setAt(-1);
      take(place);
    }
  };
  const keys = (event: KeyboardEvent) => {
    if (rows.length === 0) {
      return;
    }
    if (event.key === "ArrowDown" || event.key === "ArrowUp") {
      event.preventDefault();
      const step = event.key === "ArrowDown" ? 1 : -1;
      setAt((before) => Math.max(-1, Math.min(rows.length - 1, before + step)));
    } else if (event.key === "Enter" && at >= 0) {
      event.preventDefault();
      choose(rows[at]);
    } else if (event.key === "Escape") {
      event.stopPropagation();
      setTyped(undefined);
      setAt(-1);
    }
  };
  return (
    <div className="relative w-full min-w-0">
      <input
        name={name}
        defaultValue={start}
        aria-label={label}
        autoFocus={autoFocus}
        autoComplete="off"
        maxLength={120}
        className="entry w-full min-w-0"
        role="combobox"
        aria-expanded={rows.length > 0}
        aria-controls={list}
        aria-activedescendant={at >= 0 ? `${list}-${at}` : undefined}
        onChange={(event) => setTyped(event.target.value)}
        onKeyDown={keys}
        onBlur={() => setTyped(undefined)}
      />
      {rows.length > 0 && (
        <ul
          id={list}
          role="listbox"
          aria-label="Places sent to before"
          className="absolute top-full right-0 left-0 z-20 min-w-80 border-2 border-base-content bg-base-100"
        >
          {rows.map((place, index) => (
            <li
              key={place.id}
              id={`${list}-${index}`}
              role="option"
              aria-selected={index === at}
              className={
                "cursor-pointer border-b border-base-300 px-2 py-1 " + (index === at ? "bg-base-200" : "")
              }
              // Before the field loses the focus.
              onMouseDown={(event) => {
                event.preventDefault();
                choose(place);
              }}
            >
              <strong>{nameOf(place.address)}</strong> {lineOf(place.address)}
              <span className="quiet block text-sm">{went(place)}</span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** What went there the last time, in words. */
function went(place: Proposal): string {
  const last = place.last;
  const parts = last
    ? [
        `${day(last.shipped)}: ${last.service}`,
        last.cartons,
        TERMS.find((each) => each.value === last.terms)?.word ?? "",
        last.account && `account ${last.account}`,
      ]
    : ["nothing has gone there yet"];
  return [...parts, place.phone, place.note].filter(Boolean).join(" · ");
}
