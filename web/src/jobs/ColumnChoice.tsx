import type { SetURLSearchParams } from "react-router";
import { ALL_COLUMNS, chosenColumns, withColumns } from "./columns";

interface Props {
  filter: URLSearchParams;
  setFilter: SetURLSearchParams;
}

/** Which columns the list shows, and in which order. */
export function ColumnChoice({ filter, setFilter }: Props) {
  const keys = chosenColumns(filter).map((each) => each.key);
  const others = ALL_COLUMNS.filter((each) => !keys.includes(each.key));
  function set(next: string[]) {
    setFilter(withColumns(filter, next));
  }
  function move(at: number, by: number) {
    const next = [...keys];
    const [moved] = next.splice(at, 1);
    if (moved) {
      next.splice(at + by, 0, moved);
      set(next);
    }
  }
  return (
    <div
      role="group"
      aria-label="Columns"
      className="mt-2 flex flex-wrap gap-x-4 gap-y-1 border-y border-base-300 py-2"
    >
      {chosenColumns(filter).map((each, at) => (
        <span key={each.key} className="flex items-center gap-1">
          <label className="flex items-center gap-1">
            <input
              type="checkbox"
              checked
              disabled={keys.length === 1}
              onChange={() => set(keys.filter((key) => key !== each.key))}
            />
            {each.label}
          </label>
          <button
            type="button"
            className="px-1"
            aria-label={`${each.label} further left`}
            disabled={at === 0}
            onClick={() => move(at, -1)}
          >
            ‹
          </button>
          <button
            type="button"
            className="px-1"
            aria-label={`${each.label} further right`}
            disabled={at === keys.length - 1}
            onClick={() => move(at, 1)}
          >
            ›
          </button>
        </span>
      ))}
      {others.map((each) => (
        <label key={each.key} className="quiet flex items-center gap-1">
          <input type="checkbox" checked={false} onChange={() => set([...keys, each.key])} />
          {each.label}
        </label>
      ))}
    </div>
  );
}
