import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback, useMemo, useRef, useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { useScanTaker } from "../ui/scanTaker";
import { play, type Sound } from "../ui/sounds";
import { ProblemLine } from "../ui/states";
import { useFind } from "../ui/useFind";
import { type BenchData, opened } from "./useBench";

type Scan = Schemas["bench.ScannedPiece"];

const WORDS: Record<Scan["verdict"], { word: string; sound: Sound }> = {
  COUNTED: { word: "In", sound: "done" },
  PLACED: { word: "In", sound: "done" },
  NEW_PACKAGE: { word: "New package", sound: "done" },
  ONE_TOO_MANY: { word: "One too many", sound: "stop" },
  OTHER_PACKAGE: { word: "Other package", sound: "stop" },
  LOT_WANTED: { word: "Scan the lot", sound: "look" },
  NOT_OF_SHIPMENT: { word: "Wrong item", sound: "stop" },
  UNKNOWN: { word: "Unknown", sound: "stop" },
};

interface Props {
  bench: BenchData;
  /** Number of the package that is filled. */
  at: number;
  choose: (number: number) => void;
}

/** Pieces scanned as they go into the package in focus, and the last act taken back. */
export function ContentsScan({ bench, at, choose }: Props) {
  const queries = useQueryClient();
  const find = useFind();
  const field = useRef<HTMLInputElement>(null);
  const [last, setLast] = useState<{ word: string; said: string; remedy: string; good: boolean }>();
  const show = useCallback(
    (fresh: BenchData) => queries.setQueryData(["bench", bench.job], fresh),
    [queries, bench.job],
  );
  const scan = useMutation({
    // One after the other, so that what is shown is what came last.
    scope: { id: "contents scans" },
    mutationFn: async ({ text }: { text: string; typed: boolean }) => {
      const id = await opened(bench);
      return answer(
        api.POST("/api/v1/shipments/{id}/packages/{number}/scans", {
          params: { path: { id, number: at } },
          body: { text },
        }),
      );
    },
    onSuccess: (result, { text, typed }) => {
      if (result.verdict === "UNKNOWN" && !typed) {
        // It may be another job's slip.
        void find(text);
        return;
      }
      const { word, sound } = WORDS[result.verdict];
      play(sound);
      setLast({ word, said: result.said, remedy: result.remedy, good: sound === "done" });
      show(result.bench);
      if (result.verdict === "NEW_PACKAGE") {
        choose(result.bench.packages.length);
      }
    },
    onError: () => play("stop"),
  });
  const undo = useMutation({
    mutationFn: () => answer(api.POST("/api/v1/shipments/{id}/undo", { params: { path: { id: bench.id } } })),
    onSuccess: (result) => {
      setLast({ word: "Taken back", said: `${result.act}.`, remedy: "", good: true });
      show(result.bench);
    },
  });
  const { mutate } = scan;
  const { mutate: takeBack } = undo;
  useScanTaker(useCallback((text: string) => mutate({ text, typed: false }), [mutate]));
  useKeys(
    useMemo(
      () => [
        { key: "Alt+c", label: "Scan contents", group: "Packages", run: () => field.current?.focus() },
        ...(bench.opened
          ? [{ key: "Alt+z", label: "Undo the last act", group: "Packages", run: () => takeBack() }]
          : []),
      ],
      [bench.opened, takeBack],
    ),
  );
  const { demanded, scanned, pieces } = bench.scanning;
  return (
    <>
      <form
        className="mt-1 flex items-center gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          const text = field.current?.value.trim() ?? "";
          if (field.current) {
            field.current.value = "";
          }
          if (text) {
            mutate({ text, typed: true });
          }
        }}
      >
        <input
          ref={field}
          data-takes-scans
          aria-label={`Scan a piece into package ${at}`}
          placeholder="Scan item, lot or carton"
          className="entry min-w-0 flex-1 py-0"
          maxLength={120}
          autoComplete="off"
        />
        <Key name="Alt+C" />
        {(demanded || scanned > 0) && (
          <strong className={scanned === pieces ? "text-primary" : demanded ? "text-error" : "text-warning"}>
            <span className="figure">
              {scanned} of {pieces}
            </span>{" "}
            scanned
          </strong>
        )}
      </form>
      <p role="status" className={"leading-snug " + (scan.isPending ? "opacity-50" : "")}>
        {last && (
          <>
            <strong className={"text-2xl " + (last.good ? "text-primary" : "text-error")}>
              {last.good ? "✓ " : "✕ "}
              {last.word}
            </strong>{" "}
            {last.said} <em>{last.remedy}</em>
          </>
        )}
      </p>
      {scan.isError && <ProblemLine error={scan.error} />}
      {undo.isError && <ProblemLine error={undo.error} />}
    </>
  );
}
