import { useSyncExternalStore } from "react";

/** A text that this browser keeps for whoever works here, and whoever shows it hears of a change. */
export function browserSetting(key: string) {
  const listeners = new Set<() => void>();
  const now = () => localStorage.getItem(key) ?? "";
  const set = (text: string) => {
    localStorage.setItem(key, text);
    listeners.forEach((each) => each());
  };
  return {
    now,
    set,
    use: (): string =>
      useSyncExternalStore((listener) => {
        listeners.add(listener);
        return () => listeners.delete(listener);
      }, now),
  };
}
