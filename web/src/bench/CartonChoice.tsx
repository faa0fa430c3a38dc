import { useMemo, useRef, useState } from "react";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { acts, type BenchData, type useAct } from "./useBench";

interface Props {
  bench: BenchData;
  each: BenchData["packages"][number];
  act: ReturnType<typeof useAct>;
}

/** Another carton for a package; it is weighed again then. Looking through the list changes nothing: Enter takes what is shown. */
export function CartonChoice({ bench, each, act }: Props) {
  const field = useRef<HTMLSelectElement>(null);
  useKeys(
    useMemo(
      () => [{ key: "F8", label: "Choose the carton", group: "Packages", run: () => field.current?.focus() }],
      [],
    ),
  );
  const [looked, setLooked] = useState<string>();
  const shown = looked ?? each.cartonCode;
  function take() {
    if (shown !== each.cartonCode) {
      act.mutate(acts.changeCarton(each.number, shown), { onSettled: () => setLooked(undefined) });
    }
  }
  return (
    <label className="flex min-w-0 flex-1 flex-wrap items-center gap-2">
      <span className="quiet flex items-center gap-2">
        Carton <Key name="F8" />
      </span>
      <select
        ref={field}
        value={shown}
        className="entry min-w-0 flex-1 basis-32"
        onChange={(event) => setLooked(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === "Enter") {
            event.preventDefault();
            take();
          }
          if (event.key === "Escape") {
            setLooked(undefined);
          }
        }}
      >
        {bench.cartonTypes.map((carton) => (
          <option key={carton.code} value={carton.code}>
            {carton.code} {carton.name}, {carton.cost.amount} {carton.cost.currency}
          </option>
        ))}
      </select>
      {shown !== each.cartonCode && (
        <button type="button" className="act" disabled={act.isPending} onClick={take}>
          Take it{each.weight ? ", weigh again" : ""} <Key name="Enter" />
        </button>
      )}
    </label>
  );
}
