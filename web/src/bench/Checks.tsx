import type { BenchData, useAct } from "./useBench";
import { AccountMend } from "./AccountMend";
import { AddressMend } from "./AddressMend";
import { PhoneMend } from "./PhoneMend";

type Check = BenchData["checks"][number];

const SUBJECTS = {
  ADDRESS: "Address",
  PHONE: "Phone",
  CONTENTS: "Contents",
  WEIGHT: "Weight",
  SERVICE: "Service",
  ACCOUNT: "Account",
  PAPERS: "Papers",
  PROMISE: "Promise",
} as const;
const VERDICTS = {
  FINE: { word: "fine", sign: "✓", colour: "text-primary" },
  CAUTION: { word: "caution", sign: "△", colour: "text-warning" },
  STOP: { word: "stop", sign: "■", colour: "text-error" },
} as const;

/** Short statements of what is fine; a stop is said in full and mended right here. */
export function Checks({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  const wanting = bench.checks.filter((check) => check.verdict !== "FINE");
  return (
    <div aria-label="Ready checks" role="group">
      <ul className="flex flex-wrap gap-x-5">
        {bench.checks.map((check) => (
          <li key={check.subject} title={check.reason} className={VERDICTS[check.verdict].colour}>
            <span aria-hidden>{VERDICTS[check.verdict].sign}</span> {SUBJECTS[check.subject]}{" "}
            {VERDICTS[check.verdict].word}
          </li>
        ))}
      </ul>
      {wanting.map((check) => (
        <Wanting key={check.subject} check={check} bench={bench} act={act} />
      ))}
    </div>
  );
}

function Wanting({ check, bench, act }: { check: Check; bench: BenchData; act: ReturnType<typeof useAct> }) {
  return (
    <div
      className={
        "mt-1 flex flex-wrap items-center gap-x-3 border-l-4 pl-3 " +
        (check.verdict === "STOP" ? "border-error" : "border-warning")
      }
    >
      <p>
        <strong className={VERDICTS[check.verdict].colour}>{SUBJECTS[check.subject]}:</strong> {check.reason}{" "}
        <em>{check.cure}</em>
      </p>
      {check.mend === "ACCOUNT" && <AccountMend bench={bench} act={act} />}
      {check.mend === "PHONE" && <PhoneMend bench={bench} act={act} />}
      {check.mend === "ADDRESS" && <AddressMend bench={bench} act={act} />}
    </div>
  );
}
