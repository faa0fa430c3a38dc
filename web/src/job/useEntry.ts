import { type KeyboardEvent, useEffect, useRef, useState } from "react";
import { type Entry, saveEntries, useJobAct } from "./useJob";

/** A field of a job while it is typed into: it is kept once it says something else than stood there. */
export function useEntry(job: string, field: Entry["field"], line: number, text: string) {
  const [typed, setTyped] = useState<string | undefined>();
  // What stood there when typing began: the server compares it with what stands there then.
  const before = useRef(text);
  const save = useJobAct(job, (value: string) =>
    saveEntries(job, [{ field, line, before: before.current, text: value }]),
  );
  useEffect(() => {
    if (typed === undefined) {
      before.current = text;
    }
  }, [text, typed]);
  const done = { onSuccess: () => setTyped(undefined) };
  const leave = () => {
    setTyped(undefined);
    save.reset();
  };
  const keep = () => {
    if (typed === undefined || typed.trim() === text) {
      leave();
    } else {
      save.mutate(typed, done);
    }
  };
  return {
    typed,
    save,
    change: setTyped,
    keep,
    /** Enter keeps it; Escape leaves it as it was, and once more leaves the field, so that the page's keys count again. */
    keyDown: (event: KeyboardEvent<HTMLInputElement>) => {
      if (event.key === "Enter") {
        event.preventDefault();
        keep();
      }
      if (event.key === "Escape") {
        event.stopPropagation();
        if (typed === undefined) {
          event.currentTarget.blur();
        }
        leave();
      }
    },
    /** Over what somebody else has written meanwhile. */
    saveMine: () => {
      before.current = text;
      if (typed !== undefined) {
        save.mutate(typed, done);
      }
    },
  };
}
