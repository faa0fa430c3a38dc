import { useState } from "react";
import { useMay } from "../signin/who";
import { moment } from "../ui/format";
import { ProblemLine } from "../ui/states";
import { type Job, takeOutNote, useJobAct, writeNote } from "./useJob";

/** What colleagues tell each other of the job. */
export function JobNotes({ job, zone }: { job: Job; zone: string }) {
  const may = useMay();
  const [text, setText] = useState("");
  const write = useJobAct(job.number, (value: string) => writeNote(job.number, value));
  const takeOut = useJobAct(job.number, (id: number) => takeOutNote(job.number, id));
  return (
    <section aria-label="Notes" className="min-w-0">
      <h2 className="border-b-2 border-base-content">Notes to colleagues</h2>
      {may("PACK_AND_SHIP") && (
        <form
          className="mt-1 flex gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            write.mutate(text, { onSuccess: () => setText("") });
          }}
        >
          <input
            aria-label="Note"
            className="entry min-w-0 grow"
            placeholder="What colleagues should know"
            value={text}
            maxLength={1000}
            onChange={(event) => setText(event.target.value)}
          />
          <button type="submit" className="act" disabled={text.trim() === "" || write.isPending}>
            Write
          </button>
        </form>
      )}
      {write.isError && <ProblemLine error={write.error} />}
      {takeOut.isError && <ProblemLine error={takeOut.error} />}
      {job.notes.length === 0 && <p className="quiet py-1">None yet.</p>}
      <ul>
        {job.notes.map((each) => (
          <li key={each.id} className="flex gap-3 border-b border-base-300 py-1">
            <span className="min-w-0 grow [overflow-wrap:anywhere]">{each.text}</span>
            <span className="quiet shrink-0">
              {each.by}, {moment(each.at, zone)}
            </span>
            {each.mine && (
              <button
                type="button"
                className="act py-0"
                disabled={takeOut.isPending}
                onClick={() => takeOut.mutate(each.id)}
              >
                Take out
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
