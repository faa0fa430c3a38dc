import { useState } from "react";
import { answer, api } from "../api/client";
import { useMay } from "../signin/who";
import { Labeled } from "../ui/Labeled";
import { ProblemLine } from "../ui/states";
import { type PartnerEntry, type PartnersView, usePartnersAct } from "./usePartners";

interface Props {
  view: PartnersView;
  /** Nothing for a new one. */
  code: string | undefined;
  entry: PartnerEntry;
  hasSecret: boolean;
  done: (after: PartnersView) => void;
}

const ADDRESS = {
  HTTP: { label: "Address", hint: "https://partner.example/notices" },
  FOLDER: { label: "Folder’s name", hint: "small letters, digits and -" },
  FETCHED: { label: "A word for whoever comes", hint: "small letters, digits and -" },
} as const;

/** What one partner demands, and how it is spoken with. */
export function PartnerForm({ view, code, entry, hasSecret, done }: Props) {
  const [set, setSet] = useState<PartnerEntry>(entry);
  const may = useMay();
  const save = usePartnersAct((body: PartnerEntry) =>
    code === undefined
      ? answer(api.POST("/api/v1/partners", { body }))
      : answer(api.PUT("/api/v1/partners/{code}", { params: { path: { code } }, body })),
  );
  const change = (part: Partial<PartnerEntry>) => setSet({ ...set, ...part });
  return (
    <form
      aria-label={entry.name || "A new partner"}
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(set, { onSuccess: done });
      }}
    >
      <fieldset disabled={!may("SET_UP")} className="space-y-4">
        <h2>{entry.name || "A new partner"}</h2>
        <Who set={set} change={change} />
        <LabelPart view={view} set={set} change={change} />
        <NoticePart view={view} set={set} change={change} hasSecret={hasSecret} />
        <div className="flex items-center gap-4">
          {may("SET_UP") ? (
            <button type="submit" className="act" disabled={save.isPending || !set.name.trim()}>
              {save.isPending ? "Keeping …" : code === undefined ? "Add it" : "Keep it"}
            </button>
          ) : (
            <span className="quiet">An administrator changes it.</span>
          )}
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              checked={set.active}
              onChange={(event) => change({ active: event.target.checked })}
            />
            It counts from the next shipment on
          </label>
          {save.isSuccess && <span className="text-primary">✓ Kept.</span>}
        </div>
      </fieldset>
      {save.isError && <ProblemLine error={save.error} />}
    </form>
  );
}

interface PartProps {
  set: PartnerEntry;
  change: (part: Partial<PartnerEntry>) => void;
}

function Who({ set, change }: PartProps) {
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-2">
      <Labeled text="Name">
        <input
          className="entry"
          maxLength={60}
          value={set.name}
          onChange={(event) => change({ name: event.target.value })}
        />
      </Labeled>
      <Labeled text="Location number (GLN) of where it receives">
        <input
          className="entry figure"
          maxLength={13}
          value={set.locationNumber}
          onChange={(event) => change({ locationNumber: event.target.value })}
        />
      </Labeled>
      <div className="col-span-2">
        <Labeled text="Customers as work orders call it, one a line">
          <textarea
            className="entry"
            rows={2}
            value={set.customers.join("\n")}
            onChange={(event) => change({ customers: event.target.value.split("\n") })}
            onBlur={() => change({ customers: set.customers.map((each) => each.trim()).filter(Boolean) })}
          />
        </Labeled>
      </div>
    </div>
  );
}

function LabelPart({ view, set, change }: PartProps & { view: PartnersView }) {
  const toggle = (element: PartnerEntry["elements"][number]) =>
    change({
      elements: set.elements.includes(element)
        ? set.elements.filter((each) => each !== element)
        : [...set.elements, element],
    });
  return (
    <fieldset>
      <legend className="font-bold">
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={set.label}
            onChange={(event) => change({ label: event.target.checked })}
          />
          A logistics label on each package, with its own number: (00) SSCC
        </label>
      </legend>
      {set.label && (
        <>
          <p className="quiet">Up to {view.mostElements} others in bars above it:</p>
          <div className="flex flex-wrap gap-x-5 gap-y-1">
            {view.elements.map((each) => {
              const value = each.value as PartnerEntry["elements"][number];
              const on = set.elements.includes(value);
              return (
                <label key={each.value} className="flex items-center gap-2">
                  <input
                    type="checkbox"
                    checked={on}
                    disabled={!on && set.elements.length >= view.mostElements}
                    onChange={() => toggle(value)}
                  />
                  {each.words}
                </label>
              );
            })}
          </div>
        </>
      )}
    </fieldset>
  );
}

function NoticePart({
  view,
  set,
  change,
  hasSecret,
}: PartProps & { view: PartnersView; hasSecret: boolean }) {
  return (
    <fieldset className="space-y-2">
      <legend className="font-bold">What it is told of a shipment</legend>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <Labeled text="Ship notice">
          <select
            className="entry"
            value={set.form}
            onChange={(event) => change({ form: event.target.value as PartnerEntry["form"] })}
          >
            {view.forms.map((each) => (
              <option key={each.value} value={each.value}>
                {each.words}
              </option>
            ))}
          </select>
        </Labeled>
        {set.form === "X12" && (
          <>
            <Labeled text="Qualifier">
              <input
                className="entry figure w-16"
                maxLength={2}
                value={set.interchangeQualifier}
                onChange={(event) => change({ interchangeQualifier: event.target.value })}
              />
            </Labeled>
            <Labeled text="Its interchange ID">
              <input
                className="entry figure w-44"
                maxLength={15}
                value={set.interchangeId}
                onChange={(event) => change({ interchangeId: event.target.value })}
              />
            </Labeled>
            <label className="flex items-center gap-2 pb-1.5">
              <input
                type="checkbox"
                checked={set.test}
                onChange={(event) => change({ test: event.target.checked })}
              />
              marked as a test
            </label>
          </>
        )}
      </div>
      {set.form !== "NONE" && <Reach view={view} set={set} change={change} hasSecret={hasSecret} />}
    </fieldset>
  );
}

/** How it is spoken with; the secret signs what it says to us. */
function Reach({ view, set, change, hasSecret }: PartProps & { view: PartnersView; hasSecret: boolean }) {
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
      <Labeled text="How">
        <select
          className="entry"
          value={set.way}
          onChange={(event) => change({ way: event.target.value as PartnerEntry["way"], address: "" })}
        >
          {view.ways.map((each) => (
            <option key={each.value} value={each.value}>
              {each.words}
            </option>
          ))}
        </select>
      </Labeled>
      <Labeled text={ADDRESS[set.way].label}>
        <input
          className="entry figure w-72"
          maxLength={500}
          placeholder={ADDRESS[set.way].hint}
          value={set.address}
          onChange={(event) => change({ address: event.target.value })}
        />
      </Labeled>
      <Labeled text={hasSecret ? "New secret" : "Secret that both sides know"}>
        <input
          type="password"
          className="entry w-52"
          maxLength={500}
          autoComplete="new-password"
          placeholder={hasSecret ? "the kept one stays" : "none"}
          value={set.secret ?? ""}
          onChange={(event) => change({ secret: event.target.value || undefined })}
        />
      </Labeled>
      <Labeled text="Acknowledged within hours (0: never)">
        <input
          className="entry figure w-24"
          inputMode="numeric"
          maxLength={3}
          value={String(set.acknowledgedWithinHours)}
          onChange={(event) =>
            change({ acknowledgedWithinHours: Number(event.target.value.replace(/\D/g, "") || 0) })
          }
        />
      </Labeled>
    </div>
  );
}
