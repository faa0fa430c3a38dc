import { useMemo, useRef } from "react";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { acts, type BenchData, type useAct } from "./useBench";

/** Street, town, state and postal code, mended in place. */
export function AddressMend({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  const first = useRef<HTMLInputElement>(null);
  useKeys(useMemo(() => [{ key: "F6", label: "Mend the address", run: () => first.current?.focus() }], []));
  const to = bench.shipTo;
  return (
    <form
      className="flex flex-wrap items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        const form = new FormData(event.currentTarget);
        const text = (name: string) => String(form.get(name) ?? "");
        act.mutate(
          acts.mendShipTo({
            company: to.company,
            person: to.person,
            street: text("street"),
            street2: to.street2,
            town: text("town"),
            state: text("state").toUpperCase(),
            postalCode: text("postalCode"),
          }),
        );
      }}
    >
      <Key name="F6" />
      <input
        ref={first}
        name="street"
        aria-label="Street"
        defaultValue={to.street}
        maxLength={120}
        className="entry w-52"
      />
      <input name="town" aria-label="Town" defaultValue={to.town} maxLength={120} className="entry w-36" />
      <input name="state" aria-label="State" defaultValue={to.state} maxLength={2} className="entry w-12" />
      <input
        name="postalCode"
        aria-label="Postal code"
        defaultValue={to.postalCode}
        maxLength={10}
        className="entry w-24 font-mono"
      />
      <button type="submit" className="act" disabled={act.isPending}>
        Keep <Key name="Enter" />
      </button>
    </form>
  );
}
