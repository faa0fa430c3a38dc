import { useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api } from "../api/client";
import { useWho } from "../signin/who";
import { OnTheirWay } from "../printing/OnTheirWay";
import { usePrint } from "../printing/usePrinting";
import { moment } from "../ui/format";
import { benchOf } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { MoneySentence } from "./MoneySentence";
import { VoidAct, VoidNote } from "./VoidAct";
import { acts, type BenchData, type useAct } from "./useBench";

/** After the act: the numbers, the papers, and the next job. */
export function ShippedFoot({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  const timeZone = useWho().data?.timeZone ?? "UTC";
  if (bench.state === "SHIPPING") {
    return <BeingShipped bench={bench} act={act} />;
  }
  return (
    <div className="border-t-2 border-base-content px-5 py-2">
      <div className="flex items-center justify-between gap-6">
        <p className="flex flex-wrap items-baseline gap-x-4">
          <strong className="text-lg text-primary">✓ Shipped</strong>
          {bench.shipped && (
            <span>
              by {bench.shipped.by}, <span className="figure">{moment(bench.shipped.at, timeZone)}</span>,
              with <strong className="figure">{bench.shipped.trackingNumbers.join(", ")}</strong>
              {bench.shipped.handedOver && <span className="block">{bench.shipped.handedOver}</span>}
            </span>
          )}
        </p>
        <span className="flex flex-wrap justify-end gap-3">
          <VoidAct bench={bench} act={act} />
          <Papers bench={bench} />
          <NextJob />
        </span>
      </div>
      {bench.waitingFor && (
        <p role="status">
          <strong className="text-warning">Not all of it yet.</strong> {bench.waitingFor}
        </p>
      )}
      <VoidNote bench={bench} act={act} />
      <MoneySentence bench={bench} />
    </div>
  );
}

/** While the carrier's answer is waited for: what is known, and asking now. */
function BeingShipped({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  const ask = useCallback(() => act.mutate(acts.askCarrier()), [act]);
  useKeys(useMemo(() => [{ key: "F7", label: "Ask the carrier now", group: "Shipment", run: ask }], [ask]));
  return (
    <div className="flex items-center justify-between gap-6 border-t-2 border-base-content px-5 py-4">
      <p role="status">
        <strong className="text-warning">It is being shipped.</strong> {bench.waitingFor}
      </p>
      <button type="button" className="act whitespace-nowrap" disabled={act.isPending} onClick={ask}>
        {act.isPending ? "Asking …" : "Ask now"} <Key name="F7" />
      </button>
    </div>
  );
}

function Papers({ bench }: { bench: BenchData }) {
  const papers = bench.papers;
  const print = usePrint();
  const { mutate } = print;
  const all = useCallback(
    () => mutate({ of: `job ${bench.job}`, papers: papers.map((paper) => paper.address) }),
    [mutate, papers, bench.job],
  );
  useKeys(useMemo(() => [{ key: "F7", label: "Print its papers", group: "Shipment", run: all }], [all]));
  if (papers.length === 0) {
    return null;
  }
  return (
    <>
      <OnTheirWay print={print} />
      <button type="button" className="act" disabled={print.isPending} onClick={all}>
        Print <Key name="F7" />
      </button>
    </>
  );
}

function NextJob() {
  const link = useRef<HTMLAnchorElement>(null);
  const navigate = useNavigate();
  const urgent = useQuery({
    queryKey: ["departures", "next"],
    queryFn: () => answer(api.GET("/api/v1/departures/jobs", { params: { query: { limit: 1 } } })),
  });
  const next = urgent.data?.rows[0]?.job;
  const address = next ? benchOf(next) : "/departures";
  useKeys(
    useMemo(
      () => [{ key: "F2", label: "Next job", group: "Shipment", run: () => void navigate(address) }],
      [navigate, address],
    ),
  );
  // What was shipped is done: Enter goes on.
  useEffect(() => link.current?.focus(), []);
  return (
    <Link ref={link} to={address} className="act border-2 font-bold">
      {next ? `Next: job ${next}` : "Departures"} <Key name="F2" />
    </Link>
  );
}
