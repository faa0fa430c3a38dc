import { useInfiniteQuery, useMutation, useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { useMay, useWho } from "../signin/who";
import { day } from "../ui/format";
import { benchOf } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { More } from "../ui/longList";
import { useScanTaker } from "../ui/scanTaker";
import { play } from "../ui/sounds";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { useCursor } from "../ui/useCursor";
import { useTitle } from "../ui/useTitle";
import { ReceiveReturn } from "./ReceiveReturn";
import { ReturnCosts } from "./ReturnCosts";
import { type Look, LOOKS, type Return, STATE_WORDS, useReturnAct } from "./useReturns";

type Found = Schemas["returns.Found"];

const NOTHING: Record<Look, string> = {
  EXPECTED: "No return is expected. On a job’s page R asks for a return label.",
  ON_THE_WAY: "Nothing is on its way back.",
  OVERDUE: "Nothing is overdue.",
  RECEIVED: "Nothing has been received yet: scan its label when it comes.",
  NOT_USED: "No return was called off.",
};

function dayOf(isoMoment: string, timeZone: string): string {
  return new Intl.DateTimeFormat("en-CA", { timeZone }).format(new Date(isoMoment));
}

/** What comes back: looked at by where it stands, received by the scan of its label. */
export function Returns({ timeZone }: { timeZone: string }) {
  useTitle("Returns");
  const may = useMay();
  const clock = useWho().data?.now;
  const [words, setWords] = useSearchParams();
  const look = (LOOKS.find((each) => each.look === words.get("look"))?.look ?? "EXPECTED") as Look;
  const chosen = Number(words.get("return")) || undefined;
  const choose = useCallback(
    (id: number | undefined) => setWords(id ? { look, return: String(id) } : { look }),
    [look, setWords],
  );
  const list = useInfiniteQuery({
    queryKey: ["returns", "look", look],
    initialPageParam: undefined as number | undefined,
    queryFn: ({ pageParam }) =>
      answer(api.GET("/api/v1/returns", { params: { query: { look, cursor: pageParam, limit: 50 } } })),
    getNextPageParam: (part) => part.next,
  });
  const one = useQuery({
    queryKey: ["returns", "one", chosen],
    queryFn: () => answer(api.GET("/api/v1/returns/{id}", { params: { path: { id: chosen ?? 0 } } })),
    enabled: chosen !== undefined,
  });
  const rows = useMemo(() => list.data?.pages.flatMap((part) => part.rows) ?? [], [list.data]);
  const open = useCallback((index: number) => choose(rows[index]?.id), [choose, rows]);
  const [at, setAt] = useCursor(rows.length, open);
  const [said, setSaid] = useState("");
  if (list.isPending) {
    return <Waiting what="The returns" />;
  }
  if (list.isLoadingError) {
    return <Trouble error={list.error} again={() => void list.refetch()} />;
  }
  const counts = list.data.pages[0]?.counts ?? [];
  return (
    <div className="px-5 py-3">
      <div className="flex items-center gap-5">
        <h1>Returns</h1>
        <Link to="/jobs" className="act py-0 text-sm">
          Jobs
        </Link>
        <span className="quiet ml-auto flex items-center gap-1">
          <Key name="↑" /> <Key name="↓" /> choose <Key name="Enter" /> open
        </span>
      </div>
      {may("PACK_AND_SHIP") && <ScanField found={choose} say={setSaid} />}
      <p role="status" className="min-h-6 font-bold">
        {said}
      </p>
      {one.isError && <ProblemLine error={one.error} />}
      {one.data && (
        <ReceiveReturn
          key={one.data.id + one.data.state}
          row={one.data}
          timeZone={timeZone}
          mayAct={may("PACK_AND_SHIP")}
          leave={() => choose(undefined)}
          received={(row) => {
            play("done");
            setSaid(`Received: job ${row.job}, ${row.came}.`);
            choose(undefined);
          }}
        />
      )}
      <nav aria-label="Where they stand" className="mt-3 flex flex-wrap gap-5">
        {LOOKS.map((each) => {
          const number = counts.find((count) => count.look === each.look)?.count ?? 0;
          return (
            <Link
              key={each.look}
              to={`?look=${each.look}`}
              aria-current={each.look === look ? "page" : undefined}
              className={
                "border-b-2 px-1 " + (each.look === look ? "border-primary font-bold" : "border-transparent")
              }
            >
              {each.name}{" "}
              <span className={"figure " + (each.look === "OVERDUE" && number > 0 ? "text-error" : "quiet")}>
                {number >= 1000 ? "1,000 or more" : number}
              </span>
            </Link>
          );
        })}
      </nav>
      {rows.length === 0 ? (
        <Empty>{NOTHING[look]}</Empty>
      ) : (
        <Table rows={rows} at={at} setAt={setAt} open={open} />
      )}
      <More list={list} what="returns" />
      {may("SEE_CHARGES") && clock && <ReturnCosts today={dayOf(clock, timeZone)} />}
    </div>
  );
}

interface TableProps {
  rows: Return[];
  at: number;
  setAt: (index: number) => void;
  open: (index: number) => void;
}

function Table({ rows, at, setAt, open }: TableProps) {
  return (
    <table className="timetable mt-2">
      <caption className="sr-only">Returns</caption>
      <thead>
        <tr>
          <th>Job</th>
          <th>Customer</th>
          <th>Reason</th>
          <th>What comes</th>
          <th>Label</th>
          <th>State</th>
          <th>Due</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row, index) => (
          <tr
            key={row.id}
            className={index === at ? "at" : ""}
            onMouseDown={() => setAt(index)}
            onDoubleClick={() => open(index)}
          >
            <td className="figure font-bold">
              <button
                type="button"
                className="underline-offset-2 hover:underline"
                onClick={() => open(index)}
              >
                {row.job}
              </button>
            </td>
            <td>{row.customer}</td>
            <td>{row.reasonWords}</td>
            <td>
              {row.came ||
                row.lines
                  .slice(0, 3)
                  .map((line) => `${line.quantity} × ${line.item}`)
                  .join(", ") + (row.lines.length > 3 ? ` and ${row.lines.length - 3} more` : "")}
            </td>
            <td>
              {row.service ? (
                <>
                  {row.service} <span className="figure">{row.trackingNumber}</span>
                </>
              ) : (
                <span className="quiet">none of ours</span>
              )}
            </td>
            <td className={row.overdue || row.state === "REFUSED" ? "text-error" : ""}>
              {row.overdue ? "overdue" : STATE_WORDS[row.state]}
              {row.reminders > 0 && <span className="quiet"> · reminded</span>}
            </td>
            <td className="figure">{day(row.due)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Its label, the label with which it left, or its job's number. */
function ScanField({ found, say }: { found: (id: number) => void; say: (text: string) => void }) {
  const field = useRef<HTMLInputElement>(null);
  const [unannounced, setUnannounced] = useState<Found>();
  const scan = useMutation({
    mutationFn: (text: string) => answer(api.POST("/api/v1/returns/scans", { body: { text } })),
    onSuccess: (result) => {
      say(result.said);
      play(result.awaited ? "done" : "look");
      setUnannounced(result.awaited || !result.shipment ? undefined : result);
      if (result.awaited) {
        found(result.awaited.id);
      }
    },
    onError: () => {
      say("");
      play("stop");
    },
  });
  const cameBack = useReturnAct((row) => {
    setUnannounced(undefined);
    found(row.id);
  });
  const { mutate } = scan;
  const take = useCallback((text: string) => text.trim() && mutate(text.trim()), [mutate]);
  useScanTaker(take);
  useEffect(() => field.current?.focus(), []);
  return (
    <>
      <form
        className="mt-2 flex flex-wrap items-center gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          take(field.current?.value ?? "");
          if (field.current) {
            field.current.value = "";
          }
        }}
      >
        <input
          ref={field}
          data-takes-scans
          aria-label="Scan what came back"
          placeholder="Scan its label, or type its job"
          className="entry figure w-[34rem] max-w-full py-2 text-lg"
          maxLength={120}
          autoComplete="off"
        />
        {unannounced?.shipment && (
          <button
            type="button"
            className="act"
            onClick={() =>
              cameBack.mutate(() =>
                answer(
                  api.POST("/api/v1/returns/without-label", {
                    body: {
                      shipment: unannounced.shipment ?? 0,
                      reason: "NOT_DELIVERED",
                      note: "",
                      lines: [],
                    },
                  }),
                ),
              )
            }
          >
            It came back: take it in
          </button>
        )}
        {unannounced?.job && !unannounced.shipment && <Link to={benchOf(unannounced.job)}>To the bench</Link>}
      </form>
      {scan.isError && <ProblemLine error={scan.error} />}
      {cameBack.isError && <ProblemLine error={cameBack.error} />}
    </>
  );
}
