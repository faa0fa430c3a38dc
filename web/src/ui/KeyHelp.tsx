import { useMemo } from "react";
import { Key } from "./Key";
import { useKeys, useShownKeys } from "./keys";

/** Arrows as they stand on the keys. */
function shownName(key: string): string {
  return key
    .replace("ArrowUp", "↑")
    .replace("ArrowDown", "↓")
    .replace("ArrowLeft", "←")
    .replace("ArrowRight", "→");
}

/** The keys that work on the open screen. */
export function KeyHelp({ close }: { close: () => void }) {
  const keys = useShownKeys();
  useKeys(
    useMemo(() => [{ key: "Escape", label: "Close this list", run: close, whileTyping: true }], [close]),
  );
  return (
    <aside
      aria-label="Keys"
      className="fixed inset-y-0 right-0 z-20 w-80 overflow-auto border-l-2 border-base-content bg-base-100 p-5"
    >
      <h2>Keys that work here</h2>
      <dl className="mt-3 space-y-1.5">
        {keys.map((act) => (
          <div key={act.key + act.label} className="flex items-baseline gap-3">
            <dt className="w-24 shrink-0">
              <Key name={shownName(act.key)} />
            </dt>
            <dd>{act.label}</dd>
          </div>
        ))}
      </dl>
      <p className="quiet mt-4">A scan works wherever the focus is: a work order opens its bench.</p>
      <h2 className="mt-5">Set up the scanner</h2>
      <p className="quiet">
        Set it to send a sign before each scan that nobody types, like ~, and Enter after it. Then scan this
        once at this desk:
      </p>
      <img
        src="/api/scanner/setup-barcode"
        alt="Barcode that sets up the scanner"
        className="mt-2 w-full bg-white p-2"
      />
      <button type="button" className="act mt-4" onClick={close}>
        Close <Key name="Escape" />
      </button>
    </aside>
  );
}
