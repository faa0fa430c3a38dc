import { useRef } from "react";

interface Props {
  /** What the button says. */
  children: React.ReactNode;
  /** What file is chosen, for who does not see the button. */
  label: string;
  accept: string;
  busy?: boolean;
  take: (file: File) => void;
}

/** A button that asks for a file. The same file can be chosen again. */
export function FileButton({ children, label, accept, busy, take }: Props) {
  const field = useRef<HTMLInputElement>(null);
  return (
    <>
      <button type="button" className="act" disabled={busy} onClick={() => field.current?.click()}>
        {children}
      </button>
      <input
        ref={field}
        type="file"
        accept={accept}
        aria-label={label}
        className="hidden"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) {
            take(file);
          }
        }}
      />
    </>
  );
}
