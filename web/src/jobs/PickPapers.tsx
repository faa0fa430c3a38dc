import { useState } from "react";

/** As many jobs as one address can print. */
const MOST = 200;

const SHEETS = { LETTER: "letter", A4: "A4", LABEL: "4 × 6 in" } as const;
type Sheet = keyof typeof SHEETS;

/** Where the papers are that fetch what is ready of some jobs. */
export function pickAddress(
  paper: "pick-slips" | "pick-list",
  jobs: string[],
  sheet: Sheet,
  onePage = true,
): string {
  const words = new URLSearchParams(jobs.map((job) => ["job", job]));
  words.set("sheet", sheet);
  if (paper === "pick-slips") {
    words.set("onePage", String(onePage));
  }
  return `/api/v1/${paper}?${words}`;
}

/** Papers for whoever fetches the pieces of the chosen jobs: a slip each, or one list by shelf. */
export function PickPapers({ jobs }: { jobs: string[] }) {
  const [sheet, setSheet] = useState<Sheet>("LETTER");
  const [onePage, setOnePage] = useState(true);
  if (jobs.length > MOST) {
    return <span className="text-warning">At most {MOST} go on pick slips at once.</span>;
  }
  const open = (paper: "pick-slips" | "pick-list") =>
    window.open(pickAddress(paper, jobs, sheet, onePage), "_blank");
  return (
    <div className="mt-2 flex flex-wrap items-center gap-3" role="group" aria-label="Pick papers">
      <span>
        What is ready and has not left,{" "}
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
      <button type="button" className="act border-2" onClick={() => open("pick-slips")}>
        Pick slips
      </button>
      <label className="flex items-center gap-1">
        <input type="checkbox" checked={onePage} onChange={(event) => setOnePage(event.target.checked)} />
        each on a page
      </label>
      <button type="button" className="act border-2" onClick={() => open("pick-list")}>
        One list by shelf
      </button>
    </div>
  );
}
