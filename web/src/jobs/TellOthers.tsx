import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { Labeled } from "../ui/Labeled";
import { ProblemLine, Waiting } from "../ui/states";
import { useWriteBacks } from "../writebacks/writeBackData";

/** As many as are asked for in one go. */
const AT_ONCE = 200;

/** Has the chosen jobs written into another system as they are now, with a result for each. */
export function TellOthers({ jobs }: { jobs: string[] }) {
  const all = useWriteBacks();
  const [chosen, setChosen] = useState("");
  const code = chosen || (all.data?.targets[0]?.code ?? "");
  const tell = useMutation({
    mutationFn: async () => {
      const rows = [];
      for (let at = 0; at < jobs.length; at += AT_ONCE) {
        const part = await answer(
          api.POST("/api/v1/write-backs/{code}/jobs", {
            params: { path: { code } },
            body: { jobs: jobs.slice(at, at + AT_ONCE) },
          }),
        );
        rows.push(...part.rows);
      }
      return rows;
    },
  });
  if (all.isPending) {
    return <Waiting what="The systems" />;
  }
  if (all.isLoadingError) {
    return <ProblemLine error={all.error} />;
  }
  if (all.data.targets.length === 0) {
    return <p className="mt-2">No system is told of jobs yet. One is connected under Write-backs.</p>;
  }
  const left = tell.data?.filter((each) => !each.made) ?? [];
  return (
    <div className="mt-2 space-y-2">
      <div className="flex flex-wrap items-end gap-3">
        <Labeled text="As they are now, into">
          <select className="entry" value={code} onChange={(event) => setChosen(event.target.value)}>
            {all.data.targets.map((each) => (
              <option key={each.code} value={each.code}>
                {each.name}
              </option>
            ))}
          </select>
        </Labeled>
        <button type="button" className="act" disabled={tell.isPending} onClick={() => tell.mutate()}>
          {tell.isPending ? "Writing …" : "Write them back"}
        </button>
      </div>
      {tell.isError && <ProblemLine error={tell.error} />}
      {tell.isSuccess && (
        <p role="status">
          {tell.data.length - left.length} being written; see Postings.
          {left.length > 0 && ` ${left.length} not:`}
        </p>
      )}
      {left.length > 0 && (
        <ul>
          {left.map((each) => (
            <li key={each.job}>
              <span className="figure font-bold">{each.job}</span> {each.said}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
