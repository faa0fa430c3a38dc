import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { useMay } from "../signin/who";
import { Labeled } from "../ui/Labeled";
import { ProblemLine } from "../ui/states";
import { ConditionEditor } from "./ConditionEditor";
import type { StatusRule, StatusRuleList, Tried } from "./statusRuleData";
import { useRules } from "./useRules";

interface Props {
  list: StatusRuleList;
  first: StatusRule;
  busy: boolean;
  keep: (rule: StatusRule) => void;
  /** Nothing for one that was not kept yet. */
  remove: (() => void) | undefined;
}

/** One rule on an event; it counts only as it was tried. */
export function StatusRuleForm({ list, first, busy, keep, remove }: Props) {
  const may = useMay();
  const facts = useRules().data?.facts ?? [];
  const [rule, setRule] = useState(first);
  // What was tried before says nothing of what is written now.
  const change = (part: Partial<StatusRule>) =>
    setRule({ ...rule, ...part, triedOn: undefined, enabled: false });
  return (
    <form
      aria-label={rule.name || "A new rule on an event"}
      onSubmit={(event) => {
        event.preventDefault();
        keep(rule);
      }}
    >
      <fieldset disabled={!may("KEEP_RULES")} className="space-y-4">
        <div className="flex flex-wrap items-end gap-4">
          <Labeled text="Name">
            <input
              className="entry w-64"
              maxLength={80}
              value={rule.name}
              onChange={(event) => change({ name: event.target.value })}
            />
          </Labeled>
          <Labeled text="When a job’s state is">
            <select
              className="entry"
              value={rule.moment}
              onChange={(event) => change({ moment: event.target.value as StatusRule["moment"] })}
            >
              {list.moments.map((each) => (
                <option key={each.value} value={each.value}>
                  {each.words}
                </option>
              ))}
            </select>
          </Labeled>
        </div>
        <section aria-label="Which jobs">
          <h2>Of jobs for which</h2>
          <ConditionEditor
            condition={rule.condition}
            facts={facts}
            change={(condition) => change({ condition })}
          />
        </section>
        <div className="grid gap-4 sm:grid-cols-2">
          <Labeled text="Its status is then (nothing: as before)">
            <input
              className="entry"
              maxLength={60}
              placeholder="With the driver"
              value={rule.status}
              onChange={(event) => change({ status: event.target.value })}
            />
          </Labeled>
          <Labeled text="A note to colleagues (nothing: none)">
            <input
              className="entry figure"
              maxLength={500}
              placeholder="Went by {service}, {tracking}"
              value={rule.note}
              onChange={(event) => change({ note: event.target.value })}
            />
          </Labeled>
        </div>
        <p className="quiet">
          Other systems can be told it: <span className="figure">{"{job status}"}</span> on Write-backs. A
          note may ask for {list.facts.map((each) => each.word).join(", ")}.
        </p>
        <TryOn rule={rule} tried={(job) => setRule({ ...rule, triedOn: job })} />
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={rule.enabled}
            disabled={rule.triedOn === undefined}
            onChange={(event) => setRule({ ...rule, enabled: event.target.checked })}
          />
          It counts
          {rule.triedOn === undefined && (
            <span className="quiet">once it was tried on a job as it is written</span>
          )}
        </label>
        {may("KEEP_RULES") ? (
          <div className="flex items-center gap-4">
            <button type="submit" className="act" disabled={busy || !rule.name.trim()}>
              {busy ? "Keeping …" : "Keep it"}
            </button>
            {remove && (
              <button type="button" className="link" onClick={remove}>
                Remove it
              </button>
            )}
          </div>
        ) : (
          <p className="quiet">Who keeps the rules changes it.</p>
        )}
      </fieldset>
    </form>
  );
}

/** What the rule would do to a job, past or present; nothing is done. */
function TryOn({ rule, tried }: { rule: StatusRule; tried: (job: string) => void }) {
  const [job, setJob] = useState(rule.triedOn ?? "");
  const look = useMutation({
    mutationFn: () => answer(api.POST("/api/v1/status-rules/trials", { body: { job: job.trim(), rule } })),
    onSuccess: () => tried(job.trim()),
  });
  return (
    <section aria-label="Tried on a job" className="space-y-1">
      <div className="flex items-end gap-3">
        <Labeled text="Job to try it on">
          <input
            className="entry figure w-40"
            maxLength={120}
            value={job}
            onChange={(event) => setJob(event.target.value)}
          />
        </Labeled>
        <button
          type="button"
          className="act"
          disabled={look.isPending || !job.trim() || !rule.name.trim()}
          onClick={() => look.mutate()}
        >
          Try it
        </button>
      </div>
      {look.isError && <ProblemLine error={look.error} />}
      {look.isSuccess && <Outcome tried={look.data} job={job.trim()} />}
    </section>
  );
}

function Outcome({ tried, job }: { tried: Tried; job: string }) {
  if (!tried.holds) {
    return (
      <p role="status">
        Job <span className="figure">{job}</span> is none of those: it would stay as it is.
      </p>
    );
  }
  return (
    <p role="status">
      {tried.why && <>{tried.why}. </>}Job <span className="figure">{job}</span> would be{" "}
      <strong>{tried.status || "without a status"}</strong>
      {tried.before !== tried.status && <> instead of {tried.before || "nothing"}</>}
      {tried.note && (
        <>
          {" "}
          and get the note “<span className="figure">{tried.note}</span>”
        </>
      )}
      .
    </p>
  );
}
