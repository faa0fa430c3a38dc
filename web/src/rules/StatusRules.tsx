import { useState } from "react";
import { useMay } from "../signin/who";
import { moved } from "../ui/moved";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { RuleTabs } from "./RuleTabs";
import { StatusRuleForm } from "./StatusRuleForm";
import {
  NEW_STATUS_RULE,
  type StatusRule,
  type StatusRuleList,
  useStatusRuleChange,
  useStatusRules,
} from "./statusRuleData";

/** What a job gets when something becomes of it. */
export function StatusRules() {
  useTitle("Rules on events");
  const rules = useStatusRules();
  if (rules.isPending) {
    return <Waiting what="The rules on events" />;
  }
  if (rules.isLoadingError) {
    return <Trouble error={rules.error} again={() => void rules.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <RuleTabs />
      <Both list={rules.data} />
    </div>
  );
}

function Both({ list }: { list: StatusRuleList }) {
  const may = useMay();
  const [chosen, setChosen] = useState<number | undefined>(list.rules.length > 0 ? 0 : undefined);
  const keep = useStatusRuleChange();
  const shown = chosen === undefined ? undefined : (list.rules[chosen] ?? NEW_STATUS_RULE);
  const save = (rules: StatusRule[]) => keep.mutate({ version: list.version, rules });
  return (
    <div className="mt-3 grid gap-x-10 gap-y-5 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)]">
      <div className="space-y-3">
        {list.rules.length === 0 ? (
          <Empty>
            “When this becomes of a job, it gets that.” A rule gives a job a status of your own, or writes a
            note to colleagues: when it was handed over, say, or its invoice is paid.
          </Empty>
        ) : (
          <RuleTable list={list} chosen={chosen} choose={setChosen} move={(rules) => save(rules)} />
        )}
        {may("KEEP_RULES") && (
          <button type="button" className="act" onClick={() => setChosen(list.rules.length)}>
            New rule on an event
          </button>
        )}
        {keep.isError && <ProblemLine error={keep.error} />}
        {keep.isSuccess && <p className="text-primary">✓ Kept.</p>}
      </div>
      {shown && chosen !== undefined && (
        <StatusRuleForm
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

interface TableProps {
  list: StatusRuleList;
  chosen: number | undefined;
  choose: (index: number) => void;
  move: (rules: StatusRule[]) => void;
}

function RuleTable({ list, chosen, choose, move }: TableProps) {
  const may = useMay();
  return (
    <table className="timetable compact">
      <thead>
        <tr>
          <th>Rule</th>
          <th>When</th>
          <th>The job gets</th>
          <th>
            <span className="sr-only">Order</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {list.rules.map((rule, index) => (
          <tr key={rule.name} className={index === chosen ? "at" : ""}>
            <td>
              <button
                type="button"
                className="link text-left font-bold"
                aria-pressed={index === chosen}
                onClick={() => choose(index)}
              >
                {rule.name}
              </button>
              {!rule.enabled && <span className="quiet block">does not count</span>}
            </td>
            <td>{list.moments.find((each) => each.value === rule.moment)?.words}</td>
            <td>
              {[rule.status && `status “${rule.status}”`, rule.note && "a note"].filter(Boolean).join(", ")}
            </td>
            <td>
              {index > 0 && may("KEEP_RULES") && (
                <button
                  type="button"
                  className="link"
                  aria-label={`${rule.name} earlier`}
                  onClick={() => move(moved(list.rules, index, -1))}
                >
                  ↑
                </button>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
