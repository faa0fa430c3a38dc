import { useState } from "react";
import { TAKES_SCANS } from "../ui/scan";
import { acts, type BenchData, type useAct } from "./useBench";

/** Another job to the same place is combined with this one; or some pieces are held back for another shipment. */
export function CombineAndHoldBack({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  const [open, setOpen] = useState(false);
  return (
    <div className="mt-2">
      <button type="button" className="act" aria-expanded={open} onClick={() => setOpen(!open)}>
        Combine, hold back
      </button>
      {open && <Forms bench={bench} act={act} />}
    </div>
  );
}

/** The two forms. */
export function Forms({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  return (
    <div className="mt-2 space-y-2">
      <form
        className="flex items-center gap-1"
        onSubmit={(event) => {
          event.preventDefault();
          const form = event.currentTarget;
          act.mutate(acts.addJob(String(new FormData(form).get("job") ?? "")), {
            onSuccess: () => form.reset(),
          });
        }}
      >
        <label className="flex flex-1 items-center gap-1">
          <span className="whitespace-nowrap">Combine with job</span>
          <input
            name="job"
            {...{ [TAKES_SCANS]: true }}
            maxLength={40}
            required
            className="entry w-full font-mono"
          />
        </label>
        <button type="submit" className="act" disabled={act.isPending}>
          Combine
        </button>
      </form>
      <form
        className="flex flex-wrap items-center gap-1"
        onSubmit={(event) => {
          event.preventDefault();
          const form = new FormData(event.currentTarget);
          act.mutate(
            acts.leaveBehind({ line: Number(form.get("line")), quantity: Number(form.get("quantity")) }),
          );
        }}
      >
        <span className="whitespace-nowrap">Hold back</span>
        <input
          name="quantity"
          type="number"
          min={1}
          defaultValue={1}
          aria-label="How many to hold back"
          className="entry w-14 font-mono"
        />
        <select name="line" aria-label="Of which line" className="entry min-w-0 flex-1 basis-24">
          {bench.lines
            .filter((line) => line.quantity > 0)
            .map((line) => (
              <option key={line.id} value={line.id}>
                {line.item}
              </option>
            ))}
        </select>
        <button type="submit" className="act" disabled={act.isPending}>
          Hold back
        </button>
      </form>
    </div>
  );
}
