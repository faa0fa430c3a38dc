import { useEffect, useSyncExternalStore } from "react";

/** Something a key does on the screen that is open. */
export interface KeyAct {
  /** As the browser names the key, with "Alt+" before it where Alt is held. */
  key: string;
  label: string;
  /** Under which heading the list of keys has it. */
  group?: string;
  run: () => void;
  /** Plain letters and signs do nothing while something is typed; function keys always work. */
  whileTyping?: boolean;
}

const acts = new Set<KeyAct[]>();
const listeners = new Set<() => void>();
let shown: KeyAct[] = [];

function changed() {
  shown = [...acts].flat();
  listeners.forEach((each) => each());
}

/** Makes keys work while the component is there. Later components win over earlier ones. */
export function useKeys(own: KeyAct[]) {
  useEffect(() => {
    acts.add(own);
    changed();
    return () => {
      acts.delete(own);
      changed();
    };
  }, [own]);
}

/** Every key that works now. */
export function useShownKeys(): KeyAct[] {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => shown,
  );
}

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLInputElement ||
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement
  );
}

/** Enter or a blank on a button or a link is that button's or link's own. */
function isItsOwn(key: string, target: EventTarget | null): boolean {
  return (
    (key === "Enter" || key === " ") &&
    (target instanceof HTMLButtonElement || target instanceof HTMLAnchorElement)
  );
}

function worksHere(act: KeyAct, target: EventTarget | null): boolean {
  if (act.whileTyping === true || /^(Alt\+|F\d)/.test(act.key)) {
    return true;
  }
  return !isTyping(target) && !isItsOwn(act.key, target);
}

function nameOf(event: KeyboardEvent): string {
  // A sign that needs Shift is named by itself; a key without a sign of its own is not.
  const shift = event.shiftKey && event.key.startsWith("Arrow");
  return (event.altKey ? "Alt+" : "") + (shift ? "Shift+" : "") + event.key;
}

/** Does what a key does here; false where it does nothing. */
export function runKey(key: string): boolean {
  const found = shown.findLast((act) => act.key === key);
  found?.run();
  return found !== undefined;
}

document.addEventListener("keydown", (event) => {
  if (event.ctrlKey || event.metaKey || event.isComposing) {
    return;
  }
  const requested = nameOf(event);
  const found = shown.findLast((act) => act.key === requested && worksHere(act, event.target));
  if (found) {
    event.preventDefault();
    found.run();
  }
});
