import type { SetURLSearchParams } from "react-router";

const STATUSES = [
  { value: "READY", word: "ready" },
  { value: "ON_BENCH", word: "on the bench" },
  { value: "SHIPPED", word: "shipped" },
] as const;

export type Status = (typeof STATUSES)[number]["value"];

export function statusOf(filter: URLSearchParams): Status | undefined {
  return STATUSES.find((each) => each.value === filter.get("status"))?.value;
}

export function statusWord(status: Status): string {
  return STATUSES.find((each) => each.value === status)?.word ?? status;
}

/** What the list is narrowed to, as words that can be taken out again. */
export function Filters({ filter, setFilter }: { filter: URLSearchParams; setFilter: SetURLSearchParams }) {
  const text = filter.get("text") ?? "";
  const chosen = statusOf(filter);

  function change(name: string, value: string) {
    setFilter((before) => {
      const next = new URLSearchParams(before);
      if (value) {
        next.set(name, value);
      } else {
        next.delete(name);
      }
      return next;
    });
  }

  return (
    <div className="flex items-center gap-4" role="group" aria-label="Filter">
      {STATUSES.map((each) => (
        <button
          key={each.value}
          type="button"
          aria-pressed={chosen === each.value}
          className={
            "border-b-2 px-1 " + (chosen === each.value ? "border-primary font-bold" : "border-transparent")
          }
          onClick={() => change("status", chosen === each.value ? "" : each.value)}
        >
          {each.word}
        </button>
      ))}
      {text && (
        <button type="button" className="border border-base-content px-2" onClick={() => change("text", "")}>
          like “{text}” <span aria-hidden>×</span>
          <span className="sr-only">, take out</span>
        </button>
      )}
    </div>
  );
}
