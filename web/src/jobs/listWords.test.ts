import { describe, expect, it } from "vitest";
import { askedOf, keptAddress, sortedBy, without, withWord, wordsOf } from "./listWords";

const address = (text: string) => new URLSearchParams(text);

describe("the words of a job list", () => {
  it("are said in the shop's words, and in their order", () => {
    expect(
      wordsOf(
        address("text=seal kit&status=READY&promised=..2026-12-04&field.Crew=B&sort=-weight&columns=number"),
      ).map((each) => each.said),
    ).toEqual(["with “seal kit”", "Status: ready", "Promised: up to 2026-12-04", "Crew: B"]);
  });

  it("are taken out one by one", () => {
    const filter = address("customer=A&customer=B&sort=city");
    const [first] = wordsOf(filter);
    expect(first && without(filter, first).toString()).toBe("customer=B&sort=city");
  });

  it("are one of a kind where there can be only one, else any of several", () => {
    expect(withWord(address("promised=today"), "promised", "tomorrow").toString()).toBe("promised=tomorrow");
    expect(withWord(address("customer=A"), "customer", "B").getAll("customer")).toEqual(["A", "B"]);
    expect(withWord(address("customer=A"), "customer", "A").getAll("customer")).toEqual(["A"]);
  });

  it("are asked of the server as often as they are there, without what is only shown", () => {
    expect(askedOf(address("status=READY&status=ON_BENCH&report=7&columns=number&sort=city"))).toEqual({
      status: ["READY", "ON_BENCH"],
      sort: ["city"],
    });
    expect(keptAddress(address("report=7&columns=number&sort=city"))).toBe("columns=number&sort=city");
  });

  it("are sorted by a column, and by the same from its end", () => {
    const once = sortedBy(address("status=READY"), "city");
    expect(once.get("sort")).toBe("city");
    expect(sortedBy(once, "city").get("sort")).toBe("-city");
    expect(sortedBy(sortedBy(once, "city"), "weight").get("sort")).toBe("weight");
  });
});
