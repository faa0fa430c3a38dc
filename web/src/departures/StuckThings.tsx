import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { useMay } from "../signin/who";
import { ProblemLine } from "../ui/states";

/** A line for each thing that does not go on by itself, or not yet. */
export function StuckThings({ things }: { things: Schemas["departure.StuckView"][] }) {
  const queries = useQueryClient();
  const mayAsk = useMay()("PACK_AND_SHIP");
  const ask = useMutation({
    mutationFn: (id: number) =>
      answer(api.POST("/api/v1/shipments/{id}/carrier-question", { params: { path: { id } } })),
    onSettled: () => queries.invalidateQueries(),
  });
  return (
    <>
      {ask.isError && <ProblemLine error={ask.error} />}
      {things.map((thing) => (
        <p
          key={thing.thing}
          className="flex items-baseline gap-3 border-b border-base-300 px-3 py-1"
          data-stuck={thing.thing}
        >
          <strong className="text-warning">Stuck</strong>
          <span>
            <Link to={thing.address} className="underline">
              {thing.thing}
            </Link>
            : {thing.reason} <em>{thing.remedy}</em>
          </span>
          {thing.askAbout !== undefined && mayAsk && (
            <button
              type="button"
              className="act ml-auto whitespace-nowrap"
              disabled={ask.isPending}
              onClick={() => thing.askAbout && ask.mutate(thing.askAbout)}
            >
              {ask.isPending && ask.variables === thing.askAbout ? "Asking …" : "Ask now"}
            </button>
          )}
        </p>
      ))}
    </>
  );
}
