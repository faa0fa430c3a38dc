import { useState } from "react";
import { saveEntries, useJobAct } from "../job/useJob";
import { ProblemLine } from "../ui/states";
import type { Customs } from "./useCustoms";

const PARTS = [
  { name: "company", label: "Company" },
  { name: "person", label: "Person" },
  { name: "street", label: "Street" },
  { name: "street2", label: "Street 2" },
  { name: "city", label: "City" },
  { name: "state", label: "State" },
] as const;

type Part = (typeof PARTS)[number]["name"];

/** The ship-to as papers show it, and its form in Latin letters where they cannot show it as it is written. */
export function LatinShipTo({ customs }: { customs: Customs }) {
  const [open, setOpen] = useState(customs.notPrintable !== "");
  return (
    <section aria-label="Ship to">
      <h2>Ship to, as papers show it</h2>
      <address className="not-italic">
        {customs.shipTo.map((line, at) => (
          <span key={at + line} className="block">
            {line}
          </span>
        ))}
      </address>
      {customs.notPrintable && (
        <p className="border-l-4 border-error pl-3">
          Papers cannot show “{customs.notPrintable}”. <em>Write it in Latin letters.</em>
        </p>
      )}
      {customs.mayEdit &&
        (open ? (
          <LatinForm customs={customs} close={() => setOpen(false)} />
        ) : (
          <button type="button" className="act mt-1" onClick={() => setOpen(true)}>
            {customs.latinShipTo ? "Change its Latin form" : "Write it in Latin letters"}
          </button>
        ))}
    </section>
  );
}

function LatinForm({ customs, close }: { customs: Customs; close: () => void }) {
  const { postalCode, country } = customs.writtenShipTo;
  const start = customs.latinShipTo ?? customs.writtenShipTo;
  const save = useJobAct(customs.job, (text: string) =>
    saveEntries(customs.job, [{ field: "LATIN_SHIP_TO", line: 0, text }]),
  );
  const keep = (form: FormData) => {
    const part = (name: Part) => String(form.get(name) ?? "").replaceAll(";", ",");
    const text = [...PARTS.map(({ name }) => part(name)), postalCode, country].join("; ");
    save.mutate(text, { onSuccess: close });
  };
  return (
    <form
      aria-label="Ship-to in Latin letters"
      className="mt-1 space-y-1"
      onSubmit={(event) => {
        event.preventDefault();
        keep(new FormData(event.currentTarget));
      }}
    >
      {PARTS.map(({ name, label }) => (
        <label key={name} className="flex items-center gap-2">
          <span className="quiet w-18 shrink-0">{label}</span>
          <input name={name} defaultValue={start[name]} maxLength={120} className="entry w-full min-w-0" />
        </label>
      ))}
      <div className="flex gap-2 pt-1">
        <button type="submit" className="act" disabled={save.isPending}>
          Keep for papers
        </button>
        {customs.latinShipTo && (
          <button
            type="button"
            className="act"
            disabled={save.isPending}
            onClick={() => save.mutate("", { onSuccess: close })}
          >
            As it is written
          </button>
        )}
        <button type="button" className="act" onClick={close}>
          Cancel
        </button>
      </div>
      {save.isError && <ProblemLine error={save.error} />}
    </form>
  );
}
