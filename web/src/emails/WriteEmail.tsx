import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { OutcomesLine } from "../ui/outcomes";
import { ProblemLine } from "../ui/states";
import { useEmails } from "./emailData";

/** One of the shop's emails, written now about these jobs. */
export function WriteEmail({ jobs }: { jobs: string[] }) {
  const queries = useQueryClient();
  const emails = useEmails();
  const [chosen, setChosen] = useState<string>();
  const names = emails.data?.rules.map((each) => each.name) ?? [];
  const email = chosen ?? names[0] ?? "";
  const write = useMutation({
    mutationFn: () => answer(api.POST("/api/v1/emails/writing", { body: { jobs, email } })),
    onSettled: () => queries.invalidateQueries({ queryKey: ["job"] }),
  });
  if (names.length === 0) {
    return null;
  }
  return (
    <div className="mt-1 flex flex-wrap items-center gap-3">
      <label className="flex items-center gap-2">
        Email
        <select className="entry" value={email} onChange={(event) => setChosen(event.target.value)}>
          {names.map((each) => (
            <option key={each}>{each}</option>
          ))}
        </select>
      </label>
      <button type="button" className="act" disabled={write.isPending} onClick={() => write.mutate()}>
        Write it now
      </button>
      {write.isSuccess && <OutcomesLine outcomes={write.data} />}
      {write.isError && <ProblemLine error={write.error} />}
    </div>
  );
}
