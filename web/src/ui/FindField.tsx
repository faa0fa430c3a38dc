import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { asProblem } from "../api/problem";
import { actOf } from "./actBarcodes";
import { isBadge, takeBadge } from "./badge";
import { Key } from "./Key";
import { useKeys } from "./keys";
import { isTaken } from "./scanTaker";
import { play } from "./sounds";
import { useFind } from "./useFind";
import { type ScannerSetting, useScanner } from "./scan";

function learned({ prefix, suffix }: ScannerSetting): string {
  return prefix
    ? `Scanner set up: “${prefix}” before each scan, ${suffix} after it.`
    : `Scanner set up without a sign before each scan: scans are told by their pace. ${suffix} ends them.`;
}

/** A digit typed with no field in use begins a search. */
function useDigits(field: React.RefObject<HTMLInputElement | null>) {
  useEffect(() => {
    function begin(event: KeyboardEvent) {
      const free = document.activeElement === document.body || document.activeElement === null;
      if (free && /^[0-9]$/.test(event.key) && !event.altKey && !event.ctrlKey && !event.metaKey) {
        field.current?.focus();
      }
    }
    document.addEventListener("keydown", begin);
    return () => document.removeEventListener("keydown", begin);
  }, [field]);
}

/** The one field: understands whatever is scanned or typed. */
export function FindField() {
  const goTo = useFind();
  const field = useRef<HTMLInputElement>(null);
  const [said, setSaid] = useState("");

  const find = useCallback(
    async (text: string) => {
      const plain = text.trim();
      if (!plain) {
        return;
      }
      try {
        await goTo(plain);
        setSaid("");
        if (field.current) {
          field.current.value = "";
          field.current.blur();
        }
      } catch (error) {
        setSaid(asProblem(error).detail);
      }
    },
    [goTo],
  );

  const queries = useQueryClient();
  const badge = useCallback(
    async (text: string) => {
      try {
        await takeBadge(text);
        setSaid("");
        play("done");
      } catch (error) {
        const problem = asProblem(error);
        setSaid(`${problem.detail} ${problem.remedy}`);
        play("stop");
      }
      await queries.invalidateQueries();
    },
    [queries],
  );

  useScanner(
    useCallback(
      (text: string) => {
        if (isBadge(text)) {
          void badge(text);
          return;
        }
        const act = actOf(text);
        if (act === "nothing here") {
          setSaid("That act does nothing on this screen.");
        } else if (act === undefined && !isTaken(text)) {
          void find(text);
        }
      },
      [find, badge],
    ),
    useCallback((setting: ScannerSetting) => setSaid(learned(setting)), []),
  );
  useDigits(field);
  useKeys(
    useMemo(
      () => [
        { key: "/", label: "Find or scan anything", group: "Anywhere", run: () => field.current?.focus() },
      ],
      [],
    ),
  );

  return (
    <form
      role="search"
      className="flex min-w-0 items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void find(field.current?.value ?? "");
      }}
    >
      <Key name="/" />
      <input
        ref={field}
        aria-label="Find or scan anything"
        className="entry w-56 min-w-16 max-[1400px]:w-40 max-[1250px]:w-36 max-[1100px]:w-32 max-[900px]:w-24"
        placeholder="Job, PO, city, tracking number"
        maxLength={120}
        onKeyDown={(event) => {
          if (event.key === "Escape") {
            field.current?.blur();
          }
        }}
      />
      <span role="status" className="text-error">
        {said}
      </span>
    </form>
  );
}
