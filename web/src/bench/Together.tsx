import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { answer, api } from "../api/client";
import { day } from "../ui/format";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { acts, type BenchData, type useAct } from "./useBench";

/** Jobs to the same place that could go along in one shipment, with what that saves; one key combines, one takes apart. */
export function Together({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  const offers = useQuery({
    queryKey: ["bench", "together", bench.job, bench.otherJobs],
    queryFn: () => answer(api.GET("/api/v1/shipments/together", { params: { query: { job: bench.job } } })),
    enabled: bench.mayAct,
    staleTime: 60_000,
  });
  const rows = bench.mayAct ? (offers.data?.offers ?? []) : [];
  const first = rows[0]?.job;
  const last = bench.otherJobs.at(-1);
  const { mutate } = act;
  useKeys(
    useMemo(
      () => [
        ...(first
          ? [
              {
                key: "Alt+g",
                label: `Combine with job ${first}`,
                group: "Shipment",
                run: () => mutate(acts.addJob(first)),
              },
            ]
          : []),
        ...(last && bench.mayAct
          ? [
              {
                key: "Alt+j",
                label: `Take job ${last} out again`,
                group: "Shipment",
                run: () => mutate(acts.takeOutJob(last)),
              },
            ]
          : []),
      ],
      [first, last, bench.mayAct, mutate],
    ),
  );
  return (
    <>
      {rows.length > 0 && (
        <ul aria-label="Could go together" className="mt-2">
          {rows.map((each) => (
            <li key={each.job} className="border-l-4 border-primary py-0.5 pl-3">
              <strong>Job {each.job}</strong> goes there too: together{" "}
              <span className="figure">{each.together.amount}</span> instead of{" "}
              <span className="figure">{each.alone.amount}</span> by {each.service}, saves{" "}
              <strong className="figure">
                {each.saves.amount} {each.saves.currency}
              </strong>
              .{" "}
              <button
                type="button"
                className="act"
                disabled={act.isPending}
                onClick={() => mutate(acts.addJob(each.job))}
              >
                Combine {each.job === first && <Key name="Alt+G" />}
              </button>
            </li>
          ))}
        </ul>
      )}
      <LaterDay bench={bench} act={act} />
    </>
  );
}

/** A later day that keeps the promise and costs less: one key takes it. */
function LaterDay({ bench, act }: { bench: BenchData; act: ReturnType<typeof useAct> }) {
  const later = useQuery({
    queryKey: ["bench", "later", bench.job, bench.otherJobs, bench.shipOn],
    queryFn: () =>
      answer(api.GET("/api/v1/shipments/later-offer", { params: { query: { job: bench.job } } })),
    enabled: bench.mayAct && bench.promiseDate !== undefined,
    staleTime: 60_000,
  });
  const offer = bench.mayAct ? later.data?.offer : undefined;
  const { mutate } = act;
  useKeys(
    useMemo(
      () =>
        offer
          ? [
              {
                key: "Alt+m",
                label: `Leave on ${day(offer.day)}`,
                group: "Shipment",
                run: () => mutate(acts.leaveLater(offer.day, offer.service)),
              },
            ]
          : [],
      [offer, mutate],
    ),
  );
  return offer ? (
    <p role="note" aria-label="A later day costs less" className="mt-2 border-l-4 border-primary py-0.5 pl-3">
      {offer.with && (
        <>
          <strong>Job {offer.with.job}</strong> goes there too and cannot go yet: {offer.with.reason} If it
          goes along,{" "}
        </>
      )}
      {offer.with ? "leaving" : "Leaving"} on <strong>{day(offer.day)}</strong> by {offer.name} is there on{" "}
      {day(offer.delivery)}, keeps the promise and costs <span className="figure">{offer.total.amount}</span>,
      saves{" "}
      <strong className="figure">
        {offer.saves.amount} {offer.saves.currency}
      </strong>
      .{" "}
      <button
        type="button"
        className="act"
        disabled={act.isPending}
        onClick={() => mutate(acts.leaveLater(offer.day, offer.service))}
      >
        Leave then <Key name="Alt+M" />
      </button>
    </p>
  ) : null;
}
