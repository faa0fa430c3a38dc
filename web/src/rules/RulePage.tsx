import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { asProblem } from "../api/problem";
import { Labeled } from "../ui/Labeled";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { Nowhere, ProblemLine, Trouble, Waiting } from "../ui/states";
import { useSettled } from "../ui/useSettled";
import { useTitle } from "../ui/useTitle";
import { ActsEditor } from "./ActsEditor";
import { ConditionEditor } from "./ConditionEditor";
import { grouped, NEW_RULE, type RuleDocument } from "./ruleData";
import { Trial } from "./Trial";
import { useRules } from "./useRules";

type RuleList = Schemas["rule.RuleList"];

/** One house rule: when it acts, what it does, how it reads, and what it would have done. */
export function RulePage() {
  useTitle("House rule");
  const id = useParams().id ?? "";
  const rules = useRules();
  if (rules.isPending) {
    return <Waiting what="The rule" />;
  }
  if (rules.isLoadingError) {
    return <Trouble error={rules.error} again={() => void rules.refetch()} />;
  }
  const row = rules.data.rows.find((each) => String(each.id) === id);
  if (!row && id !== "new") {
    return <Nowhere />;
  }
  return <Editor key={id} id={row?.id ?? 0} first={row?.rule ?? NEW_RULE} rules={rules.data} />;
}

function Editor({ id, first, rules }: { id: number; first: RuleDocument; rules: RuleList }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  // what was looked at when the change was begun, whatever others do meanwhile
  const [version] = useState(rules.version);
  const [rule, setRule] = useState({ ...first, when: grouped(first.when) });
  const change = (part: Partial<RuleDocument>) => setRule((before) => ({ ...before, ...part }));
  const done = async (list: RuleList) => {
    queries.setQueryData(["house-rules"], list);
    await navigate("/rules");
  };
  const save = useMutation({
    mutationFn: () =>
      answer(
        id === 0
          ? api.POST("/api/v1/house-rules", { body: { version, rule } })
          : api.PUT("/api/v1/house-rules/{id}", { params: { path: { id } }, body: { version, rule } }),
      ),
    onSuccess: done,
  });
  const remove = useMutation({
    mutationFn: () =>
      answer(api.DELETE("/api/v1/house-rules/{id}", { params: { path: { id }, query: { version } } })),
    onSuccess: done,
  });
  const { mutate } = save;
  useKeys(useMemo(() => [{ key: "F10", label: "Save the rule", run: () => mutate() }], [mutate]));
  return (
    <div className="px-5 py-3">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <h1>{id === 0 ? "A new rule" : first.name}</h1>
        <span className="ml-auto flex gap-2">
          <button
            type="button"
            className="act bg-primary text-primary-content"
            disabled={save.isPending}
            onClick={() => mutate()}
          >
            Save <Key name="F10" />
          </button>
          {id !== 0 && (
            <button type="button" className="act" disabled={remove.isPending} onClick={() => remove.mutate()}>
              Remove the rule
            </button>
          )}
          <Link to="/rules" className="act">
            Back without saving
          </Link>
        </span>
      </div>
      {save.isError && <ProblemLine error={save.error} />}
      {remove.isError && <ProblemLine error={remove.error} />}
      <ReadBack rule={rule} />
      <div className="mt-3 grid gap-x-8 gap-y-4 min-[1000px]:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <section aria-label="When it acts" className="space-y-2">
          <div className="flex flex-wrap items-end gap-3">
            <Labeled text="Name">
              <input
                // the first thing to be typed on this page
                autoFocus={id === 0}
                className="entry w-64"
                maxLength={80}
                value={rule.name}
                onChange={(event) => change({ name: event.target.value })}
              />
            </Labeled>
            <Labeled text="Counts from, empty for always">
              <input
                type="date"
                className="entry font-mono"
                value={rule.validFrom ?? ""}
                onChange={(event) => change({ validFrom: event.target.value || undefined })}
              />
            </Labeled>
          </div>
          <h2>When</h2>
          <ConditionEditor condition={rule.when} facts={rules.facts} change={(when) => change({ when })} />
        </section>
        <section aria-label="What it does" className="space-y-2">
          <h2>It does</h2>
          <ActsEditor acts={rule.acts} kinds={rules.acts} change={(acts) => change({ acts })} />
          <label className="flex items-center gap-2 pt-2">
            <input
              type="checkbox"
              checked={rule.last}
              onChange={(event) => change({ last: event.target.checked })}
            />
            Where it acts, no later rule is looked at
          </label>
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              checked={rule.enabled}
              onChange={(event) => change({ enabled: event.target.checked })}
            />
            Switched on
          </label>
        </section>
      </div>
      <div className="mt-4 border-t-2 border-base-content pt-2">
        <Trial id={id} rule={rule} />
      </div>
    </div>
  );
}

/** The rule in plain words while it is made, or what it lacks yet. */
function ReadBack({ rule }: { rule: RuleDocument }) {
  const settled = useSettled(rule);
  const sentence = useQuery({
    queryKey: ["rule-sentence", settled],
    queryFn: () => answer(api.POST("/api/v1/house-rules/sentence", { body: settled })),
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 0,
  });
  return (
    <div className="mt-2 min-h-12 border-l-4 border-base-300 pl-3" role="status" aria-label="How it reads">
      {sentence.isError ? <Lacks error={sentence.error} /> : (sentence.data?.sentence ?? "")}
    </div>
  );
}

/** Nothing to be alarmed at: it is not ready yet. */
function Lacks({ error }: { error: unknown }) {
  const { thing, detail, remedy } = asProblem(error);
  return (
    <span className="quiet">
      Not ready yet. {thing}: {detail} <em>{remedy}</em>
    </span>
  );
}
