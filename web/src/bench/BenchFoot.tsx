import { useCallback, useMemo } from "react";
import { Link } from "react-router";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { RulesActed } from "./RulesActed";
import { Checks } from "./Checks";
import { MoneySentence } from "./MoneySentence";
import { VoidNote } from "./VoidAct";
import { acts, type BenchData, type useAct } from "./useBench";

interface Props {
  bench: BenchData;
  act: ReturnType<typeof useAct>;
  /** A weight is being typed and not yet kept: nothing can be shipped on it. */
  previewing: boolean;
  /** Opens the ship-to for correction. */
  edit: () => void;
}

/** The ready checks, the money, and the one button. */
export function BenchFoot({ bench, act, previewing, edit }: Props) {
  const chosen = bench.offers.find((offer) => offer.chosen);
  const mayShip = bench.mayShip && !previewing && !act.isPending && chosen?.total !== undefined;
  const carryOut = act.mutate;
  const ship = useCallback(() => {
    if (mayShip && chosen?.total) {
      carryOut(acts.ship({ service: chosen.service, total: chosen.total.amount }));
    }
  }, [mayShip, chosen, carryOut]);
  const mayAct = bench.mayAct;
  useKeys(
    useMemo(
      () => (mayAct ? [{ key: "F10", label: "Ship", group: "Shipment", run: ship }] : []),
      [mayAct, ship],
    ),
  );

  return (
    <div className="border-t-2 border-base-content px-5 py-1.5">
      {bench.refusedBefore && (
        <p role="status" className="border-l-4 border-warning pl-3">
          <strong className="text-warning">The carrier refused it.</strong> {bench.refusedBefore} Change that,
          then ship again.
        </p>
      )}
      <VoidNote bench={bench} act={act} />
      {bench.openHandover && (
        <p role="status" className="border-l-4 border-warning pl-3">
          <strong className="text-warning">First:</strong> {bench.openHandover}{" "}
          <Link to="/handover" className="underline">
            Close it, or move its packages
          </Link>
        </p>
      )}
      <Checks bench={bench} act={act} edit={edit} />
      <RulesActed bench={bench} />
      <div className="mt-1 flex items-center justify-between gap-6 max-[900px]:gap-2">
        <div className="min-w-0">
          <MoneySentence bench={bench} />
        </div>
        {bench.mayAct && (
          <span className="flex shrink-0 items-center gap-3">
            <span id="why-not" className="quiet max-w-60 text-right text-sm leading-tight">
              {!mayShip && !act.isPending && whyNot(bench, previewing)}
            </span>
            <button
              type="button"
              className="btn btn-primary btn-lg gap-3 px-8 text-xl disabled:bg-base-300 disabled:text-base-content"
              disabled={!mayShip}
              aria-describedby="why-not"
              onClick={ship}
            >
              {act.isPending ? "One moment …" : "Ship"} <Key name="F10" />
            </button>
          </span>
        )}
      </div>
    </div>
  );
}

/** Why the button cannot be used now. */
function whyNot(bench: BenchData, previewing: boolean): string {
  if (previewing) {
    return "Enter saves the weight first.";
  }
  const stop = bench.checks.find((check) => check.verdict === "STOP");
  return stop ? `Stopped by: ${stop.subject.toLowerCase()}` : "No rate is chosen that can be taken.";
}
