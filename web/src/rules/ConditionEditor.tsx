import { askingFor, comparing, type Condition, type FactView, NEW_TEST, replaced, testsOf } from "./ruleData";
import { ValueList } from "./ValueList";

const GROUPS = [
  { kind: "ALL", label: "all of these hold" },
  { kind: "ANY", label: "one of these holds" },
  { kind: "NONE", label: "none of these holds" },
] as const;

interface Props {
  condition: Condition;
  facts: FactView[];
  change: (condition: Condition) => void;
  /** Left out for the outermost group, which stays. */
  remove?: () => void;
  depth?: number;
}

const DEEPEST = 4;

/** A condition: a group of others, or a test of one fact. */
export function ConditionEditor(props: Props) {
  return props.condition.kind === "FACT" ? <TestRow {...props} /> : <Group {...props} />;
}

function Group({ condition, facts, change, remove, depth = 0 }: Props) {
  const parts = condition.parts ?? [];
  const add = (part: Condition) => change({ ...condition, parts: [...parts, part] });
  return (
    <div role="group" aria-label="Conditions" className={depth > 0 ? "border-l-2 border-base-300 pl-3" : ""}>
      <div className="flex flex-wrap items-center gap-2">
        <select
          aria-label="How these conditions count together"
          className="entry w-48"
          value={condition.kind}
          onChange={(event) =>
            change({
              ...condition,
              kind: GROUPS.find((each) => each.kind === event.target.value)?.kind ?? "ALL",
            })
          }
        >
          {GROUPS.map((group) => (
            <option key={group.kind} value={group.kind}>
              {group.label}
            </option>
          ))}
        </select>
        {remove && (
          <button type="button" className="act" onClick={remove}>
            Take the group away
          </button>
        )}
      </div>
      {parts.length === 0 && depth === 0 && <p className="quiet py-1">No condition: it acts on every job.</p>}
      <div className="mt-1 space-y-1.5">
        {parts.map((part, index) => (
          <ConditionEditor
            key={index}
            condition={part}
            facts={facts}
            depth={depth + 1}
            change={(now) => change({ ...condition, parts: replaced(parts, index, now) })}
            remove={() => change({ ...condition, parts: replaced(parts, index, undefined) })}
          />
        ))}
      </div>
      <div className="mt-1.5 flex gap-2">
        <button type="button" className="act" onClick={() => add(NEW_TEST)}>
          Add a test
        </button>
        {depth < DEEPEST && (
          <button
            type="button"
            className="act"
            onClick={() => add({ kind: "ANY", parts: [NEW_TEST, NEW_TEST] })}
          >
            Add a group
          </button>
        )}
      </div>
    </div>
  );
}

function TestRow({ condition, facts, change, remove }: Props) {
  const fact = facts.find((each) => each.fact === condition.fact) ?? facts[0];
  if (!fact) {
    return null;
  }
  const tests = testsOf(fact);
  return (
    <div className="flex flex-wrap items-start gap-2">
      <select
        aria-label="What is looked at"
        className="entry w-52"
        value={fact.fact}
        onChange={(event) => {
          const other = facts.find((each) => each.fact === event.target.value);
          change(other ? askingFor(other, condition) : condition);
        }}
      >
        <optgroup label="Of the job">
          <Options facts={facts.filter((each) => !each.ofLine)} />
        </optgroup>
        <optgroup label="Of one of its lines">
          <Options facts={facts.filter((each) => each.ofLine)} />
        </optgroup>
      </select>
      {fact.custom && (
        <input
          aria-label="Name of the custom field"
          className="entry w-32"
          maxLength={40}
          value={condition.name ?? ""}
          onChange={(event) => change({ ...condition, name: event.target.value })}
        />
      )}
      <select
        aria-label="How it is compared"
        className="entry w-28"
        value={condition.test}
        onChange={(event) => {
          const test = tests.find((each) => each.test === event.target.value)?.test;
          change({ ...askingFor(fact, condition), test, ...comparing(test, condition) });
        }}
      >
        {tests.map((each) => (
          <option key={each.test} value={each.test}>
            {each.label}
          </option>
        ))}
      </select>
      <Compared condition={condition} fact={fact} change={change} />
      {remove && (
        <button type="button" className="act" aria-label={`Take away: ${fact.label}`} onClick={remove}>
          ×
        </button>
      )}
    </div>
  );
}

function Options({ facts }: { facts: FactView[] }) {
  return facts.map((each) => (
    <option key={each.fact} value={each.fact}>
      {each.label}
    </option>
  ));
}

const EXAMPLES: Partial<Record<FactView["form"], string>> = {
  WEIGHT: "150 lb",
  MONEY: "1250.00",
  COUNT: "12",
};

function Compared({ condition, fact, change }: Pick<Props, "condition" | "change"> & { fact: FactView }) {
  switch (condition.test) {
    case "BETWEEN":
      return (
        <span className="flex flex-wrap items-center gap-1.5">
          {(["from", "until"] as const).map((bound) => (
            <label key={bound} className="flex items-center gap-1.5">
              <span className="quiet">{bound === "from" ? "at least" : "at most"}</span>
              <input
                className="entry w-24 font-mono"
                maxLength={40}
                placeholder={EXAMPLES[fact.form]}
                aria-label={`${fact.label}, ${bound === "from" ? "at least" : "at most"}`}
                value={condition[bound] ?? ""}
                onChange={(event) => change({ ...condition, [bound]: event.target.value })}
              />
            </label>
          ))}
        </span>
      );
    case "ONE_OF":
      return (
        <ValueList
          label={fact.label}
          values={condition.texts ?? []}
          choices={fact.choices}
          change={(texts) => change({ ...condition, texts })}
        />
      );
    case "CONTAINS":
    case "STARTS_WITH":
      return (
        <input
          className="entry w-44"
          maxLength={120}
          aria-label={`${fact.label}, text`}
          value={condition.texts?.[0] ?? ""}
          onChange={(event) => change({ ...condition, texts: [event.target.value] })}
        />
      );
    default:
      return null;
  }
}
