import { FieldChoice } from "./ColumnTable";
import type { Field, FixedDraft } from "./useLayoutDraft";

interface Props {
  fixed: FixedDraft[];
  fields: Field[];
  change: (fixed: FixedDraft[]) => void;
}

/** What every job of such a file says, though no column does. */
export function FixedTexts({ fixed, fields, change }: Props) {
  const set = (index: number, part: Partial<FixedDraft>) =>
    change(fixed.map((each, at) => (at === index ? { ...each, ...part } : each)));
  return (
    <section aria-label="Said for every job" className="mt-3 space-y-2">
      <h2>Said for every job, though no column does</h2>
      {fixed.map((each, index) => (
        <div key={index} className="flex items-center gap-2">
          <FieldChoice
            label={`Field that is fixed, ${index + 1}`}
            fields={fields.filter((field) => field.field !== "ORDER_NUMBER")}
            chosen={each.field}
            choose={(field) => set(index, { field })}
          />
          {fields.find((field) => field.field === each.field)?.custom && (
            <input
              aria-label={`Name of the fixed custom field, ${index + 1}`}
              className="entry w-32"
              maxLength={40}
              value={each.custom}
              onChange={(event) => set(index, { custom: event.target.value })}
            />
          )}
          <span className="quiet">is</span>
          <input
            aria-label={`What it says, ${index + 1}`}
            className="entry w-56"
            maxLength={120}
            value={each.text}
            onChange={(event) => set(index, { text: event.target.value })}
          />
          <button type="button" className="act" onClick={() => change(fixed.filter((_, at) => at !== index))}>
            Take out
          </button>
        </div>
      ))}
      <button
        type="button"
        className="act"
        onClick={() => change([...fixed, { field: "", custom: "", text: "" }])}
      >
        Add a fixed text
      </button>
    </section>
  );
}
