import { useState } from "react";
import { Link } from "react-router";
import { stickersAddress } from "../papers/stickerSheet";

/** As many jobs as one address can print. */
const MOST = 200;

const SHEETS = { LETTER: "letter", A4: "A4", LABEL: "4 × 6 in", A6: "A6" } as const;
type Sheet = keyof typeof SHEETS;

/** What a job list can say of each job. */
const FIELDS = {
  BARCODE: "barcode",
  CUSTOMER: "customer",
  CUSTOMER_PO: "PO",
  STATUS: "status",
  PROMISE: "promised",
  SERVICE: "requested service",
  SHIP_TO: "ship-to",
  PHONE: "phone",
  BATCH: "batch",
  PIECES: "pieces",
  WEIGHT: "weight",
  VALUE: "value",
  REFERENCES: "references",
  HOLD: "hold",
  NOTES: "notes",
  OWN_FIELDS: "the shop's own fields",
  LINES: "lines",
} as const;
type Field = keyof typeof FIELDS;

const USUAL: Field[] = ["BARCODE", "CUSTOMER", "PROMISE", "SERVICE", "SHIP_TO", "LINES"];
const KEPT = "nobrec.job-list-fields";

/** The fields that were printed last in this browser. */
function keptFields(): Field[] {
  const kept = localStorage.getItem(KEPT)?.split(" ") ?? [];
  const known = kept.filter((each): each is Field => each in FIELDS);
  return known.length > 0 ? known : USUAL;
}

type Paper = "pick-slips" | "pick-list" | "job-list";

/** Where the papers are of some jobs. */
export function pickAddress(
  paper: Paper,
  jobs: string[],
  sheet: Sheet,
  onePage = true,
  fields: Field[] = [],
): string {
  const words = new URLSearchParams([
    ...jobs.map((job) => ["job", job]),
    ...fields.map((field) => ["field", field]),
  ]);
  words.set("sheet", sheet);
  if (paper !== "pick-list") {
    words.set("onePage", String(onePage));
  }
  return `/api/v1/${paper}?${words}`;
}

/** Papers of the chosen jobs: for whoever fetches the pieces, a slip each or one list by shelf; and the jobs as a list. */
export function PickPapers({ jobs }: { jobs: string[] }) {
  const [sheet, setSheet] = useState<Sheet>("LETTER");
  const [onePage, setOnePage] = useState(true);
  const [fields, setFields] = useState(keptFields);
  if (jobs.length > MOST) {
    return <span className="text-warning">At most {MOST} go on papers at once.</span>;
  }
  const open = (paper: Paper) =>
    window.open(pickAddress(paper, jobs, sheet, onePage, paper === "job-list" ? fields : []), "_blank");
  const choose = (field: Field, chosen: boolean) => {
    const now = (Object.keys(FIELDS) as Field[]).filter((each) =>
      each === field ? chosen : fields.includes(each),
    );
    setFields(now);
    localStorage.setItem(KEPT, now.join(" "));
  };
  return (
    <div className="mt-2 flex flex-wrap items-center gap-3" role="group" aria-label="Pick papers">
      <span>
        On{" "}
        <select
          aria-label="Paper"
          className="entry py-0"
          value={sheet}
          autoFocus
          onChange={(event) => setSheet(event.target.value as Sheet)}
        >
          {Object.entries(SHEETS).map(([value, words]) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </select>
      </span>
      <label className="flex items-center gap-1">
        <input type="checkbox" checked={onePage} onChange={(event) => setOnePage(event.target.checked)} />
        each job on a page
      </label>
      <Link to={stickersAddress(jobs)} className="act border-2">
        Stickers
      </Link>
      <span className="quiet">What is ready and has not left:</span>
      <button type="button" className="act border-2" onClick={() => open("pick-slips")}>
        Pick slips
      </button>
      <button type="button" className="act border-2" onClick={() => open("pick-list")}>
        One list by shelf
      </button>
      <details className="w-full">
        <summary className="cursor-pointer">The jobs as a list</summary>
        <div className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-1">
          {(Object.entries(FIELDS) as [Field, string][]).map(([field, words]) => (
            <label key={field} className="flex items-center gap-1">
              <input
                type="checkbox"
                checked={fields.includes(field)}
                onChange={(event) => choose(field, event.target.checked)}
              />
              {words}
            </label>
          ))}
          <button
            type="button"
            className="act border-2"
            disabled={fields.length === 0}
            onClick={() => open("job-list")}
          >
            Job list
          </button>
        </div>
      </details>
    </div>
  );
}
