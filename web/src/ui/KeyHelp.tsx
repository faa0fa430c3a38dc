import { useEffect, useMemo, useRef } from "react";
import { Key } from "./Key";
import { type KeyAct, useKeys, useShownKeys } from "./keys";

/** Arrows as they stand on the keys. */
function shownName(key: string): string {
  return key
    .replace("ArrowUp", "↑")
    .replace("ArrowDown", "↓")
    .replace("ArrowLeft", "←")
    .replace("ArrowRight", "→");
}

/** The keys that work on the open screen, in groups. */
export function KeyHelp({ close }: { close: () => void }) {
  const keys = useShownKeys();
  const panel = useRef<HTMLElement>(null);
  useKeys(
    useMemo(
      () => [{ key: "Escape", label: "Close this list", group: "Anywhere", run: close, whileTyping: true }],
      [close],
    ),
  );
  useEffect(() => panel.current?.focus(), []);
  const groups = grouped(keys);
  return (
    <aside
      ref={panel}
      tabIndex={-1}
      aria-label="Keys"
      className="fixed inset-x-6 bottom-6 z-20 max-h-[calc(100vh-6rem)] overflow-auto border-2 border-base-content bg-base-100 p-5 outline-none"
    >
      <div className="flex items-baseline justify-between">
        <h2>Keys that work here</h2>
        <button type="button" className="act" onClick={close}>
          Close <Key name="Escape" />
        </button>
      </div>
      <div className="mt-3 columns-3 gap-8 max-[1000px]:columns-2">
        {[...groups].map(([group, acts]) => (
          <section key={group} className="mb-4 break-inside-avoid">
            <h3 className="font-bold">{group}</h3>
            <dl className="mt-1 space-y-1">
              {acts.map((act) => (
                <div key={act.key + act.label} className="flex items-baseline gap-3">
                  <dt className="w-20 shrink-0">
                    <Key name={shownName(act.key)} />
                  </dt>
                  <dd>{act.label}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
        <section className="break-inside-avoid">
          <h3 className="font-bold">Scanner</h3>
          <p className="quiet">
            A scan works wherever the focus is: a work order opens its Bench. Set the scanner to send a
            character before each scan that nobody types, like ~, and Enter after it; then scan this once at
            this desk:
          </p>
          <img
            src="/api/v1/scanner/setup-barcode"
            alt="Barcode that sets up the scanner"
            className="mt-2 w-72 max-w-full bg-white p-2"
          />
        </section>
      </div>
    </aside>
  );
}

function grouped(keys: KeyAct[]): Map<string, KeyAct[]> {
  const groups = new Map<string, KeyAct[]>();
  keys.forEach((act) => {
    const group = act.group ?? "On this screen";
    groups.set(group, [...(groups.get(group) ?? []), act]);
  });
  return groups;
}
