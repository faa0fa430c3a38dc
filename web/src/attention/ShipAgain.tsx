import { Link } from "react-router";
import { acts, useAct, useBench, type BenchData } from "../bench/useBench";
import { useMay } from "../signin/who";
import { benchOf } from "../ui/JobLink";
import { ProblemLine } from "../ui/states";

/** What the carrier refused is shipped again from here, by what it would go by now and for what that costs now. */
export function ShipAgain({ job, field, done }: { job: string; field: string; done: () => void }) {
  const bench = useBench(job);
  const may = useMay();
  return bench.data?.mayShip && may("PACK_AND_SHIP") ? (
    <Again bench={bench.data} field={field} done={done} />
  ) : (
    <Link className="underline" data-field={field} to={benchOf(job)}>
      Ship it again on the Bench
    </Link>
  );
}

function Again({ bench, field, done }: { bench: BenchData; field: string; done: () => void }) {
  const act = useAct(bench);
  const offer = bench.offers.find((each) => each.chosen);
  if (!offer?.total) {
    return null;
  }
  const { service, name, total } = offer;
  return (
    <span className="flex flex-wrap items-center gap-2">
      <button
        type="button"
        className="act"
        data-field={field}
        aria-label={`Ship job ${bench.job} again`}
        disabled={act.isPending}
        onClick={() => act.mutate(acts.ship({ service, total: total.amount }), { onSuccess: done })}
      >
        Ship it again
      </button>
      <span className="quiet text-sm">
        {name},{" "}
        <span className="figure">
          {total.amount} {total.currency}
        </span>
      </span>
      {act.isError && <ProblemLine error={act.error} />}
    </span>
  );
}
