import { useMemo } from "react";
import type { Schemas } from "../api/client";
import { dayWithYear } from "../ui/format";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";

/** A sheet that went in, and what is odd about it. */
export function TakenSheet({ sheet, close }: { sheet: Schemas["carrier.SheetTaken"]; close: () => void }) {
  useKeys(useMemo(() => [{ key: "Escape", label: "Close the report", run: close }], [close]));
  return (
    <section aria-label="What came of the file" className="mt-3 border-y-2 border-base-content px-3 py-2">
      <div className="flex items-baseline gap-5">
        <span>
          <strong className="text-primary">The sheet of {sheet.service} went in.</strong> It counts from{" "}
          <span className="figure">{dayWithYear(sheet.firstDay)}</span> on.
        </span>
        <button type="button" className="act ml-auto" onClick={close}>
          Close <Key name="Escape" />
        </button>
      </div>
      {sheet.cautions.length > 0 && (
        <>
          <p className="text-warning">
            <span aria-hidden>△</span> Odd; look whether it is meant:
          </p>
          <ul className="pl-6">
            {sheet.cautions.map((caution) => (
              <li key={caution.row + caution.reason}>
                <span className="figure">Row {caution.row}</span> {caution.reason}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
