import { Labeled } from "../ui/Labeled";
import { type Reason, REASONS } from "./useReturns";

interface Props {
  label: string;
  reason: Reason | undefined;
  choose: (reason: Reason | undefined) => void;
}

/** Why something comes back or is replaced: nobody's guess is counted, so one has to be chosen. */
export function ReasonChoice({ label, reason, choose }: Props) {
  return (
    <Labeled text={label}>
      <select
        className="entry"
        value={reason ?? ""}
        onChange={(event) => choose((event.target.value as Reason) || undefined)}
      >
        <option value="">choose</option>
        {REASONS.map((each) => (
          <option key={each.reason} value={each.reason}>
            {each.words}
          </option>
        ))}
      </select>
    </Labeled>
  );
}
