import { CorrectionField } from "./CorrectionField";
import { acts, type BenchData, type useAct } from "./useBench";

/** The account that the carrier bills when it is not ours, corrected in place. */
export function AccountCorrection({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  return (
    <CorrectionField
      label="Account with the carrier"
      keyLabel="Correct the account number"
      value={bench.carrierAccount}
      placeholder="48-2210-7"
      busy={act.isPending}
      keep={(text) => act.mutate(acts.correctAccount(text))}
    />
  );
}
