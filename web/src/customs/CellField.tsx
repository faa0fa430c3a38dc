import { useEntry } from "../job/useEntry";
import { ProblemLine } from "../ui/states";
import type { Customs } from "./useCustoms";

const FIGURES = ["UNIT_VALUE", "UNIT_WEIGHT"];
const COLUMNS: Record<string, { label: string; width: string }> = {
  CUSTOMS_DESCRIPTION: { label: "Description for customs", width: "w-full min-w-52" },
  HS_CODE: { label: "HS code", width: "w-28" },
  ORIGIN: { label: "Origin", width: "w-20" },
  UNIT_VALUE: { label: "Value of one", width: "w-24" },
  UNIT_WEIGHT: { label: "Weight of one", width: "w-24" },
};

interface Props {
  job: string;
  line: number;
  entry: Customs["lines"][number]["entries"][number];
  mayEdit: boolean;
}

/** What a line says to customs, in its column: Enter keeps it, Escape leaves it as it was. */
export function CellField({ job, line, entry, mayEdit }: Props) {
  const { typed, save, change, keep, keyDown, saveMine } = useEntry(job, entry.field, line, entry.said);
  const column = COLUMNS[entry.field] ?? { label: entry.field, width: "" };
  const figures = FIGURES.includes(entry.field);
  if (!mayEdit) {
    return <td className={figures ? "figure text-right" : ""}>{entry.counts}</td>;
  }
  return (
    <td className={figures ? "text-right" : ""}>
      <input
        aria-label={`${column.label}, job ${job}, line ${line}`}
        aria-invalid={entry.stops || undefined}
        title={entry.problem || undefined}
        className={
          "entry quiet-entry py-0 " +
          column.width +
          (figures ? " figure text-right" : "") +
          (typed !== undefined ? " font-bold" : "") +
          (entry.stops ? " border-error" : entry.problem ? " border-warning" : "")
        }
        value={typed ?? entry.said}
        placeholder={entry.counts || "missing"}
        readOnly={save.isPending}
        maxLength={120}
        onChange={(event) => change(event.target.value)}
        onBlur={() => !save.isError && keep()}
        onKeyDown={keyDown}
      />
      {save.isError && (
        <>
          <ProblemLine error={save.error} />
          <button type="button" className="act" onClick={saveMine}>
            Save mine
          </button>
        </>
      )}
    </td>
  );
}
