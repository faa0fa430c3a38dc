import { CorrectionField } from "./CorrectionField";
import { acts, type BenchData, type useAct } from "./useBench";

/** The receiver's phone number, corrected in place. */
export function PhoneCorrection({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  return (
    <CorrectionField
      label="Phone number"
      keyLabel="Correct the phone number"
      value={bench.shipTo.phone}
      placeholder="(212) 555-0134"
      busy={act.isPending}
      keep={(text) => act.mutate(acts.correctPhone(text))}
    />
  );
}
