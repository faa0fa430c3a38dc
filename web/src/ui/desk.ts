import { useSyncExternalStore } from "react";
import type { Schemas } from "../api/client";

const KEPT_AS = "nobrec.desk";

/** What stands at this desk: a setting of the browser. */
export type Desk = Schemas["bench.AtDesk"];

const listeners = new Set<() => void>();

function read(): string {
  return localStorage.getItem(KEPT_AS) ?? "{}";
}

/** As an act needs it. */
export function deskNow(): Desk {
  try {
    const kept = JSON.parse(read()) as Partial<Record<"scale" | "frame", unknown>> | null;
    return {
      ...(typeof kept?.scale === "string" ? { scale: kept.scale } : {}),
      ...(typeof kept?.frame === "string" ? { frame: kept.frame } : {}),
    };
  } catch {
    return {};
  }
}

/** What stands here, and setting it. */
export function useDesk(): [Desk, (desk: Desk) => void] {
  useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, read);
  return [
    deskNow(),
    (desk) => {
      localStorage.setItem(KEPT_AS, JSON.stringify(desk));
      listeners.forEach((each) => each());
    },
  ];
}
