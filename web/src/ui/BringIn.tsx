import { type ReactNode, useMemo } from "react";
import { Key } from "./Key";
import { useKeys } from "./keys";
import { ProblemLine } from "./states";
import { useFileDrop } from "./useFileDrop";

interface Props {
  /** What kind of file it is, for those who do not see the button. */
  what: string;
  /** Whether whoever looks may bring one in; without it nothing is taken. */
  may: boolean;
  busy: boolean;
  take: (file: File) => void;
  /** The page, with the button in its place. */
  children: (button: ReactNode) => ReactNode;
}

/** A page on which a file can be dropped anywhere, or chosen by its button. */
export function BringIn(props: Props) {
  return props.may ? (
    <DropPage {...props} />
  ) : (
    <div className="min-h-full px-5 py-3">{props.children(null)}</div>
  );
}

function DropPage({ what, busy, take, children }: Props) {
  const { getRootProps, getInputProps, isDragActive, open, problem } = useFileDrop(take);
  useKeys(useMemo(() => [{ key: "F2", label: "Bring in a file", run: open }], [open]));
  return (
    <div {...getRootProps({ role: "presentation", tabIndex: -1, className: "min-h-full px-5 py-3" })}>
      <input
        {...getInputProps({
          accept: ".csv,.txt,.xml,text/csv",
          "aria-label": what,
          tabIndex: -1,
          multiple: false,
        })}
      />
      {children(
        <button type="button" className="act" disabled={busy} onClick={open}>
          {busy ? "Reading the file …" : "Bring in a file"} <Key name="F2" />
        </button>,
      )}
      {problem && <ProblemLine error={problem} />}
      {isDragActive && (
        <div
          aria-hidden
          className="pointer-events-none fixed inset-0 outline-4 -outline-offset-8 outline-dashed outline-primary"
        />
      )}
    </div>
  );
}
