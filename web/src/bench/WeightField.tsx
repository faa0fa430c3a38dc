import { useEffect, useMemo, useRef, useState } from "react";
import { isProblem } from "../api/problem";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { acts, type BenchData, previewWeight, type useAct } from "./useBench";

interface Props {
  bench: BenchData;
  number: number;
  act: ReturnType<typeof useAct>;
  done: () => void;
  setPreview: (bench: BenchData | undefined) => void;
}

/**
 * A weight as people type it. The offers follow while she types; Enter keeps it, Alt and Enter keep one that is far from what is
 * expected.
 */
export function WeightField({ bench, number, act, done, setPreview }: Props) {
  const field = useRef<HTMLInputElement>(null);
  const [text, setText] = useState("");
  const [hint, setHint] = useState("");
  const asked = useRef<AbortController>(undefined);
  const latest = useRef(bench);
  useKeys(
    useMemo(
      () => [{ key: "F2", label: "Type the weight", group: "Packages", run: () => field.current?.focus() }],
      [],
    ),
  );

  useEffect(() => {
    latest.current = bench;
  }, [bench]);

  useEffect(() => {
    const typed = text.trim();
    if (!typed) {
      return;
    }
    // A key more makes the question before it pointless: it is given up, and its answer is not waited for.
    const question = new AbortController();
    previewWeight(latest.current, number, typed, question.signal)
      .then((view) => {
        if (!question.signal.aborted) {
          setPreview(view);
          setHint("");
        }
      })
      .catch((error: unknown) => {
        if (!question.signal.aborted) {
          setPreview(undefined);
          setHint(isProblem(error) ? `${error.detail} ${error.remedy}` : "");
        }
      });
    asked.current = question;
    return () => question.abort();
  }, [text, number, setPreview]);

  useEffect(() => () => setPreview(undefined), [setPreview]);

  function clear() {
    asked.current?.abort();
    setText("");
    setHint("");
    setPreview(undefined);
  }

  function keep(sure: boolean) {
    if (text.trim()) {
      asked.current?.abort();
      act.mutate(acts.typeWeight(number, text, sure), {
        onSuccess: () => {
          clear();
          done();
          field.current?.blur();
        },
      });
    }
  }

  return (
    <form
      className="w-44 pt-1"
      onSubmit={(event) => {
        event.preventDefault();
        keep(false);
      }}
    >
      <label className="flex items-center gap-2">
        <Key name="F2" />
        <input
          ref={field}
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            if (!event.target.value.trim()) {
              clear();
            }
          }}
          onKeyDown={(event) => {
            if (event.key === "Enter" && event.altKey) {
              event.preventDefault();
              keep(true);
            }
            if (event.key === "Escape") {
              clear();
              field.current?.blur();
            }
          }}
          aria-label={`Weight of package ${number}`}
          placeholder="4.2 or 4 lb 3 oz"
          maxLength={40}
          className="entry w-full font-mono"
        />
      </label>
      <p role="status" className="leading-snug text-warning">
        {hint}
      </p>
    </form>
  );
}
