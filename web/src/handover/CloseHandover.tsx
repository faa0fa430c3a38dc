import { useMemo, useState } from "react";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import type { HandoverData, LeavesBy } from "./useHandover";

interface Props {
  view: HandoverData;
  close: (leavesBy: LeavesBy, driver: string) => void;
  leave: () => void;
}

/** It cannot be undone, so it asks once: what goes, what stays, and who takes it. */
export function CloseHandover({ view, close, leave }: Props) {
  const [by, setBy] = useState<LeavesBy>(view.by);
  const other = by === "PICKUP" ? "DROP_OFF" : "PICKUP";
  useKeys(
    useMemo(
      () => [
        { key: "Escape", label: "Scan on", group: "Handover", run: leave, whileTyping: true },
        {
          key: "Alt+o",
          label: "Dropped off, or its driver",
          group: "Handover",
          run: () => setBy(other),
          whileTyping: true,
        },
      ],
      [leave, other],
    ),
  );
  return (
    <form
      aria-label="Close the handover"
      className="mt-3 border-2 border-base-content p-3"
      onSubmit={(event) => {
        event.preventDefault();
        close(by, String(new FormData(event.currentTarget).get("driver") ?? ""));
      }}
    >
      <p>
        <strong>
          {view.inside} {view.inside === 1 ? "package goes" : "packages go"}{" "}
          {by === "PICKUP" ? `with ${view.carrier}.` : `to the counter of ${view.carrier}.`}
        </strong>{" "}
        {view.waiting > 0 && (
          <span className="text-warning">
            {view.waiting} {view.waiting === 1 ? "stays" : "stay"} here.
          </span>
        )}{" "}
        After this nothing of it can be voided.
      </p>
      <table className="my-1">
        <tbody>
          {view.totals.map((each) => (
            <tr key={each.service}>
              <td className="pr-6">{each.service}</td>
              <td className="figure pr-6 text-right">{each.packages}</td>
              <td className="figure text-right">{each.weight.text}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="flex items-center gap-3">
        <label className="flex items-center gap-2">
          <span className="quiet">{by === "PICKUP" ? "Driver" : "Brought by"}</span>
          <input name="driver" autoFocus maxLength={80} autoComplete="off" className="entry w-48" />
        </label>
        <button type="button" className="act" onClick={() => setBy(other)}>
          {by === "PICKUP" ? "Dropped off instead" : "Its driver takes it"} <Key name="Alt+O" />
        </button>
        <button type="submit" className="act border-2 font-bold">
          Close <Key name="Enter" />
        </button>
        <button type="button" className="act" onClick={leave}>
          Scan on <Key name="Esc" />
        </button>
      </div>
    </form>
  );
}
