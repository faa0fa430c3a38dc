import type { FieldEntry } from "./writeBackData";

interface Props {
  title: string;
  /** How a field is asked for, as {item}. */
  example: string;
  fields: FieldEntry[];
  change: (fields: FieldEntry[]) => void;
  /** A template is written in; facts that are chosen go there. */
  writeIn: (input: HTMLInputElement) => void;
}

/** Which of our facts goes into which field. */
export function FieldTable({ title, example, fields, change, writeIn }: Props) {
  const set = (index: number, part: Partial<FieldEntry>) =>
    change(fields.map((each, at) => (at === index ? { ...each, ...part } : each)));
  return (
    <div>
      {fields.length > 0 && (
        <table className="timetable compact" aria-label={title}>
          <thead>
            <tr>
              <th className="w-[26%]">{title}</th>
              <th>gets</th>
              <th className="w-[22%]">once it is void</th>
              <th>
                <span className="sr-only">Leave out</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {fields.map((field, index) => (
              <tr key={index}>
                <td>
                  <input
                    aria-label={`Field ${index + 1} of ${title}`}
                    className="entry figure w-full"
                    maxLength={200}
                    value={field.name}
                    onChange={(event) => set(index, { name: event.target.value })}
                  />
                </td>
                <td>
                  <input
                    aria-label={`What ${field.name || "it"} gets`}
                    className="entry figure w-full"
                    maxLength={2000}
                    placeholder={example}
                    value={field.value}
                    onFocus={(event) => writeIn(event.currentTarget)}
                    onChange={(event) => set(index, { value: event.target.value })}
                  />
                </td>
                <td>
                  <input
                    aria-label={`What ${field.name || "it"} gets once it is void`}
                    className="entry figure w-full"
                    maxLength={2000}
                    placeholder="nothing"
                    value={field.whenVoid}
                    onFocus={(event) => writeIn(event.currentTarget)}
                    onChange={(event) => set(index, { whenVoid: event.target.value })}
                  />
                </td>
                <td>
                  <button
                    type="button"
                    className="link"
                    aria-label={`Leave ${field.name || "it"} out`}
                    onClick={() => change(fields.filter((_, at) => at !== index))}
                  >
                    leave out
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <button
        type="button"
        className="link mt-1"
        onClick={() => change([...fields, { name: "", value: "", whenVoid: "" }])}
      >
        + {title}
      </button>
    </div>
  );
}
