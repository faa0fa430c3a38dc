import { useCallback, useMemo } from "react";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { Checks } from "./Checks";
import { MoneySentence } from "./MoneySentence";
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
      carryOut(acts.ship({ service: chosen.service, total: chosen.total }));
    }
  }, [mayShip, chosen, carryOut]);
  const mayAct = bench.mayAct;
  useKeys(useMemo(() => (mayAct ? [{ key: "F10", label: "Ship", run: ship }] : []), [mayAct, ship]));

  return (
    <div className="border-t-2 border-base-content px-5 py-2">
      {bench.refusedBefore && (
        <p role="status" className="border-l-4 border-warning pl-3">
          <strong className="text-warning">The carrier refused it.</strong> {bench.refusedBefore} Change that,
          then ship again.
        </p>
      )}
      <Checks bench={bench} act={act} edit={edit} />
      <div className="mt-2 flex items-center justify-between gap-6">
        <MoneySentence bench={bench} />
        {bench.mayAct && (
          <button
            type="button"
            className="btn btn-primary btn-lg gap-3 px-8 text-xl disabled:bg-base-300 disabled:text-base-content"
            disabled={!mayShip}
            onClick={ship}
          >
            {act.isPending ? "One moment …" : "Ship"} <Key name="F10" />
          </button>
        )}
      </div>
    </div>
  );
}
