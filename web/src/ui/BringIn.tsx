import { useMemo, useRef } from "react";
import { Key } from "./Key";
import { useKeys } from "./keys";
import { useFileDrop } from "./useFileDrop";

interface Props {
  /** What kind of file it is, for those who do not see the button. */
  what: string;
  busy: boolean;
  take: (file: File) => void;
}

/** Brings a file in: chosen here, or dropped anywhere on the page. */
export function BringIn({ what, busy, take }: Props) {
  const chooser = useRef<HTMLInputElement>(null);
  const hovering = useFileDrop(take);
  useKeys(useMemo(() => [{ key: "F2", label: "Bring in a file", run: () => chooser.current?.click() }], []));
  return (
    <>
      <button type="button" className="act ml-auto" disabled={busy} onClick={() => chooser.current?.click()}>
        {busy ? "Reading the file …" : "Bring in a file"} <Key name="F2" />
      </button>
      <input
        ref={chooser}
        type="file"
        accept=".csv,text/csv"
        aria-label={what}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) {
            take(file);
          }
          event.target.value = "";
        }}
      />
      {hovering && (
        <div
          aria-hidden
          className="pointer-events-none fixed inset-0 outline-4 -outline-offset-8 outline-dashed outline-primary"
        />
      )}
    </>
  );
}
