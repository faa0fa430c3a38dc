import { useEffect, useMemo, useRef } from "react";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { acts, type BenchData, type useAct } from "./useBench";

/**
 * Carriers that price themselves are asked as soon as the job is open and whenever the shipment is another; before that one key asks
 * them. Their offers come in as they come.
 */
export function CarrierQuotes({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  const { mutate } = act;
  const about = JSON.stringify([bench.id, bench.packages, bench.accessorials, bench.shipTo, bench.shipOn]);
  const asked = useRef("");
  const byItself = bench.mayAct && bench.opened && bench.quotesWanted && !act.isPending;
  useEffect(() => {
    if (byItself && asked.current !== about) {
      asked.current = about;
      mutate(acts.askForQuotes(false));
    }
  }, [byItself, about, mutate]);
  const silent = bench.offers.some((offer) => offer.quote?.source === "NO_QUOTE");
  const mayAsk = bench.mayAct && (silent || (bench.quotesWanted && !bench.opened));
  useKeys(
    useMemo(
      () =>
        mayAsk
          ? [
              {
                key: "Alt+q",
                label: silent ? "Ask the carriers again" : "Ask the carriers for their prices",
                group: "Rates",
                run: () => mutate(acts.askForQuotes(true)),
              },
            ]
          : [],
      [mayAsk, silent, mutate],
    ),
  );
  if (bench.quotesAwaited) {
    return (
      <span role="status" className="quiet text-sm">
        carriers are being asked…
      </span>
    );
  }
  return mayAsk ? (
    <button
      type="button"
      className="act py-0 text-sm"
      disabled={act.isPending}
      onClick={() => mutate(acts.askForQuotes(true))}
    >
      {silent ? "Ask carriers again" : "Ask carriers"} <Key name="Alt+Q" />
    </button>
  ) : null;
}
