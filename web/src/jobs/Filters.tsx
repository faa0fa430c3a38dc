import { useQuery } from "@tanstack/react-query";
import { useCallback, useMemo, useRef, useState } from "react";
import type { SetURLSearchParams } from "react-router";
import { answer, api } from "../api/client";
import { useKeys } from "../ui/keys";
import { Key } from "../ui/Key";
import { Labeled } from "../ui/Labeled";
import { ColumnChoice } from "./ColumnChoice";
import { KeepList } from "./KeptLists";
import { askedOf, FACTS, type ListFact, without, withWord, wordsOf } from "./listWords";

interface Props {
  filter: URLSearchParams;
  setFilter: SetURLSearchParams;
}

/** The lists that are looked at all day, each with how many jobs it has. */
const USUAL = [
  { word: "ready", query: "status=READY&held=no" },
  { word: "on the bench", query: "status=ON_BENCH" },
  { word: "on hold", query: "held=yes&status=READY&status=ON_BENCH" },
  { word: "need attention", query: "attention=any" },
  { word: "late", query: "promised=..yesterday&status=READY&status=ON_BENCH" },
  { word: "shipped today", query: "shipped=today" },
];

export function UsualLists({ filter, setFilter }: Props) {
  return (
    <div className="flex flex-wrap items-baseline gap-x-4" role="group" aria-label="Usual lists">
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
      className={
        "border-b-2 px-1 whitespace-nowrap " + (isOpen ? "border-primary font-bold" : "border-transparent")
      }
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

type Panel = "words" | "columns" | "keep";

/** What the list is narrowed to, as words that can be taken out again, and more of them; and what it shows. */
export function FilterWords({
  filter,
  setFilter,
  count,
  file,
}: Props & {
  count: string;
  /** Where the list is as a file. */
  file: string;
}) {
  const [opened, setOpened] = useState<Panel | undefined>();
  const button = useRef<HTMLButtonElement>(null);
  const toggle = useCallback((one: Panel) => setOpened((before) => (before === one ? undefined : one)), []);
  const close = useCallback(() => {
    setOpened(undefined);
    button.current?.focus();
  }, []);
  useKeys(useMemo(() => [{ key: "f", label: "Narrow the list", run: () => toggle("words") }], [toggle]));
  return (
    <>
      <div className="mt-2 flex flex-wrap items-center gap-2" role="group" aria-label="Filter">
        <span aria-live="polite" className="font-bold">
          {count}
        </span>
        {wordsOf(filter).map((each) => (
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
        <button
          ref={button}
          type="button"
          className="act"
          aria-expanded={opened === "words"}
          onClick={() => toggle("words")}
        >
          Narrow it <Key name="F" />
        </button>
        <button
          type="button"
          className="act"
          aria-expanded={opened === "columns"}
          onClick={() => toggle("columns")}
        >
          Columns
        </button>
        <button
          type="button"
          className="act"
          aria-expanded={opened === "keep"}
          onClick={() => toggle("keep")}
        >
          Keep it
        </button>
        <a className="act" href={file} download>
          Save as CSV
        </a>
        <span className="quiet ml-auto">
          <Key name="↑" /> <Key name="↓" /> choose <Key name="Enter" /> to the bench
        </span>
      </div>
      {opened === "words" && (
        <NewWord
          add={(name, value) => {
            setFilter(withWord(filter, name, value));
            // not back to the button: the next keys, as the space bar that chooses a job, are the list's
            setOpened(undefined);
          }}
          close={close}
        />
      )}
      {opened === "keep" && <KeepList filter={filter} close={close} />}
      {opened === "columns" && <ColumnChoice filter={filter} setFilter={setFilter} />}
    </>
  );
}

/** What the list can be narrowed by, the shop's own fields as well. */
function useFacts(): ListFact[] {
  const fields = useQuery({
    queryKey: ["jobs", "fields"],
    queryFn: () => answer(api.GET("/api/v1/work-orders/fields")),
  });
  return [
    ...FACTS,
    ...(fields.data?.names ?? []).map((name): ListFact => ({
      key: "field." + name,
      label: name,
      form: "words",
    })),
  ];
}

function NewWord({ add, close }: { add: (name: string, value: string) => void; close: () => void }) {
  const facts = useFacts();
  useKeys(
    useMemo(
      () => [{ key: "Escape", label: "Leave the list as it is", whileTyping: true, run: close }],
      [close],
    ),
  );
  const [key, setKey] = useState("customer");
  const [value, setValue] = useState("");
  const fact = facts.find((each) => each.key === key);
  const choices = fact?.choices;
  const said = choices ? value || (choices[0]?.value ?? "") : value.trim();
  return (
    <form
      className="mt-2 flex items-end gap-3 border-y border-base-300 py-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (said) {
          add(key, said);
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
