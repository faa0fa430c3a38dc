import { useMemo, useRef } from "react";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { acts, type BenchData, type useAct } from "./useBench";

interface Props {
  bench: BenchData;
  each: BenchData["packages"][number];
  act: ReturnType<typeof useAct>;
}

/** Another carton for a package; it is weighed anew then. */
export function CartonChoice({ bench, each, act }: Props) {
  const field = useRef<HTMLSelectElement>(null);
  useKeys(useMemo(() => [{ key: "F8", label: "Choose the carton", run: () => field.current?.focus() }], []));
  return (
    <label className="flex min-w-0 flex-1 items-center gap-2">
      <span className="quiet flex items-center gap-2">
        Carton <Key name="F8" />
      </span>
      <select
        ref={field}
        value={each.cartonCode}
        className="entry w-full min-w-0"
        onChange={(event) => act.mutate(acts.changeCarton(each.number, event.target.value))}
      >
        {bench.cartonTypes.map((carton) => (
          <option key={carton.code} value={carton.code}>
            {carton.code} {carton.name}, {carton.cost} {bench.currency}
          </option>
        ))}
      </select>
    </label>
  );
}
