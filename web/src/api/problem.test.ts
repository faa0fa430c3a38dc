import { describe, expect, it } from "vitest";
import { asProblem, isProblem } from "./problem";

const refusal = { thing: "Scale", detail: "The scale still moves.", remedy: "Let it rest.", status: 502 };

describe("problems", () => {
  it("are known by thing, reason and remedy", () => {
    expect(isProblem(refusal)).toBe(true);
    expect(isProblem({ detail: "x" })).toBe(false);
    expect(isProblem(null)).toBe(false);
    expect(isProblem("no")).toBe(false);
  });

  it("pass through as they are, and silence becomes one", () => {
    expect(asProblem(refusal)).toBe(refusal);
    expect(asProblem(new TypeError("Failed to fetch")).detail).toBe("It does not answer.");
  });
});
