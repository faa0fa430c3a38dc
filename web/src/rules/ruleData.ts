import type { Schemas } from "../api/client";

export type RuleDocument = Schemas["rule.RuleDocument"];
export type Condition = Schemas["rule.ConditionDocument"];
export type Act = Schemas["rule.ActDocument"];
export type FactView = Schemas["rule.FactView"];
export type ActView = Schemas["rule.ActView"];
export type TestName = NonNullable<Condition["test"]>;

export const NEW_TEST: Condition = { kind: "FACT", fact: "CUSTOMER", test: "ONE_OF", texts: [] };
export const NEW_RULE: RuleDocument = {
  name: "",
  when: { kind: "ALL", parts: [NEW_TEST] },
  acts: [],
  last: false,
  enabled: true,
};

const TESTS: Record<TestName, string> = {
  ONE_OF: "is one of",
  CONTAINS: "contains",
  STARTS_WITH: "begins with",
  BETWEEN: "is",
  KNOWN: "is known",
};

/** The ways in which a fact can be compared, the usual one first. */
export function testsOf(fact: FactView): { test: TestName; label: string }[] {
  const names: TestName[] =
    fact.form === "YES"
      ? ["KNOWN"]
      : ["COUNT", "WEIGHT", "MONEY"].includes(fact.form)
        ? ["BETWEEN", "KNOWN"]
        : fact.form === "TEXT"
          ? ["ONE_OF", "CONTAINS", "STARTS_WITH", "KNOWN"]
          : ["ONE_OF", "KNOWN"];
  return names.map((test) => ({
    test,
    label: fact.form === "YES" ? "is said" : TESTS[test],
  }));
}

/** A test of another fact: what was compared before may mean nothing for it. */
export function askingFor(fact: FactView, before: Condition): Condition {
  const tests = testsOf(fact).map((each) => each.test);
  const test = before.test && tests.includes(before.test) ? before.test : tests[0];
  return {
    kind: "FACT",
    fact: fact.fact,
    test,
    ...(fact.custom ? { name: before.name ?? "" } : {}),
    ...comparing(test, before),
  };
}

/** What a test compares with, as far as it was said before. */
export function comparing(test: TestName | undefined, before: Condition): Partial<Condition> {
  switch (test) {
    case "BETWEEN":
      return { from: before.from ?? "", until: before.until ?? "" };
    case "KNOWN":
    case undefined:
      return {};
    case "ONE_OF":
      return { texts: before.texts ?? [] };
    default:
      return { texts: (before.texts ?? []).slice(0, 1) };
  }
}

/** A condition with a group around it, to which more can be added. */
export function grouped(condition: Condition): Condition {
  return condition.kind === "FACT" ? { kind: "ALL", parts: [condition] } : condition;
}

/** A list with one of its places changed, or taken out. */
export function replaced<T>(all: T[], at: number, now: T | undefined): T[] {
  return all.flatMap((each, index) => (index === at ? (now === undefined ? [] : [now]) : [each]));
}
