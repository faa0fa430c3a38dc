import { Labeled } from "../ui/Labeled";
import { moved } from "../ui/moved";
import { Mover } from "./Mover";
import type { SheetList, StickerSheet } from "./stickerSheet";

interface Props {
  sheet: StickerSheet;
  /** Whether it is one of the shop's own, under the name it has. */
  isKept: boolean;
  fields: SheetList["fields"];
  papers: SheetList["papers"];
  busy: boolean;
  withdrawn: boolean;
  change: (sheet: StickerSheet) => void;
  keep: () => void;
  withdraw: (() => void) | undefined;
}

const MARGINS = [
  ["top", "Margin above"],
  ["bottom", "Margin below"],
  ["left", "Margin left"],
  ["right", "Margin right"],
  ["gapAcross", "Gap between columns"],
  ["gapDown", "Gap between rows"],
] as const;

/** How a sheet of stickers is made up. */
export function StickerForm(props: Props) {
  const { sheet, isKept, fields, papers, change } = props;
  const set = (part: Partial<StickerSheet>) => change({ ...sheet, ...part });
  return (
    <section aria-label="How the sheet is made up" className="space-y-3">
      <div className="flex flex-wrap items-end gap-3">
        <Labeled text="Name">
          <input
            className="entry w-56"
            maxLength={60}
            value={sheet.name}
            onChange={(event) => set({ name: event.target.value })}
          />
        </Labeled>
        <Labeled text="Paper">
          <select
            className="entry"
            value={sheet.sheet}
            onChange={(event) => set({ sheet: event.target.value as StickerSheet["sheet"] })}
          >
            {papers.map((paper) => (
              <option key={paper.sheet} value={paper.sheet}>
                {paper.label}
              </option>
            ))}
          </select>
        </Labeled>
        <button type="button" className="act" disabled={props.busy} onClick={props.keep}>
          {isKept ? "Keep the change" : "Keep as a new sheet"}
        </button>
        {props.withdraw && (
          <button type="button" className="act" onClick={props.withdraw}>
            {props.withdrawn ? "Offer it again" : "Withdraw it"}
          </button>
        )}
      </div>
      <div className="flex flex-wrap gap-3">
        <Whole label="Rows" value={sheet.rows} change={(rows) => set({ rows })} />
        <Whole label="Columns" value={sheet.columns} change={(columns) => set({ columns })} />
        <Whole label="Type, pt" value={sheet.type} change={(type) => set({ type })} />
        <label className="flex items-center gap-2 self-end py-1">
          <input
            type="checkbox"
            checked={sheet.border}
            onChange={(event) => set({ border: event.target.checked })}
          />
          Frame around each
        </label>
      </div>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        {MARGINS.map(([field, label]) => (
          <Labeled key={field} text={label}>
            <input
              className="entry figure w-full"
              maxLength={40}
              value={sheet[field]}
              onChange={(event) => set({ [field]: event.target.value })}
            />
          </Labeled>
        ))}
      </div>
      <p className="quiet">A length with its unit, as 0.5 in or 12 mm; 0 for none.</p>
      <div>
        <h2>On each sticker, from top to bottom</h2>
        <ol className="mt-1">
          {sheet.fields.map((field, at) => {
            const label = fields.find((each) => each.field === field)?.label ?? field;
            return (
              <li key={field} className="flex items-center gap-2 border-b border-base-300">
                <span className="mr-auto">{label}</span>
                <Mover
                  label={label}
                  by={-1}
                  enabled={at > 0}
                  move={() => set({ fields: moved(sheet.fields, at, -1) })}
                />
                <Mover
                  label={label}
                  by={1}
                  enabled={at < sheet.fields.length - 1}
                  move={() => set({ fields: moved(sheet.fields, at, 1) })}
                />
                <button
                  type="button"
                  className="px-1.5"
                  aria-label={`Leave out ${label}`}
                  onClick={() => set({ fields: sheet.fields.filter((each) => each !== field) })}
                >
                  ×
                </button>
              </li>
            );
          })}
        </ol>
        <select
          className="entry mt-2"
          aria-label="Another field"
          value=""
          onChange={(event) =>
            set({ fields: [...sheet.fields, event.target.value as StickerSheet["fields"][number]] })
          }
        >
          <option value="" disabled>
            Another field …
          </option>
          {fields
            .filter(({ field }) => !sheet.fields.includes(field))
            .map(({ field, label }) => (
              <option key={field} value={field}>
                {label}
              </option>
            ))}
        </select>
      </div>
    </section>
  );
}

function Whole(props: { label: string; value: number; change: (to: number) => void }) {
  return (
    <Labeled text={props.label}>
      <input
        type="number"
        className="entry figure w-20"
        value={props.value}
        onChange={(event) => props.change(Math.round(Number(event.target.value)))}
      />
    </Labeled>
  );
}
