import type { ReactNode } from "react";

/** A field with its name above it. */
export function Labeled({ text, children }: { text: string; children: ReactNode }) {
  return (
    <label className="flex flex-col">
      <span className="quiet">{text}</span>
      {children}
    </label>
  );
}
