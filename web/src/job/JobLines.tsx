import { useState } from "react";
import { EntryField } from "./EntryField";
import type { Job } from "./useJob";

type Line = Job["lines"][number];

function said(line: Line, field: string): string {
  const found = line.fields.find((each) => each.field === field);
  return found ? found.text || found.byItem : "";
}

/** What was made: how much of it is ready, packed and gone; a line unfolds to all that may be changed of it. */
export function JobLines({ job }: { job: Job }) {
  const [open, setOpen] = useState<number | undefined>();
  return (
    <section className="mt-3" aria-label="Lines">
      <table className="timetable compact">
        <caption className="sr-only">Lines</caption>
        <thead>
          <tr>
            <th>Line</th>
            <th>Item</th>
            <th>Description</th>
            <th className="!text-right">Ordered</th>
            <th className="!text-right">Ready</th>
            <th className="!text-right">On the bench</th>
            <th className="!text-right">Shipped</th>
            <th className="!text-right">One weighs, {job.weightUnit}</th>
            <th>One measures</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {job.lines.map((line) => (
            <LineRows
              key={line.position}
              job={job}
              line={line}
              open={open === line.position}
              toggle={() => setOpen((before) => (before === line.position ? undefined : line.position))}
            />
          ))}
        </tbody>
      </table>
      <p className="quiet mt-1">
        In all <span className="figure">{job.weight?.text ?? "a weight not known"}</span>
        {job.value && (
          <>
            {" "}
            worth{" "}
            <span className="figure">
              {job.value.amount} {job.value.currency}
            </span>
          </>
        )}
        .
      </p>
    </section>
  );
}

function LineRows({ job, line, open, toggle }: { job: Job; line: Line; open: boolean; toggle: () => void }) {
  return (
    <>
      <tr>
        <td className="figure">{line.position}</td>
        <td className="figure font-bold">{line.item}</td>
        <td>
          {said(line, "DESCRIPTION")}
          {said(line, "LINE_SHIP_TO") && (
            <span className="quiet block text-sm">
              goes to{" "}
              {said(line, "LINE_SHIP_TO")
                .split(/(?:; *)+/)
                .filter(Boolean)
                .join(", ")}
            </span>
          )}
        </td>
        <td className="figure text-right">{line.ordered}</td>
        <td className={"figure text-right " + (line.ready < line.ordered ? "font-bold text-warning" : "")}>
          {line.ready}
        </td>
        <td className="figure text-right">{line.inShipments}</td>
        <td className="figure text-right">{line.shipped}</td>
        <td className="figure text-right">
          {said(line, "UNIT_WEIGHT") || <span className="text-warning">not known</span>}
        </td>
        <td className="figure">{said(line, "UNIT_SIZE") || <span className="quiet">not known</span>}</td>
        <td className="text-right">
          <button type="button" className="act" aria-expanded={open} onClick={toggle}>
            {job.mayEdit ? "Change" : "All of it"}
          </button>
        </td>
      </tr>
      {open && (
        <tr>
          <td />
          <td colSpan={9}>
            <div className="grid gap-x-8 lg:grid-cols-2">
              {line.fields.map((each) => (
                <EntryField
                  key={each.field}
                  job={job.number}
                  field={each.field}
                  line={line.position}
                  label={each.label}
                  text={each.text}
                  counts={each.byItem}
                  by="by the item list"
                  mayEdit={job.mayEdit}
                />
              ))}
            </div>
          </td>
        </tr>
      )}
    </>
  );
}
