import { useRef } from "react";
import { Key } from "../ui/Key";
import type { RunChange } from "./useRun";

interface Props {
  count: number;
  of: number;
  choices: { code: string; name: string }[];
  cartons: { code: string; name: string }[];
  models: string[];
  sites: { code: string; city: string }[];
  disabled: boolean;
  allOrNone: () => void;
  change: (change: RunChange) => void;
  lookAgain: () => void;
  takeOut: () => void;
}

/** One value for all chosen: weight, carton, another job's packing, service, day, site. */
export function ForChosen({
  count,
  of,
  choices,
  cartons,
  models,
  sites,
  disabled,
  allOrNone,
  change,
  lookAgain,
  takeOut,
}: Props) {
  const weight = useRef<HTMLInputElement>(null);
  return (
    <div className="my-2 flex flex-wrap items-center gap-x-3 gap-y-1 border-y border-base-300 py-1.5">
      <button type="button" className="act py-0" onClick={allOrNone}>
        <strong>
          {count} of {of}
        </strong>{" "}
        chosen <Key name="Alt+C" />
      </button>
      <form
        className="flex items-center gap-1"
        onSubmit={(event) => {
          event.preventDefault();
          const text = weight.current?.value.trim() ?? "";
          if (text) {
            change({ weight: text });
          }
        }}
      >
        <input
          ref={weight}
          aria-label="One weight for all chosen"
          placeholder="one weight"
          maxLength={40}
          disabled={disabled}
          className="entry w-28 py-0.5"
        />
      </form>
      <button
        type="button"
        className="act py-0"
        disabled={disabled}
        onClick={() => change({ byRecords: true })}
      >
        Weights of the records
      </button>
      <select
        aria-label="Carton for all chosen"
        className="entry max-w-28 py-0.5"
        value=""
        disabled={disabled}
        onChange={(event) => change({ carton: event.target.value })}
      >
        <option value="">Carton …</option>
        {cartons.map((each) => (
          <option key={each.code} value={each.code}>
            {each.name}
          </option>
        ))}
      </select>
      <select
        aria-label="Packed like"
        title="Cartons, contents, sizes and weights of a job with the same contents, for all chosen"
        className="entry max-w-36 py-0.5"
        value=""
        disabled={disabled}
        onChange={(event) => change({ packedLike: event.target.value })}
      >
        <option value="">Packed like …</option>
        {models.map((each) => (
          <option key={each} value={each}>
            {each}
          </option>
        ))}
      </select>
      <select
        aria-label="Service for all chosen"
        className="entry max-w-28 py-0.5"
        value=""
        disabled={disabled}
        onChange={(event) =>
          change(event.target.value === "CHEAPEST" ? { cheapest: true } : { service: event.target.value })
        }
      >
        <option value="">Service …</option>
        <option value="CHEAPEST">Cheapest that keeps the promise</option>
        {choices.map((each) => (
          <option key={each.code} value={each.code}>
            {each.name}
          </option>
        ))}
      </select>
      <input
        type="date"
        aria-label="Ship day for all chosen"
        className="entry py-0.5"
        disabled={disabled}
        onChange={(event) => {
          if (/^20\d\d-/.test(event.target.value)) {
            change({ day: event.target.value });
          }
        }}
      />
      {sites.length > 1 && (
        <select
          aria-label="Site for all chosen"
          className="entry max-w-28 py-0.5"
          value=""
          disabled={disabled}
          onChange={(event) => change({ site: event.target.value })}
        >
          <option value="">From …</option>
          {sites.map((each) => (
            <option key={each.code} value={each.code}>
              {each.city}
            </option>
          ))}
        </select>
      )}
      <button
        type="button"
        className="act py-0"
        disabled={disabled}
        onClick={() => change({ accessorial: "SIGNATURE" })}
      >
        Signature
      </button>
      <button type="button" className="act py-0" disabled={disabled} onClick={lookAgain}>
        Look again
      </button>
      <button type="button" className="act py-0" disabled={disabled} onClick={takeOut}>
        Take out
      </button>
    </div>
  );
}
