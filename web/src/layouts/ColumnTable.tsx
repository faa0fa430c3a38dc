import type { ColumnDraft, Field, FieldName, LayoutDraft } from "./useLayoutDraft";

interface Props {
  draft: LayoutDraft;
  fields: Field[];
  change: (index: number, part: Partial<ColumnDraft>) => void;
  /** Of records, whose lines are told apart by themselves. */
  records?: boolean;
}

/** Every column of the file with some of its texts, and the field it feeds. */
export function ColumnTable({ draft, fields, change, records = false }: Props) {
  const grouped = draft.shape === "ORDER_A_ROW" && !records;
  return (
    <table className="timetable compact">
      <thead>
        <tr>
          <th>{records ? "Field" : "Column"}</th>
          <th>What stands there</th>
          <th>Feeds</th>
        </tr>
      </thead>
      <tbody>
        {draft.columns.map((column, index) => (
          <tr key={index}>
            <td className="font-bold">{column.heading || <span className="quiet">no heading</span>}</td>
            <td className="max-w-72">
              {column.samples.length === 0 ? (
                <span className="quiet">nothing</span>
              ) : (
                <span className="figure block truncate" title={column.samples.join("\n")}>
                  {column.samples.join(" · ")}
                </span>
              )}
            </td>
            <td>
              <span className="flex items-center gap-2">
                <FieldChoice
                  label={`Column ${column.heading} feeds`}
                  fields={fields}
                  chosen={column.field}
                  choose={(field) => change(index, { field, custom: customName(field, column, fields) })}
                />
                {isCustom(column.field, fields) && (
                  <input
                    aria-label={`Name of the custom field for column ${column.heading}`}
                    className="entry w-32"
                    maxLength={40}
                    value={column.custom}
                    onChange={(event) => change(index, { custom: event.target.value })}
                  />
                )}
                {grouped && partOf(column.field, fields) === "LINE" && (
                  <label className="flex items-center gap-1">
                    <span className="quiet">line</span>
                    <input
                      aria-label={`Line that column ${column.heading} is of`}
                      className="entry w-16 font-mono"
                      type="number"
                      min={1}
                      max={60}
                      value={column.line}
                      onChange={(event) => change(index, { line: Number(event.target.value) })}
                    />
                  </label>
                )}
              </span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function isCustom(field: FieldName | "", fields: Field[]): boolean {
  return fields.find((each) => each.field === field)?.custom ?? false;
}

function partOf(field: FieldName | "", fields: Field[]): Field["part"] | undefined {
  return fields.find((each) => each.field === field)?.part;
}

function customName(field: FieldName | "", column: ColumnDraft, fields: Field[]): string {
  return isCustom(field, fields) ? column.custom || column.heading.trim().slice(0, 40) : "";
}

interface ChoiceProps {
  label: string;
  fields: Field[];
  chosen: FieldName | "";
  choose: (field: FieldName | "") => void;
}

/** One of our fields, or none. */
export function FieldChoice({ label, fields, chosen, choose }: ChoiceProps) {
  return (
    <select
      aria-label={label}
      className={"entry w-56 " + (chosen === "" ? "quiet" : "")}
      value={chosen}
      onChange={(event) => choose(fields.find((each) => each.field === event.target.value)?.field ?? "")}
    >
      <option value="">not read</option>
      <optgroup label="Of the job">
        {fields
          .filter((each) => each.part === "HEAD")
          .map((each) => (
            <option key={each.field} value={each.field}>
              {each.label}
            </option>
          ))}
      </optgroup>
      <optgroup label="Of a line">
        {fields
          .filter((each) => each.part === "LINE")
          .map((each) => (
            <option key={each.field} value={each.field}>
              {each.label}
            </option>
          ))}
      </optgroup>
    </select>
  );
}
