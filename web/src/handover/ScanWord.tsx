import type { HandoverData, Verdict } from "./useHandover";

/** One word that can be read from two meters; what it is about stands below it. */
const WORDS: Record<Verdict, string> = {
  TAKEN: "In",
  ALREADY_IN: "In already",
  OTHER_CARRIER: "Wrong carrier",
  OTHER_SITE: "Wrong site",
  GONE_BEFORE: "Gone before",
  IN_ANOTHER: "Elsewhere",
  VOID: "Void",
  BEING_VOIDED: "Hold it",
  UNKNOWN: "Unknown",
};

export function ScanWord({ scan, pending }: { scan: HandoverData["scan"]; pending: boolean }) {
  if (!scan) {
    return <p className="my-3 min-h-24" />;
  }
  const good = scan.verdict === "TAKEN";
  const look = scan.verdict === "ALREADY_IN";
  const color = good
    ? "border-primary text-primary"
    : look
      ? "border-warning text-warning"
      : "border-error text-error";
  return (
    <div role="status" className={"my-3 min-h-24 border-l-8 pl-4 " + color + (pending ? " opacity-50" : "")}>
      <strong className="block text-5xl leading-tight">
        {good ? "✓ " : look ? "! " : "✕ "}
        {WORDS[scan.verdict]}
      </strong>
      <span className="text-base-content">
        {scan.said} <em>{scan.remedy}</em>
      </span>
    </div>
  );
}
