import { ProblemLine } from "../ui/states";
import { useEntry } from "./useEntry";
import type { Entry } from "./useJob";

interface Props {
  job: string;
  field: Entry["field"];
  line: number;
  label: string;
  text: string;
  /** What counts instead, where the record says nothing or is overruled, and by what. */
  counts?: string;
  by?: string;
  mayEdit: boolean;
  choices?: string;
}

/** A field of a job that is changed where it stands: Enter keeps it, Escape leaves it as it was. */
export function EntryField({ job, field, line, label, text, counts, by, mayEdit, choices }: Props) {
  const { typed, save, change, keep, keyDown, saveMine } = useEntry(job, field, line, text);
  if (!mayEdit) {
    return (
      <div className="flex gap-3 py-0.5">
        <span className="quiet w-44 shrink-0">{label}</span>
        <span>
          {counts || text || <span className="quiet">nothing</span>}
          {counts && <span className="quiet"> {by}</span>}
        </span>
      </div>
    );
  }
  return (
    <div className="py-0.5">
      <label className="flex items-baseline gap-3">
        <span className="quiet w-44 shrink-0">{label}</span>
        <input
          className={"entry quiet-entry min-w-0 grow py-0 " + (typed !== undefined ? "font-bold" : "")}
          value={typed ?? text}
          list={choices}
          placeholder={counts ? `${counts} ${by ?? ""}` : "nothing"}
          readOnly={save.isPending}
          maxLength={1000}
          onChange={(event) => change(event.target.value)}
          onBlur={() => !save.isError && keep()}
          onKeyDown={keyDown}
        />
      </label>
      {counts && text && (
        <p className="quiet ml-47">
          {counts} {by}
        </p>
      )}
      {save.isError && (
        <div className="ml-47">
          <ProblemLine error={save.error} />
          {save.error && typed !== undefined && (
            <button type="button" className="act mt-1" onClick={saveMine}>
              Save mine
            </button>
          )}
        </div>
      )}
    </div>
  );
}
