import { useState } from "react";
import { ConditionEditor } from "../rules/ConditionEditor";
import { useRules } from "../rules/useRules";
import { useMay } from "../signin/who";
import { Labeled } from "../ui/Labeled";
import { EmailPreview } from "./EmailPreview";
import type { EmailRule, EmailRuleList } from "./emailData";

interface Props {
  list: EmailRuleList;
  first: EmailRule;
  busy: boolean;
  keep: (rule: EmailRule) => void;
  /** Nothing for one that was not kept yet. */
  remove: (() => void) | undefined;
}

/** One email beside what it would look like; it is sent only as it was looked at. */
export function EmailForm({ list, first, busy, keep, remove }: Props) {
  const may = useMay();
  const facts = useRules().data?.facts ?? [];
  const [rule, setRule] = useState(first);
  // What was looked at before says nothing of what is written now.
  const change = (part: Partial<EmailRule>) =>
    setRule({ ...rule, ...part, triedOn: undefined, enabled: false });
  return (
    <div className="grid gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.05fr)]">
      <form
        aria-label={rule.name || "A new email"}
        onSubmit={(event) => {
          event.preventDefault();
          keep(rule);
        }}
      >
        <fieldset disabled={!may("KEEP_RULES")} className="space-y-3">
          <div className="flex flex-wrap items-end gap-4">
            <Labeled text="Name">
              <input
                className="entry w-56"
                maxLength={80}
                value={rule.name}
                onChange={(event) => change({ name: event.target.value })}
              />
            </Labeled>
            <Labeled text="Written at">
              <select
                className="entry"
                value={rule.moment}
                onChange={(event) => change({ moment: event.target.value as EmailRule["moment"] })}
              >
                {list.moments.map((each) => (
                  <option key={each.value} value={each.value}>
                    {each.words}
                  </option>
                ))}
              </select>
            </Labeled>
          </div>
          <Receivers rule={rule} change={change} />
          <Labeled text="Subject">
            <input
              className="entry w-full"
              maxLength={4000}
              value={rule.subject}
              onChange={(event) => change({ subject: event.target.value })}
            />
          </Labeled>
          <Labeled text="What it says">
            <textarea
              className="entry w-full"
              rows={9}
              maxLength={8000}
              value={rule.body}
              onChange={(event) => change({ body: event.target.value })}
            />
          </Labeled>
          <p className="quiet text-sm">
            An empty line begins a paragraph, “- ” a line of a list, **this is bold**. It may ask for{" "}
            {list.facts.map((each) => each.value).join(", ")}.
          </p>
          <Attached list={list} rule={rule} change={change} />
          <details>
            <summary className="cursor-pointer font-bold">Only of jobs for which …</summary>
            <ConditionEditor
              condition={rule.condition}
              facts={facts}
              change={(condition) => change({ condition })}
            />
          </details>
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              checked={rule.enabled}
              disabled={rule.triedOn === undefined}
              onChange={(event) => setRule({ ...rule, enabled: event.target.checked })}
            />
            It is sent
            {rule.triedOn === undefined && (
              <span className="quiet">once it was looked at on a job as it is written</span>
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
      {may("KEEP_RULES") && <EmailPreview rule={rule} looked={(job) => setRule({ ...rule, triedOn: job })} />}
    </div>
  );
}

interface PartProps {
  rule: EmailRule;
  change: (part: Partial<EmailRule>) => void;
}

function Receivers({ rule, change }: PartProps) {
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
      <label className="flex items-center gap-1.5 pb-1.5">
        <input
          type="checkbox"
          checked={rule.toJob}
          onChange={(event) => change({ toJob: event.target.checked })}
        />
        to the job’s e-mail
      </label>
      <Labeled text="to what its own field holds">
        <input
          className="entry w-32"
          maxLength={40}
          placeholder="Sales"
          value={rule.toField}
          onChange={(event) => change({ toField: event.target.value })}
        />
      </Labeled>
      <Labeled text="and to">
        <input
          className="entry w-56"
          maxLength={4000}
          placeholder="desk@shop.example"
          value={rule.toFixed}
          onChange={(event) => change({ toFixed: event.target.value })}
        />
      </Labeled>
      <label className="flex items-center gap-1.5 pb-1.5">
        <input
          type="checkbox"
          checked={rule.colleagues}
          onChange={(event) => change({ colleagues: event.target.checked })}
        />
        a note to colleagues
      </label>
    </div>
  );
}

function Attached({ list, rule, change }: PartProps & { list: EmailRuleList }) {
  const toggled = <T,>(all: T[], one: T) =>
    all.includes(one) ? all.filter((each) => each !== one) : [...all, one];
  return (
    <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
      <legend className="text-sm">Attached</legend>
      {list.papers.map((each) => (
        <label key={each.value} className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={(rule.papers as string[]).includes(each.value)}
            onChange={() =>
              change({ papers: toggled(rule.papers as string[], each.value) as EmailRule["papers"] })
            }
          />
          {each.words}
        </label>
      ))}
      {list.files.map((each) => (
        <label key={each.id} className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={rule.files.includes(each.id)}
            onChange={() => change({ files: toggled(rule.files, each.id) })}
          />
          {each.name}
        </label>
      ))}
    </fieldset>
  );
}
