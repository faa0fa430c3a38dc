import { PLACE_KINDS } from "../ui/placeKinds";
import { useMemo, useRef } from "react";
import { type Checked, OutsideCheck } from "../places/OutsideCheck";
import { PlaceField, type Proposal } from "../places/PlaceProposals";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { acts, type BenchData, type useAct } from "./useBench";

interface Props {
  bench: BenchData;
  act: ReturnType<typeof useAct>;
  close: () => void;
}

const FIELDS = [
  { name: "company", label: "Company" },
  { name: "person", label: "Person" },
  { name: "street", label: "Street" },
  { name: "street2", label: "Street 2" },
  { name: "city", label: "City" },
  { name: "state", label: "State" },
  { name: "postalCode", label: "ZIP" },
  { name: "country", label: "Country" },
  { name: "phone", label: "Phone" },
] as const;

/** The whole ship-to, to be corrected at any time before it ships. */
export function ShipToForm({ bench, act, close }: Props) {
  const to = bench.shipTo;
  const form = useRef<HTMLFormElement>(null);
  useKeys(
    useMemo(
      () => [
        { key: "Escape", label: "Cancel the correction", group: "Shipment", run: close, whileTyping: true },
      ],
      [close],
    ),
  );
  function keep(data: FormData) {
    const text = (name: string) => String(data.get(name) ?? "").trim();
    const kind = PLACE_KINDS.find((each) => each.kind === data.get("kind"))?.kind;
    act.mutate(
      async (id) => {
        const bench = await acts.correctShipTo({
          ...readForm(),
          kind: kind === to.kind ? undefined : kind,
        })(id);
        return text("phone") === to.phone ? bench : acts.correctPhone(text("phone"))(id);
      },
      { onSuccess: close },
    );
  }
  function readForm() {
    const data = new FormData(form.current ?? undefined);
    const text = (name: string) => String(data.get(name) ?? "").trim();
    return {
      company: text("company"),
      person: text("person"),
      street: text("street"),
      street2: text("street2"),
      city: text("city"),
      state: text("state"),
      postalCode: text("postalCode"),
      country: text("country"),
    };
  }
  function takeChecked(checked: Checked) {
    setFields({ ...checked.written, ...(checked.kind ? { kind: checked.kind } : {}) });
    form.current?.querySelector<HTMLElement>("button[type=submit]")?.focus();
  }
  /** A place sent to before fills the fields; nothing is kept until the form is. */
  function fill(place: Proposal) {
    setFields({ ...place.address, phone: place.phone || to.phone, kind: place.kind });
  }
  function setFields(values: Record<string, string>) {
    const fields = form.current?.elements;
    Object.entries(values).forEach(([name, value]) => {
      const field = fields?.namedItem(name);
      if (field instanceof HTMLInputElement || field instanceof HTMLSelectElement) {
        field.value = value;
      }
    });
  }
  return (
    <form
      ref={form}
      aria-label="Correct the ship-to"
      className="mt-1 space-y-1"
      onSubmit={(event) => {
        event.preventDefault();
        keep(new FormData(event.currentTarget));
      }}
    >
      {FIELDS.map((field) => (
        <label key={field.name} className="flex items-center gap-2">
          <span className="quiet w-18 shrink-0">{field.label}</span>
          {field.name === "company" ? (
            <PlaceField name="company" start={to.company} label="Company" take={fill} autoFocus />
          ) : (
            <input
              name={field.name}
              defaultValue={to[field.name]}
              maxLength={120}
              className="entry w-full min-w-0"
            />
          )}
        </label>
      ))}
      <label className="flex items-center gap-2">
        <span className="quiet w-18 shrink-0">It is a</span>
        <select name="kind" defaultValue={to.kind} className="entry w-full min-w-0">
          {PLACE_KINDS.map((each) => (
            <option key={each.kind} value={each.kind}>
              {each.words}
            </option>
          ))}
        </select>
      </label>
      <OutsideCheck read={readForm} take={takeChecked} />
      <div className="flex gap-2 pt-1">
        <button type="submit" className="act" disabled={act.isPending}>
          Save <Key name="Enter" />
        </button>
        <button type="button" className="act" onClick={close}>
          Cancel <Key name="Esc" />
        </button>
      </div>
    </form>
  );
}
