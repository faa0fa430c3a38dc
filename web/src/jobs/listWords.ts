/** How the words of a condition are entered. */
type Form = "words" | "choice" | "number" | "days" | "range";

export interface ListFact {
  /** As the address names it. */
  key: string;
  label: string;
  form: Form;
  /** Where few are possible. */
  choices?: { value: string; word: string }[];
  example?: string;
}

const STATUSES = [
  { value: "REQUEST", word: "request" },
  { value: "READY", word: "ready" },
  { value: "ON_BENCH", word: "on the bench" },
  { value: "SHIPPED", word: "shipped" },
];

export function statusWord(status: string): string {
  return STATUSES.find((each) => each.value === status)?.word ?? status;
}

export const TERMS = [
  { value: "PREPAID_AND_BILLED", word: "we pay and bill" },
  { value: "PREPAID", word: "we pay" },
  { value: "COLLECT", word: "receiver pays" },
  { value: "THIRD_PARTY", word: "third party pays" },
];

const YES = [
  { value: "yes", word: "yes" },
  { value: "no", word: "no" },
];

/** What a list can be narrowed by; the shop's own fields come besides. */
export const FACTS: ListFact[] = [
  { key: "status", label: "Status", form: "choice", choices: STATUSES },
  { key: "held", label: "On hold", form: "choice", choices: YES },
  {
    key: "attention",
    label: "Needs attention",
    form: "choice",
    choices: [
      { value: "any", word: "for any reason" },
      { value: "ADDRESS", word: "address" },
      { value: "COMPANY", word: "company" },
      { value: "PHONE", word: "phone" },
      { value: "WORD", word: "unknown word" },
      { value: "WEIGHT", word: "no weight" },
      { value: "CUSTOMS", word: "customs data" },
      { value: "SHORT", word: "short" },
      { value: "LABEL", word: "no label" },
      { value: "SOURCE", word: "changed at the source" },
    ],
  },
  { key: "customer", label: "Customer", form: "words", example: "Fenwick Works" },
  { key: "number", label: "Number", form: "number", example: "24 or 2400..2480" },
  { key: "promised", label: "Promised", form: "days", example: "today, 12/4/2026 or 12/1/2026..12/5/2026" },
  { key: "shipped", label: "Shipped", form: "days", example: "today, or 12/1/2026..12/5/2026" },
  { key: "service", label: "Requested service", form: "words", example: "Plover Ground" },
  { key: "terms", label: "Freight terms", form: "choice", choices: TERMS },
  { key: "weight", label: "Weight", form: "range", example: "10 lb..50 lb" },
  { key: "value", label: "Value", form: "range", example: "100..2500" },
  { key: "abroad", label: "Goes abroad", form: "choice", choices: YES },
  { key: "site", label: "Leaves from", form: "words", example: "site code" },
  { key: "source", label: "Source", form: "words", example: "FILE" },
  { key: "batch", label: "Batch", form: "words" },
  { key: "same-place", label: "Same place as", form: "words", example: "job number" },
  { key: "same-contents", label: "Same contents as", form: "words", example: "job number" },
];

/** Of the address, but not of what the list is narrowed to. */
const OTHERS = ["report", "columns", "sort"];

export interface ListWord {
  name: string;
  value: string;
  /** As it is said above the list. */
  said: string;
}

function factOf(name: string): ListFact | undefined {
  return FACTS.find((each) => each.key === name);
}

function wordFor(fact: ListFact | undefined, value: string): string {
  const word = fact?.choices?.find((each) => each.value === value)?.word;
  return (
    word ??
    (value.startsWith("..")
      ? `up to ${value.slice(2)}`
      : value.endsWith("..")
        ? `from ${value.slice(0, -2)}`
        : value.replace("..", " to "))
  );
}

/** What the list is narrowed to, in words that can be taken out one by one. */
export function wordsOf(filter: URLSearchParams): ListWord[] {
  return [...filter]
    .filter(([name, value]) => !OTHERS.includes(name) && value.trim() !== "")
    .map(([name, value]) => ({ name, value, said: saying(name, value) }));
}

function saying(name: string, value: string): string {
  if (name === "text") {
    return `with “${value}”`;
  }
  const fact = factOf(name);
  const label = fact?.label ?? name.replace(/^field\./, "");
  return `${label}: ${wordFor(fact, value)}`;
}

/** What the server is asked for: each name with all its words. */
export function askedOf(filter: URLSearchParams): Record<string, string[]> {
  const asked: Record<string, string[]> = {};
  for (const [name, value] of filter) {
    if (name !== "report" && name !== "columns") {
      (asked[name] ??= []).push(value);
    }
  }
  return asked;
}

/** The address as it is kept under a name. */
export function keptAddress(filter: URLSearchParams): string {
  const kept = new URLSearchParams(filter);
  kept.delete("report");
  return kept.toString();
}

/** The same address without one of its words. */
export function without(filter: URLSearchParams, word: ListWord): URLSearchParams {
  const next = new URLSearchParams();
  let gone = false;
  for (const [name, value] of filter) {
    if (!gone && name === word.name && value === word.value) {
      gone = true;
    } else {
      next.append(name, value);
    }
  }
  return next;
}

/** The same address with one more word; of what can only be one thing, in place of the one before. */
export function withWord(filter: URLSearchParams, name: string, value: string): URLSearchParams {
  const next = new URLSearchParams(filter);
  const form = factOf(name)?.form;
  if (name === "text" || form === "days" || form === "range" || form === "number") {
    next.delete(name);
  }
  if (!next.getAll(name).includes(value)) {
    next.append(name, value);
  }
  return next;
}

/** Another order: the same column twice turns it around. */
export function sortedBy(filter: URLSearchParams, column: string): URLSearchParams {
  const next = new URLSearchParams(filter);
  next.set("sort", filter.get("sort") === column ? "-" + column : column);
  return next;
}
