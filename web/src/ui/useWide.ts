import { useSyncExternalStore } from "react";

/** Wide enough for papers and charge lines beside the rates. */
const WIDE = "(min-width: 1700px)";

function subscribe(changed: () => void) {
  const query = window.matchMedia?.(WIDE);
  query?.addEventListener("change", changed);
  return () => query?.removeEventListener("change", changed);
}

/** Whether the window has room for a fourth column. */
export function useWide(): boolean {
  return useSyncExternalStore(
    subscribe,
    () => window.matchMedia?.(WIDE).matches ?? false,
    () => false,
  );
}
