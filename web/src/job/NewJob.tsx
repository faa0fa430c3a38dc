import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useCallback, useMemo, useRef, useState } from "react";
import { useNavigate } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { PlaceField, type Proposal } from "../places/PlaceProposals";
import { benchOf } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { Labeled } from "../ui/Labeled";
import { ProblemLine } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { ItemField } from "./ItemField";
import { useChoices, WordChoices } from "./WordChoices";

type Field = Schemas["job.TypedEntry"]["field"];

interface FormField {
  field: Field;
  label: string;
  choices?: string;
  example?: string;
}

const SHIP_TO: FormField[] = [
  { field: "PERSON", label: "Person" },
  { field: "STREET", label: "Street" },
  { field: "STREET2", label: "Second street line" },
  { field: "CITY", label: "City" },
  { field: "STATE", label: "State" },
  { field: "POSTAL_CODE", label: "Postal code" },
  { field: "COUNTRY", label: "Country" },
  { field: "PHONE", label: "Phone" },
];

const REST: FormField[] = [
  { field: "CUSTOMER", label: "Customer" },
  { field: "CUSTOMER_PO", label: "Customer PO" },
  { field: "PROMISE_DATE", label: "Promised", example: "12/4/2026" },
  { field: "SERVICE", label: "Requested service", choices: "choices-SERVICE" },
  { field: "TERMS", label: "Freight terms", choices: "choices-TERMS", example: "we pay and bill" },
  { field: "NOTES", label: "Notes" },
];

interface Line {
  id: number;
  texts: Partial<Record<Field, string>>;
}

/** A job typed in by hand: a walk-in, a sample, a replacement. */
export function NewJob() {
  useTitle("New job");
  const queries = useQueryClient();
  const navigate = useNavigate();
  const form = useRef<HTMLFormElement>(null);
  const asRequest = useRef<HTMLButtonElement>(null);
  const choices = useChoices();
  const next = useQuery({
    queryKey: ["jobs", "next-number"],
    queryFn: () => answer(api.GET("/api/v1/work-orders/next-number")),
  });
  const [lines, setLines] = useState<Line[]>([{ id: 0, texts: {} }]);
  const add = useMutation({
    mutationFn: (body: Schemas["job.TypedJob"]) => answer(api.POST("/api/v1/work-orders", { body })),
    onSuccess: (job) => {
      void queries.invalidateQueries();
      void navigate(benchOf(job.number));
    },
  });
  const addLine = useCallback(
    () => setLines((before) => [...before, { id: (before.at(-1)?.id ?? 0) + 1, texts: {} }]),
    [],
  );
  useKeys(
    useMemo(
      () => [
        { key: "Alt+l", label: "One more line", whileTyping: true, run: addLine },
        {
          key: "Alt+r",
          label: "Keep it as a request",
          whileTyping: true,
          run: () => asRequest.current?.click(),
        },
      ],
      [addLine],
    ),
  );
  function fill(place: Proposal) {
    const values: Partial<Record<Field, string>> = {
      COMPANY: place.address.company,
      PERSON: place.address.person,
      STREET: place.address.street,
      STREET2: place.address.street2,
      CITY: place.address.city,
      STATE: place.address.state,
      POSTAL_CODE: place.address.postalCode,
      COUNTRY: place.address.country,
      PHONE: place.phone,
    };
    Object.entries(values).forEach(([name, value]) => {
      const field = form.current?.elements.namedItem(name);
      if (field instanceof HTMLInputElement) {
        field.value = value;
      }
    });
    const customer = form.current?.elements.namedItem("CUSTOMER");
    if (customer instanceof HTMLInputElement && customer.value === "") {
      customer.value = place.address.company || place.address.person;
    }
  }
  function submit(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const submitter = (event.nativeEvent as SubmitEvent).submitter as HTMLButtonElement | null;
    const data = new FormData(event.currentTarget);
    const text = (name: string) => String(data.get(name) ?? "").trim();
    const head: Field[] = [
      "COMPANY",
      ...SHIP_TO.map((each) => each.field),
      ...REST.map((each) => each.field),
    ];
    add.mutate({
      number: text("number"),
      request: submitter?.value === "request",
      entries: head.map((field) => ({ field, text: text(field) })).filter((each) => each.text !== ""),
      lines: lines.map((line) => ({
        entries: Object.entries(line.texts).map(([field, value]) => ({ field: field as Field, text: value })),
      })),
    });
  }
  const change = (id: number, texts: Line["texts"]) =>
    setLines((before) =>
      before.map((line) => (line.id === id ? { ...line, texts: { ...line.texts, ...texts } } : line)),
    );
  return (
    <form ref={form} className="max-w-6xl px-5 py-3" aria-label="New job" onSubmit={submit}>
      <h1>New job</h1>
      <WordChoices choices={choices} />
      <div className="mt-2 grid gap-x-8 gap-y-2 md:grid-cols-2">
        <section aria-label="Ship to" className="space-y-1">
          <h2 className="border-b-2 border-base-content">Ship to</h2>
          <Row label="Company">
            <PlaceField name="COMPANY" start="" label="Company" take={fill} autoFocus />
          </Row>
          {SHIP_TO.map((each) => (
            <Typed key={each.field} field={each} />
          ))}
        </section>
        <section aria-label="The job" className="space-y-1">
          <h2 className="border-b-2 border-base-content">The job</h2>
          <Row label="Number">
            <input
              name="number"
              aria-label="Number"
              className="entry figure w-full min-w-0"
              maxLength={120}
              placeholder={next.data ? `${next.data.number}, the next free one` : ""}
            />
          </Row>
          {REST.map((each) => (
            <Typed key={each.field} field={each} />
          ))}
        </section>
      </div>
      <h2 className="mt-3 border-b-2 border-base-content">What is in it</h2>
      {lines.map((line, index) => (
        <fieldset key={line.id} className="mt-1 flex flex-wrap items-end gap-2">
          <legend className="sr-only">Line {index + 1}</legend>
          <ItemField line={index + 1} texts={line.texts} change={(texts) => change(line.id, texts)} />
          <Labeled text="Pieces">
            <input
              className="entry figure w-20"
              aria-label={`Pieces of line ${index + 1}`}
              value={line.texts.QUANTITY ?? ""}
              maxLength={9}
              onChange={(event) => change(line.id, { QUANTITY: event.target.value })}
            />
          </Labeled>
          <Labeled text="One weighs">
            <input
              className="entry figure w-28"
              aria-label={`Weight of one piece of line ${index + 1}`}
              value={line.texts.UNIT_WEIGHT ?? ""}
              placeholder="by the item"
              maxLength={40}
              onChange={(event) => change(line.id, { UNIT_WEIGHT: event.target.value })}
            />
          </Labeled>
          {lines.length > 1 && (
            <button
              type="button"
              className="act"
              onClick={() => setLines((before) => before.filter((each) => each.id !== line.id))}
            >
              Take out
            </button>
          )}
        </fieldset>
      ))}
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <button type="button" className="act" onClick={addLine}>
          One more line <Key name="Alt+L" />
        </button>
        <button
          type="submit"
          className="act ml-auto bg-primary text-primary-content"
          disabled={add.isPending}
        >
          Keep it and go to the bench <Key name="Enter" />
        </button>
        <button
          type="submit"
          name="as"
          value="request"
          ref={asRequest}
          className="act"
          disabled={add.isPending}
        >
          Only a price: keep it as a request <Key name="Alt+R" />
        </button>
      </div>
      {add.isError && (
        <div className="mt-2">
          <ProblemLine error={add.error} />
        </div>
      )}
    </form>
  );
}

function Row({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <div className="flex items-center gap-3">
      <span className="quiet w-36 shrink-0">{label}</span>
      {children}
    </div>
  );
}

function Typed({ field }: { field: FormField }) {
  return (
    <Row label={field.label}>
      <input
        name={field.field}
        aria-label={field.label}
        className="entry w-full min-w-0"
        list={field.choices}
        placeholder={field.example}
        maxLength={field.field === "NOTES" ? 1000 : 120}
      />
    </Row>
  );
}
