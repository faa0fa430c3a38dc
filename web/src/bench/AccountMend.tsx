import { MendField } from "./MendField";
import { acts, type BenchData, type useAct } from "./useBench";

/** The account that the carrier bills when it is not ours, mended in place. */
export function AccountMend({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  return (
    <MendField
      label="Account with the carrier"
      keyLabel="Mend the account number"
      value={bench.carrierAccount}
      placeholder="48-2210-7"
      busy={act.isPending}
      keep={(text) => act.mutate(acts.mendAccount(text))}
    />
  );
}
