import { useQuery } from "@tanstack/react-query";
import { type ReactNode, useRef, useState } from "react";
import type { SetURLSearchParams } from "react-router";
import { answer, api } from "../api/client";
import { Labeled } from "../ui/Labeled";
import { askedOf, FACTS, STATUSES, type ListFact, without, withWord, wordsOf } from "./listWords";

interface Props {
  filter: URLSearchParams;
  setFilter: SetURLSearchParams;
}

export function statusWord(status: string): string {
  return STATUSES.find((each) => each.value === status)?.word ?? status;
}

/** The lists that are looked at all day, each with how many jobs it has. */
const USUAL = [
  { word: "ready", query: "status=READY&held=no" },
  { word: "on the bench", query: "status=ON_BENCH" },
  { word: "on hold", query: "held=yes&status=READY&status=ON_BENCH" },
  { word: "late", query: "promised=..yesterday&status=READY&status=ON_BENCH" },
  { word: "shipped today", query: "shipped=today" },
];

export function UsualLists({ filter, setFilter }: Props) {
  return (
    <div className="flex items-baseline gap-4" role="group" aria-label="Usual lists">
      {USUAL.map((each) => (
        <UsualList
          key={each.word}
          word={each.word}
          query={each.query}
          filter={filter}
          setFilter={setFilter}
        />
      ))}
    </div>
  );
}

function UsualList({ word, query, filter, setFilter }: Props & { word: string; query: string }) {
  const count = useQuery({
    queryKey: ["jobs", "count", query],
    queryFn: () =>
      answer(
        api.GET("/api/v1/work-orders/count", {
          params: { query: askedOf(new URLSearchParams(query)) as never },
        }),
      ),
  });
  const own = new URLSearchParams(query);
  const isOpen =
    wordsOf(filter).length === [...own].length &&
    [...own].every((each) => filter.getAll(each[0]).includes(each[1]));
  return (
    <button
      type="button"
      aria-pressed={isOpen}
      className={"border-b-2 px-1 " + (isOpen ? "border-primary font-bold" : "border-transparent")}
      onClick={() => setFilter(isOpen ? new URLSearchParams() : own)}
    >
      {count.data && (
        <span className="figure">
          {count.data.more ? "> " : ""}
          {count.data.count.toLocaleString("en-US")}
        </span>
      )}{" "}
      {word}
    </button>
  );
}

/** What the list is narrowed to, as words that can be taken out again, and more of them. */
export function FilterWords({
  filter,
  setFilter,
  count,
  children,
}: Props & { count: string; children: ReactNode }) {
  const words = wordsOf(filter);
  return (
    <div className="mt-2 flex flex-wrap items-center gap-2" role="group" aria-label="Filter">
      <span aria-live="polite" className="font-bold">
        {count}
      </span>
      {words.map((each) => (
        <button
          key={each.name + each.value}
          type="button"
          className="border border-base-content px-2"
          onClick={() => setFilter(without(filter, each))}
        >
          {each.said} <span aria-hidden>×</span>
          <span className="sr-only">, take out</span>
        </button>
      ))}
      <MoreWords filter={filter} setFilter={setFilter} />
      {children}
    </div>
  );
}

function MoreWords({ filter, setFilter }: Props) {
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const fields = useQuery({
    queryKey: ["jobs", "fields"],
    queryFn: () => answer(api.GET("/api/v1/work-orders/fields")),
    enabled: open,
  });
  const facts: ListFact[] = [
    ...FACTS,
    ...(fields.data?.names ?? []).map((name): ListFact => ({
      key: "field." + name,
      label: name,
      form: "words",
    })),
  ];
  function close() {
    setOpen(false);
    button.current?.focus();
  }
  return (
    <>
      <button ref={button} type="button" className="act" aria-expanded={open} onClick={() => setOpen(!open)}>
        Narrow it
      </button>
      {open && (
        <NewWord
          facts={facts}
          add={(name, value) => {
            setFilter(withWord(filter, name, value));
            close();
          }}
          close={close}
        />
      )}
    </>
  );
}

function NewWord({
  facts,
  add,
  close,
}: {
  facts: ListFact[];
  add: (name: string, value: string) => void;
  close: () => void;
}) {
  const [key, setKey] = useState("customer");
  const [value, setValue] = useState("");
  const fact = facts.find((each) => each.key === key);
  const choices = fact?.choices;
  const said = choices ? value || (choices[0]?.value ?? "") : value.trim();
  return (
    <form
      className="flex basis-full items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (said) {
          add(key, said);
        }
      }}
      onKeyDown={(event) => {
        if (event.key === "Escape") {
          close();
        }
      }}
    >
      <Labeled text="By">
        <select
          className="entry"
          autoFocus
          value={key}
          onChange={(event) => {
            setKey(event.target.value);
            setValue("");
          }}
        >
          {facts.map((each) => (
            <option key={each.key} value={each.key}>
              {each.label}
            </option>
          ))}
        </select>
      </Labeled>
      <Labeled text="Is">
        {choices ? (
          <select className="entry" value={said} onChange={(event) => setValue(event.target.value)}>
            {choices.map((each) => (
              <option key={each.value} value={each.value}>
                {each.word}
              </option>
            ))}
          </select>
        ) : (
          <input
            className="entry w-80"
            value={value}
            placeholder={fact?.example ?? ""}
            maxLength={120}
            onChange={(event) => setValue(event.target.value)}
          />
        )}
      </Labeled>
      <button type="submit" className="act" disabled={!said}>
        Narrow
      </button>
    </form>
  );
}
