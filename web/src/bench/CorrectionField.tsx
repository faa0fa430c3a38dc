import { useMemo, useRef } from "react";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";

interface Props {
  label: string;
  keyLabel: string;
  value: string;
  placeholder: string;
  busy: boolean;
  keep: (text: string) => void;
}

/** One thing that is missing, put right where it is said. */
export function CorrectionField({ label, keyLabel, value, placeholder, busy, keep }: Props) {
  const field = useRef<HTMLInputElement>(null);
  useKeys(
    useMemo(
      () => [{ key: "F7", label: keyLabel, group: "Shipment", run: () => field.current?.focus() }],
      [keyLabel],
    ),
  );
  return (
    <form
      className="flex items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        keep(field.current?.value ?? "");
      }}
    >
      <Key name="F7" />
      <input
        ref={field}
        aria-label={label}
        defaultValue={value}
        placeholder={placeholder}
        maxLength={40}
        className="entry w-44 font-mono"
      />
      <button type="submit" className="act" disabled={busy}>
        Save <Key name="Enter" />
      </button>
    </form>
  );
}
