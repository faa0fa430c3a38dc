import { useState } from "react";
import { useMay } from "../signin/who";
import { Labeled } from "../ui/Labeled";
import { ProblemLine } from "../ui/states";
import { AccountRules } from "./AccountRules";
import { type BooksEntry, type BooksView, useBooksChange } from "./booksData";

interface Props {
  view: BooksView;
  /** Whether it was kept just now, as it is shown. */
  kept: boolean;
  done: () => void;
}

/** Closed periods, closed invoices, and which accounts freight is booked on. */
export function BooksForm({ view, kept, done }: Props) {
  const [entry, setEntry] = useState<BooksEntry>(view.entry);
  const may = useMay();
  const keep = useBooksChange();
  const change = (part: Partial<BooksEntry>) => setEntry({ ...entry, ...part });
  return (
    <form
      aria-label="How the books are kept"
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate(entry, { onSuccess: done });
      }}
    >
      <fieldset disabled={!may("WRITE_BACK")} className="min-w-0 space-y-5">
        <section aria-label="Closed period" className="space-y-1">
          <h2>Closed period</h2>
          <div className="flex flex-wrap items-end gap-4">
            <Labeled text="Closed through (nothing: all is open)">
              <input
                type="date"
                className="entry figure"
                max={view.today}
                value={entry.closedThrough ?? ""}
                onChange={(event) => change({ closedThrough: event.target.value || undefined })}
              />
            </Labeled>
          </div>
          <p className="quiet">
            Nothing is booked there any more. What belongs there stands on the first open day and says so.
          </p>
        </section>
        <fieldset>
          <legend className="font-bold">Freight that comes off an invoice which is closed, becomes</legend>
          {view.closedInvoices.map((each) => (
            <label key={each.value} className="flex items-center gap-2">
              <input
                type="radio"
                name="closedInvoice"
                checked={entry.closedInvoice === each.value}
                onChange={() => change({ closedInvoice: each.value as BooksEntry["closedInvoice"] })}
              />
              {each.words}
            </label>
          ))}
          <p className="quiet">
            Freight that comes after an invoice was closed stands on the customer’s next one.
          </p>
        </fieldset>
        <AccountRules view={view} rules={entry.rules} change={(rules) => change({ rules })} />
        {may("WRITE_BACK") ? (
          <div className="flex items-center gap-4">
            <button type="submit" className="act" disabled={keep.isPending}>
              {keep.isPending ? "Keeping …" : "Keep it"}
            </button>
            {kept && entry === view.entry && <span className="text-primary">✓ Kept.</span>}
          </div>
        ) : (
          <p className="quiet">A bookkeeper changes it.</p>
        )}
      </fieldset>
      {keep.isError && <ProblemLine error={keep.error} />}
    </form>
  );
}
