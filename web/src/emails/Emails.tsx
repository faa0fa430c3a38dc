import { useState } from "react";
import { useMay } from "../signin/who";
import { SectionTabs } from "../ui/SectionTabs";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { EmailForm } from "./EmailForm";
import { type EmailRule, type EmailRuleList, NEW_EMAIL, TABS, useEmails, useEmailsChange } from "./emailData";

/** Which mails are written when, and what they say. */
export function Emails() {
  useTitle("Emails");
  const emails = useEmails();
  if (emails.isPending) {
    return <Waiting what="The emails" />;
  }
  if (emails.isLoadingError) {
    return <Trouble error={emails.error} again={() => void emails.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <SectionTabs title="Emails" tabs={TABS} />
      <All list={emails.data} />
    </div>
  );
}

function All({ list }: { list: EmailRuleList }) {
  const may = useMay();
  const [chosen, setChosen] = useState<number | undefined>(list.rules.length > 0 ? 0 : undefined);
  const keep = useEmailsChange();
  const shown = chosen === undefined ? undefined : (list.rules[chosen] ?? NEW_EMAIL);
  const save = (rules: EmailRule[]) => keep.mutate({ version: list.version, rules });
  return (
    <div className="mt-3 space-y-3">
      {list.rules.length === 0 && (
        <Empty>
          No email is written. One is sent to the address on the job, or to others, when something becomes of
          a shipment: its label is bought, say, or it is delivered.
        </Empty>
      )}
      <div className="flex flex-wrap items-center gap-3">
        {list.rules.map((rule, index) => (
          <button
            key={rule.name}
            type="button"
            aria-pressed={index === chosen}
            className={
              "border px-3 py-1 text-left " +
              (index === chosen ? "border-primary bg-base-200" : "border-base-300")
            }
            onClick={() => setChosen(index)}
          >
            <strong>{rule.name}</strong>
            <span className="quiet block text-sm">
              {list.moments.find((each) => each.value === rule.moment)?.words}
              {rule.enabled ? ", sent" : ", not sent"}
            </span>
          </button>
        ))}
        {may("KEEP_RULES") && (
          <button type="button" className="act" onClick={() => setChosen(list.rules.length)}>
            New email
          </button>
        )}
        {keep.isSuccess && <p className="text-primary">✓ Kept.</p>}
      </div>
      {keep.isError && <ProblemLine error={keep.error} />}
      {shown && chosen !== undefined && (
        <EmailForm
          key={`${chosen} ${list.version}`}
          list={list}
          first={shown}
          busy={keep.isPending}
          keep={(rule) => {
            const rules = [...list.rules];
            rules.splice(chosen, 1, rule);
            save(rules);
          }}
          remove={
            chosen < list.rules.length
              ? () => save(list.rules.filter((_, index) => index !== chosen))
              : undefined
          }
        />
      )}
    </div>
  );
}
