import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type KeyboardEvent, useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { JobActs, RELEASE, UNPAID, WHEN_SHORT } from "../job/JobActs";
import { type Entry, saveEntries } from "../job/useJob";
import { day } from "../ui/format";
import { benchOf, JobLink, pageOf } from "../ui/JobLink";
import { ProblemLine } from "../ui/states";
import { AcceptAddress } from "./AcceptAddress";
import { fieldLabel } from "../job/fieldLabel";
import { ShipAgain } from "./ShipAgain";

export type Row = Schemas["attention.AttentionJob"];

export function keyOf(row: Row): string {
  return [row.job, row.kind, row.field?.line ?? 0, row.field?.field ?? ""].join("|");
}

interface Props {
  row: Row;
  chosen: boolean;
  toggle: (key: string) => void;
  /** To the field after this one. */
  goOn: (key: string) => void;
  mayEdit: boolean;
  /** Whether the row before is of the same job. */
  again: boolean;
  /** The first row has the first key. */
  first: boolean;
}

/** A job and one thing that keeps it from going. */
export function AttentionRow({ row, chosen, toggle, goOn, mayEdit, again, first }: Props) {
  const key = keyOf(row);
  return (
    <tr className={chosen ? "at" : ""}>
      <td>
        <input
          type="checkbox"
          tabIndex={-1}
          aria-label={`Choose job ${row.job}`}
          checked={chosen}
          onChange={() => toggle(key)}
        />
      </td>
      <td className="figure">
        {again ? <span className="sr-only">{row.job}</span> : <JobLink job={row.job} />}
      </td>
      <td className="figure">{row.promiseDate && !again ? day(row.promiseDate) : ""}</td>
      <td className="max-w-72">
        {!again && (
          <>
            {row.shipTo || <span className="quiet">nobody</span>}
            <span className="quiet block text-sm">{row.address}</span>
          </>
        )}
      </td>
      <td>
        {row.reason} <span className="quiet">{row.remedy}</span>
      </td>
      <td>{mayEdit ? <PutRight row={row} goOn={goOn} first={first} /> : <Elsewhere row={row} />}</td>
    </tr>
  );
}

function PutRight({ row, goOn, first }: Pick<Props, "row" | "goOn" | "first">) {
  const queries = useQueryClient();
  const key = keyOf(row);
  const field = row.field;
  const [text, setText] = useState(field?.now ?? "");
  const save = useMutation({
    mutationFn: (entries: Entry[]) => saveEntries(row.job, entries),
    onSuccess: () => {
      goOn(key);
      void queries.invalidateQueries();
    },
  });
  const proposed = row.proposed;
  const takeProposed = () => {
    if (proposed) {
      save.mutate([
        { field: "CITY", line: 0, text: proposed.city },
        { field: "STATE", line: 0, text: proposed.state },
        { field: "POSTAL_CODE", line: 0, text: proposed.postalCode },
      ]);
    }
  };
  if (row.kind === "HOLD" || row.kind === "PAYMENT") {
    return (
      <JobActs
        jobs={[row.job]}
        acts={[row.kind === "HOLD" ? RELEASE : UNPAID]}
        field={key}
        done={() => goOn(key)}
      />
    );
  }
  if (row.kind === "LABEL") {
    return <ShipAgain job={row.job} field={key} done={() => goOn(key)} />;
  }
  if (!field) {
    return <Elsewhere row={row} />;
  }
  const keep = () => {
    if (text.trim() !== field.now) {
      save.mutate([{ field: field.field, line: field.line, before: field.now, text }]);
    }
  };
  const typed = (event: KeyboardEvent) => {
    if (event.key === "Enter") {
      event.preventDefault();
      keep();
    }
    if (event.altKey && event.key.toLowerCase() === "a" && proposed) {
      event.preventDefault();
      event.stopPropagation();
      takeProposed();
    }
  };
  return (
    <div className="space-y-1">
      <label className="flex items-baseline gap-2">
        <span className="quiet w-32 shrink-0 text-sm">{fieldLabel(field.label)}</span>
        <input
          data-field={key}
          aria-label={`${fieldLabel(field.label)} of job ${row.job}`}
          autoFocus={first}
          className="entry min-w-0 grow py-0"
          value={text}
          maxLength={1000}
          readOnly={save.isPending}
          onChange={(event) => setText(event.target.value)}
          onKeyDown={typed}
        />
      </label>
      {proposed && (
        <button
          type="button"
          className="act text-left whitespace-normal"
          tabIndex={-1}
          onClick={takeProposed}
        >
          <span>
            Meant:{" "}
            <Marked now={row.address} text={`${proposed.city}, ${proposed.state} ${proposed.postalCode}`} />
          </span>
        </button>
      )}
      {row.kind === "SHORT" && <JobActs jobs={[row.job]} acts={WHEN_SHORT} done={() => goOn(key)} />}
      {row.kind === "ADDRESS" && <AcceptAddress job={row.job} done={() => goOn(key)} />}
      {save.isError && <ProblemLine error={save.error} />}
    </div>
  );
}

/** Words that are otherwise in the address as it stands are set bold. */
function Marked({ now, text }: { now: string; text: string }) {
  const there = new Set(now.split(/[\s,]+/));
  return text.split(" ").map((word, index) => {
    const shown = word + " ";
    return there.has(word.replace(",", "")) ? (
      <span key={index}>{shown}</span>
    ) : (
      <strong key={index}>{shown}</strong>
    );
  });
}

const PLACES = {
  WORD: { to: () => "/sources/wordbook", text: "Answer in Wordbook" },
  LABEL: { to: benchOf, text: "Ship it again on the Bench" },
  SOURCE: { to: pageOf, text: "Look at both" },
} as const;

function Elsewhere({ row }: { row: Row }) {
  const place = row.kind in PLACES ? PLACES[row.kind as keyof typeof PLACES] : undefined;
  return (
    <Link className="underline" data-field={keyOf(row)} to={place ? place.to(row.job) : pageOf(row.job)}>
      {place ? place.text : "Everything about it"}
    </Link>
  );
}
