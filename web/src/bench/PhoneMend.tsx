import { MendField } from "./MendField";
import { acts, type BenchData, type useAct } from "./useBench";

/** The receiver's phone number, mended in place. */
export function PhoneMend({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  return (
    <MendField
      label="Phone number"
      keyLabel="Mend the phone number"
      value={bench.shipTo.phone}
      placeholder="(212) 555-0134"
      busy={act.isPending}
      keep={(text) => act.mutate(acts.mendPhone(text))}
    />
  );
}
