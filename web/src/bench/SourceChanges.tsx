import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { useMay } from "../signin/who";
import { ProblemLine } from "../ui/states";

type Changes = Schemas["source.ChangesView"];

/** What changed at the source of a job since it came in, beside what stands here. */
export function SourceChanges({ job }: { job: string }) {
  const changes = useQuery({
    queryKey: ["changes", job],
    queryFn: () => answer(api.GET("/api/v1/work-orders/one/changes", { params: { query: { job } } })),
  });
  const found = changes.data?.changes;
  return found && (found.differences.length > 0 || found.cancelled) ? (
    <Difference key={found.record} job={job} changes={found} />
  ) : null;
}

function Difference({ job, changes }: { job: string; changes: Changes }) {
  const queries = useQueryClient();
  const may = useMay();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(
    new Set(changes.differences.map((each) => each.key)),
  );
  const takeOver = useMutation({
    mutationFn: (keys: string[]) =>
      answer(
        api.POST("/api/v1/work-orders/one/changes", {
          params: { query: { job } },
          body: { record: changes.record, keys },
        }),
      ),
    onSettled: () => queries.invalidateQueries(),
  });
  const toggle = (key: string) =>
    setChosen((before) => {
      const next = new Set(before);
      if (!next.delete(key)) {
        next.add(key);
      }
      return next;
    });
  const acts = may("BRING_IN");
  return (
    <section aria-label="Changed at the source" className="mx-5 mb-1 border-l-4 border-warning py-1 pl-3">
      <p>
        <strong className="text-warning">
          {changes.cancelled
            ? `Cancelled at ${changes.source}:`
            : `Changed at ${changes.source} since it came in.`}
        </strong>{" "}
        {changes.cancelled}
        {changes.shipped && " Something of it has left; ours stays."}
      </p>
      {changes.differences.length > 0 && (
        <table className="timetable compact mt-1">
          <thead>
            <tr>
              <th>
                <span className="sr-only">Taken over</span>
              </th>
              <th>Field</th>
              <th>Here</th>
              <th>There now</th>
              <th>There before</th>
            </tr>
          </thead>
          <tbody>
            {changes.differences.map((each) => (
              <tr key={each.key}>
                <td>
                  {acts && !changes.shipped && (
                    <input
                      type="checkbox"
                      aria-label={`Take over ${each.label}`}
                      checked={chosen.has(each.key)}
                      onChange={() => toggle(each.key)}
                    />
                  )}
                </td>
                <td>{each.label}</td>
                <td>{each.ours || <span className="quiet">nothing</span>}</td>
                <td className="font-bold">{each.now || <span className="quiet">nothing</span>}</td>
                <td className="quiet">{each.before || "nothing"}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {takeOver.isError && <ProblemLine error={takeOver.error} />}
      {acts && changes.differences.length > 0 && (
        <p className="flex gap-2 pt-1">
          {!changes.shipped && (
            <button
              type="button"
              className="act"
              disabled={takeOver.isPending || chosen.size === 0}
              onClick={() => takeOver.mutate([...chosen])}
            >
              {chosen.size === changes.differences.length ? "Take all over" : `Take ${chosen.size} over`}
            </button>
          )}
          <button
            type="button"
            className="act"
            disabled={takeOver.isPending}
            onClick={() => takeOver.mutate([])}
          >
            Keep ours
          </button>
        </p>
      )}
    </section>
  );
}
