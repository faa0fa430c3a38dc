import { Link } from "react-router";
import { AcceptAddress } from "../attention/AcceptAddress";
import { useMay } from "../signin/who";
import { JobActs, RELEASE, UNPAID, WHEN_SHORT } from "../job/JobActs";
import type { BenchData, useAct } from "./useBench";
import { AccountCorrection } from "./AccountCorrection";
import { customsOf, pageOf } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { PhoneCorrection } from "./PhoneCorrection";

type Check = BenchData["checks"][number];

const SUBJECTS = {
  ADDRESS: "Address",
  PHONE: "Phone",
  HOLD: "Hold",
  WORDS: "Words",
  CONTENTS: "Contents",
  WEIGHT: "Weight",
  SERVICE: "Service",
  ACCOUNT: "Account",
  PAPERS: "Papers",
  PROMISE: "Promise",
  PAYMENT: "Payment",
  REQUEST: "Request",
  CUSTOMS: "Customs",
  PARTNER: "Partner",
} as const;
const VERDICTS = {
  FINE: { word: "fine", sign: "✓", color: "text-primary" },
  CAUTION: { word: "caution", sign: "△", color: "text-warning" },
  STOP: { word: "stop", sign: "■", color: "text-error" },
} as const;

interface Props {
  bench: BenchData;
  act: ReturnType<typeof useAct>;
  /** Opens the ship-to for correction. */
  edit: () => void;
}

/** Only what is not fine: each said in full, and corrected right here. */
export function Checks({ bench, act, edit }: Props) {
  const open = bench.checks.filter((check) => check.verdict !== "FINE");
  return (
    <div aria-label="Ready checks" role="group">
      {open.length === 0 && bench.checks.length > 0 && <p className="text-primary">✓ All checks fine</p>}
      {open.map((check) => (
        <OpenCheck key={check.subject + check.reason} check={check} bench={bench} act={act} edit={edit} />
      ))}
    </div>
  );
}

function OpenCheck({ check, bench, act, edit }: Props & { check: Check }) {
  const may = useMay();
  return (
    <div
      className={
        "flex flex-wrap items-center gap-x-3 border-l-4 pl-3 " +
        (check.verdict === "STOP" ? "border-error" : "border-warning")
      }
    >
      <p>
        <strong className={VERDICTS[check.verdict].color}>
          <span aria-hidden>{VERDICTS[check.verdict].sign}</span> {SUBJECTS[check.subject]}{" "}
          {VERDICTS[check.verdict].word}:
        </strong>{" "}
        {check.reason} <em>{check.remedy}</em>
      </p>
      {bench.mayAct && check.correctedIn === "ACCOUNT" && <AccountCorrection bench={bench} act={act} />}
      {check.correctedIn === "WORDBOOK" && (
        <Link to="/sources/wordbook" className="act">
          To the wordbook
        </Link>
      )}
      {check.correctedIn === "RECORD" && may("BRING_IN") && <JobActs jobs={[bench.job]} acts={[RELEASE]} />}
      {check.correctedIn === "READY_PIECES" && may("BRING_IN") && (
        <JobActs jobs={[bench.job, ...bench.otherJobs]} acts={WHEN_SHORT} keys />
      )}
      {(check.correctedIn === "CUSTOMS" || check.correctedIn === "LATIN_SHIP_TO") && (
        <Link to={customsOf(bench.job)} className="act">
          {check.correctedIn === "CUSTOMS" ? "To its customs" : "Write it in Latin letters"}{" "}
          <Key name="Alt+B" />
        </Link>
      )}
      {(check.correctedIn === "REQUEST" || check.correctedIn === "JOB_PAGE") && (
        <Link to={pageOf(bench.job)} className="act">
          To its page
        </Link>
      )}
      {check.correctedIn === "PAYMENT" && may("WRITE_BACK") && (
        <JobActs jobs={[bench.job, ...bench.otherJobs]} acts={[UNPAID]} />
      )}
      {bench.mayAct && check.correctedIn === "PHONE" && <PhoneCorrection bench={bench} act={act} />}
      {bench.mayAct && check.correctedIn === "ADDRESS" && (
        <span className="flex flex-wrap gap-2">
          <button type="button" className="act" onClick={edit}>
            Correct the ship-to <Key name="F6" />
          </button>
          {check.verdict === "STOP" && may("BRING_IN") && <AcceptAddress job={bench.job} />}
        </span>
      )}
    </div>
  );
}
