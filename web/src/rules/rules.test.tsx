import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { useState } from "react";
import { afterEach, describe, expect, it } from "vitest";
import { ActsEditor } from "./ActsEditor";
import { ConditionEditor } from "./ConditionEditor";
import {
  type Act,
  type ActView,
  askingFor,
  type Condition,
  type FactView,
  grouped,
  replaced,
} from "./ruleData";
import { moved } from "../ui/moved";

const FACTS: FactView[] = [
  { fact: "CUSTOMER", label: "customer", form: "TEXT", ofLine: false, custom: false, choices: [] },
  {
    fact: "WEIGHT",
    label: "weight of all pieces",
    form: "WEIGHT",
    ofLine: false,
    custom: false,
    choices: [],
  },
  { fact: "NO_PRICES", label: "no prices on papers", form: "YES", ofLine: false, custom: false, choices: [] },
  { fact: "CUSTOM", label: "custom field", form: "TEXT", ofLine: false, custom: true, choices: [] },
  { fact: "ITEM", label: "item", form: "TEXT", ofLine: true, custom: false, choices: [] },
];

const ACTS: ActView[] = [
  {
    kind: "SERVICE",
    label: "service",
    overrules: true,
    needsValue: true,
    choices: ["Plover Ground", "Dunlin"],
  },
  { kind: "HOLD", label: "hold", overrules: false, needsValue: true, choices: [] },
  {
    kind: "DEMAND_PHONE",
    label: "a phone number is demanded",
    overrules: false,
    needsValue: false,
    choices: [],
  },
];

function fact(name: string): FactView {
  const found = FACTS.find((each) => each.fact === name);
  if (!found) {
    throw new Error(name);
  }
  return found;
}

afterEach(cleanup);

describe("a test of another fact", () => {
  it("keeps what still means something, and drops the rest", () => {
    const before: Condition = { kind: "FACT", fact: "CUSTOMER", test: "STARTS_WITH", texts: ["Acme"] };
    expect(askingFor(fact("ITEM"), before)).toEqual({ ...before, fact: "ITEM" });
    expect(askingFor(fact("WEIGHT"), before)).toEqual({
      kind: "FACT",
      fact: "WEIGHT",
      test: "BETWEEN",
      from: "",
      until: "",
    });
    expect(askingFor(fact("NO_PRICES"), before)).toEqual({ kind: "FACT", fact: "NO_PRICES", test: "KNOWN" });
    expect(askingFor(fact("CUSTOM"), before).name).toBe("");
  });

  it("moves and replaces within a list, never outside it", () => {
    expect(moved([1, 2, 3], 0, 1)).toEqual([2, 1, 3]);
    expect(moved([1, 2, 3], 2, 1)).toEqual([1, 2, 3]);
    expect(replaced([1, 2, 3], 1, undefined)).toEqual([1, 3]);
  });
});

function Editor() {
  const [condition, setCondition] = useState<Condition>(
    grouped({ kind: "FACT", fact: "CUSTOMER", test: "ONE_OF", texts: [] }),
  );
  return (
    <>
      <ConditionEditor condition={condition} facts={FACTS} change={setCondition} />
      <output>{JSON.stringify(condition)}</output>
    </>
  );
}

const said = () => JSON.parse(screen.getByRole("status").textContent ?? "") as Condition;

describe("the editor of a condition", () => {
  it("takes texts one by one, by Enter and by leaving the field, and gives them back", () => {
    render(<Editor />);
    const field = screen.getByLabelText("customer, one more");
    fireEvent.change(field, { target: { value: " Acme, Inc " } });
    fireEvent.keyDown(field, { key: "Enter" });
    fireEvent.change(field, { target: { value: "Bolt" } });
    fireEvent.blur(field);
    expect(said().parts?.[0]?.texts).toEqual(["Acme, Inc", "Bolt"]);
    fireEvent.click(screen.getByLabelText("Take Acme, Inc away"));
    expect(said().parts?.[0]?.texts).toEqual(["Bolt"]);
  });

  it("puts groups into groups and takes them away", () => {
    render(<Editor />);
    fireEvent.click(screen.getByText("Add a group"));
    expect(said().parts?.[1]).toMatchObject({ kind: "ANY", parts: [{}, {}] });
    fireEvent.click(screen.getByText("Take the group away"));
    fireEvent.click(screen.getByLabelText("Take away: customer"));
    expect(said()).toEqual({ kind: "ALL", parts: [] });
    expect(screen.getByText(/acts on every job/)).toBeTruthy();
  });
});

function Acts() {
  const [acts, setActs] = useState<Act[]>([]);
  return (
    <>
      <ActsEditor acts={acts} kinds={ACTS} change={setActs} />
      <output>{JSON.stringify(acts)}</output>
    </>
  );
}

describe("what a rule does", () => {
  it("is added with what its kind needs and nothing else", () => {
    render(<Acts />);
    const more = screen.getByLabelText("What more it does");
    fireEvent.change(more, { target: { value: "SERVICE" } });
    fireEvent.keyDown(more, { key: "Enter" });
    expect(document.activeElement).toBe(screen.getByLabelText("service"));
    fireEvent.change(more, { target: { value: "DEMAND_PHONE" } });
    fireEvent.click(screen.getByText("Add"));
    fireEvent.click(screen.getByText("whatever the record says"));
    expect(JSON.parse(screen.getByRole("status").textContent ?? "")).toEqual([
      { kind: "SERVICE", value: "Plover Ground", instead: true },
      { kind: "DEMAND_PHONE" },
    ]);
  });
});
