import type { Plan } from "./writeBackData";

const PARTS = [
  {
    part: "statement",
    text: "Statement for the job",
    hint: "UPDATE orders SET via = :carrier WHERE job_no = :number",
  },
  { part: "packageStatement", text: "… once for each package", hint: "" },
  { part: "lineStatement", text: "… once for each line", hint: "" },
  {
    part: "reading",
    text: "SELECT of what stands there now, for the preview",
    hint: "SELECT via AS carrier FROM orders WHERE job_no = :number",
  },
] as const;

/** How a database is written; values are bound by the names of the fields. */
export function Statements({ plan, change }: { plan: Plan; change: (part: Partial<Plan>) => void }) {
  return (
    <section aria-label="Statements" className="space-y-2">
      <p className="quiet">
        All of them run in one transaction there. <span className="figure">:name</span> is the field of that
        name, <span className="figure">:number</span> the job’s number there,{" "}
        <span className="figure">:key</span> a key that stays the same at each try. An UPDATE must meet
        exactly one row. Its user may read, change and add rows, and nothing else.
      </p>
      <div className="grid gap-x-4 gap-y-2 lg:grid-cols-2">
        {PARTS.map(({ part, text, hint }) => (
          <label key={part} className="flex flex-col">
            <span className="quiet">{text}</span>
            <textarea
              className="entry font-mono text-sm"
              rows={3}
              maxLength={4000}
              spellCheck={false}
              placeholder={hint}
              value={plan[part]}
              onChange={(event) => change({ [part]: event.target.value })}
            />
          </label>
        ))}
      </div>
    </section>
  );
}
