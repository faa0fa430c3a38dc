import { Mover } from "./Mover";
import { type Column, type DesignView } from "./slipDesign";
import { moved } from "../ui/moved";

interface Props {
  columns: Column[];
  kinds: DesignView["columns"];
  change: (columns: Column[]) => void;
}

/** What stands in each line of a package, from left to right. */
export function ColumnsEditor({ columns, kinds, change }: Props) {
  const free = kinds.filter(
    ({ kind }) => kind === "FIELD" || !columns.some((column) => column.kind === kind),
  );
  return (
    <div>
      <h2>Columns of its lines</h2>
      <ol className="mt-1 flex flex-wrap gap-2">
        {columns.map((column, at) => {
          const label = kinds.find((each) => each.kind === column.kind)?.label ?? column.kind;
          return (
            <li key={`${column.kind} ${at}`} className="flex items-center gap-1 border border-base-300 pl-2">
              {column.kind === "FIELD" ? (
                <input
                  className="entry w-28"
                  maxLength={40}
                  aria-label="Name of the line's field"
                  placeholder="name of the field"
                  value={column.field}
                  onChange={(event) =>
                    change(
                      columns.map((each, index) =>
                        index === at ? { ...each, field: event.target.value } : each,
                      ),
                    )
                  }
                />
              ) : (
                label
              )}
              <Mover label={label} by={-1} enabled={at > 0} move={() => change(moved(columns, at, -1))} />
              <Mover
                label={label}
                by={1}
                enabled={at < columns.length - 1}
                move={() => change(moved(columns, at, 1))}
              />
              <button
                type="button"
                className="px-1.5"
                aria-label={`Leave out ${label}`}
                onClick={() => change(columns.filter((_, index) => index !== at))}
              >
                ×
              </button>
            </li>
          );
        })}
        <li>
          <select
            className="entry"
            aria-label="Another column"
            value=""
            onChange={(event) =>
              change([...columns, { kind: event.target.value as Column["kind"], field: "" }])
            }
          >
            <option value="" disabled>
              Another column …
            </option>
            {free.map(({ kind, label }) => (
              <option key={kind} value={kind}>
                {label}
              </option>
            ))}
          </select>
        </li>
      </ol>
      <p className="quiet mt-1">
        Lots stand only where a job has some. Prices stand only where the job lets them be printed.
      </p>
    </div>
  );
}
