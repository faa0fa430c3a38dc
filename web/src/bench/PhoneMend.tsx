import { useMemo, useRef } from "react";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { acts, type BenchData, type useAct } from "./useBench";

/** The phone number, mended in place. */
export function PhoneMend({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  const field = useRef<HTMLInputElement>(null);
  useKeys(
    useMemo(() => [{ key: "F7", label: "Mend the phone number", run: () => field.current?.focus() }], []),
  );
  return (
    <form
      className="flex items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        act.mutate(acts.mendPhone(field.current?.value ?? ""));
      }}
    >
      <Key name="F7" />
      <input
        ref={field}
        aria-label="Phone number"
        defaultValue={bench.shipTo.phone}
        placeholder="(212) 555-0134"
        maxLength={40}
        className="entry w-44 font-mono"
      />
      <button type="submit" className="act" disabled={act.isPending}>
        Keep <Key name="Enter" />
      </button>
    </form>
  );
}
