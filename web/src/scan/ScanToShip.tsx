import { OnTheirWay } from "../printing/OnTheirWay";
import { usePrint } from "../printing/usePrinting";
import { useMutation } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { deskNow } from "../ui/desk";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { useScanTaker } from "../ui/scanTaker";
import { play, type Sound, useSounds } from "../ui/sounds";
import { ProblemLine } from "../ui/states";
import { useTitle } from "../ui/useTitle";

type Result = Schemas["bench.ScanView"];

const WORDS: Record<Result["outcome"], { sign: string; word: string; sound: Sound; color: string }> = {
  SHIPPED: { sign: "✓", word: "Shipped", sound: "done", color: "border-primary text-primary" },
  ASKED: { sign: "…", word: "Asked", sound: "look", color: "border-warning text-warning" },
  LOOK: { sign: "!", word: "Look here", sound: "look", color: "border-warning text-warning" },
  ALREADY: { sign: "!", word: "Gone already", sound: "look", color: "border-warning text-warning" },
  UNKNOWN: { sign: "✕", word: "Unknown", sound: "stop", color: "border-error text-error" },
};

const REMEMBERED = 12;

/** A slip's barcode ships its job where nothing is amiss; else it says what to look at. */
export function ScanToShip() {
  useTitle("Scan to ship");
  const navigate = useNavigate();
  const field = useRef<HTMLInputElement>(null);
  const [results, setResults] = useState<Result[]>([]);
  const act = useMutation({
    mutationFn: (text: string) =>
      answer(api.POST("/api/v1/scans-to-ship", { body: { text, scale: "", frame: "", ...deskNow() } })),
    onSuccess: (result) => {
      play(WORDS[result.outcome].sound);
      setResults((before) => [result, ...before].slice(0, REMEMBERED));
    },
    onError: () => play("stop"),
  });
  const { mutate } = act;
  const scan = useCallback(
    (text: string) => {
      if (text.trim()) {
        mutate(text.trim());
      }
    },
    [mutate],
  );
  useScanTaker(scan);
  const last = results[0];
  const printing = usePrint();
  const { mutate: mutatePrint } = printing;
  const print = useCallback(
    () => last && mutatePrint({ of: `job ${last.job}`, papers: last.papers }),
    [last, mutatePrint],
  );
  const open = useCallback(() => last?.address && void navigate(last.address), [last, navigate]);
  useKeys(
    useMemo(
      () => [
        ...(last?.papers.length
          ? [{ key: "F7", label: "Print label and slip", group: "Scan", run: print }]
          : []),
        ...(last?.address ? [{ key: "F2", label: "Open the job", group: "Scan", run: open }] : []),
      ],
      [last, print, open],
    ),
  );
  useEffect(() => field.current?.focus(), []);
  return (
    <div className="px-5 py-3">
      <Head />
      <form
        className="mt-3"
        onSubmit={(event) => {
          event.preventDefault();
          const text = field.current?.value ?? "";
          if (field.current) {
            field.current.value = "";
          }
          scan(text);
        }}
      >
        <input
          ref={field}
          data-takes-scans
          aria-label="Scan a slip"
          placeholder="Scan a slip"
          maxLength={120}
          autoComplete="off"
          className="entry w-full max-w-xl py-2 text-2xl"
        />
      </form>
      {act.isError && <ProblemLine error={act.error} />}
      <OnTheirWay print={printing} />
      <Last result={last} pending={act.isPending} print={print} open={open} />
      <Before results={results.slice(1)} />
    </div>
  );
}

function Head() {
  const [sounds, changeSounds] = useSounds();
  return (
    <div className="flex items-baseline gap-4">
      <h1>Scan to ship</h1>
      <p className="quiet">
        A job of one package goes at once, weighed by the scale; anything else waits for you.
      </p>
      <span className="ml-auto flex gap-3">
        <button type="button" className="act py-0 text-sm" aria-pressed={sounds} onClick={changeSounds}>
          {sounds ? "Sounds on" : "Sounds off"}
        </button>
        <a href="/api/v1/scanner/act-card" target="_blank" rel="noreferrer" className="act py-0 text-sm">
          Card of acts
        </a>
      </span>
    </div>
  );
}

/** One word and the number, to be read from two meters. */
function Last({
  result,
  pending,
  print,
  open,
}: {
  result: Result | undefined;
  pending: boolean;
  print: () => void;
  open: () => void;
}) {
  if (!result) {
    return (
      <p role="status" className="quiet my-6 text-3xl">
        {pending ? "One moment …" : "Waiting for a scan"}
      </p>
    );
  }
  const { sign, word, color } = WORDS[result.outcome];
  return (
    <div role="status" className={"my-4 border-l-8 pl-5 " + color + (pending ? " opacity-40" : "")}>
      <strong className="block text-7xl leading-tight">
        {sign} {word} <span className="figure">{result.job}</span>
      </strong>
      <p className="text-2xl text-base-content">
        {result.said} <em>{result.remedy}</em>
      </p>
      {result.trackingNumbers.length > 0 && (
        <p className="figure text-3xl text-base-content">{result.trackingNumbers.join(", ")}</p>
      )}
      <p className="mt-2 flex gap-3 text-base-content">
        {result.papers.length > 0 && (
          <button type="button" className="act" onClick={print}>
            Print <Key name="F7" />
          </button>
        )}
        {result.address && (
          <button type="button" className="act" onClick={open}>
            Open the job <Key name="F2" />
          </button>
        )}
      </p>
    </div>
  );
}

function Before({ results }: { results: Result[] }) {
  return results.length === 0 ? null : (
    <table className="timetable compact">
      <thead>
        <tr>
          <th>Before</th>
          <th>Job</th>
          <th></th>
        </tr>
      </thead>
      <tbody>
        {results.map((result, index) => (
          <tr key={results.length - index}>
            <td>
              {WORDS[result.outcome].sign} {WORDS[result.outcome].word}
            </td>
            <td className="figure">
              {result.address ? (
                <Link to={result.address} className="underline">
                  {result.job}
                </Link>
              ) : (
                result.job
              )}
            </td>
            <td>
              {result.said} <span className="figure">{result.trackingNumbers.join(", ")}</span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
