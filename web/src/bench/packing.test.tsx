import { renderToStaticMarkup } from "react-dom/server";
import { MemoryRouter } from "react-router";
import { describe, expect, it } from "vitest";
import { CombineAndHoldBack } from "./CombineAndHoldBack";
import { BenchFoot } from "./BenchFoot";
import { Contents } from "./Contents";
import { Offers } from "./Offers";
import { Packages } from "./Packages";
import { emptyBench, emptyPackage, idleAct } from "./samples";
import { words } from "../ui/words";
import { Options } from "./Options";
import type { BenchData } from "./useBench";

type Offer = BenchData["offers"][number];

function offer(service: string, more: Partial<Offer>): Offer {
  return {
    service,
    name: service,
    carrier: "PLOVER",
    allowed: true,
    lacksData: false,
    asked: false,
    cheapest: false,
    earliest: false,
    chosen: false,
    bar: 50,
    daysLate: 0,
    departure: "2026-12-01",
    delivery: "2026-12-03",
    lines: [],
    objections: [],
    packageSums: [],
    ...more,
  };
}

const ground = offer("Ground", {
  chosen: true,
  asked: true,
  total: "18.42",
  lines: [
    { packageNumber: 1, title: "Base rate", amount: "15.81", explanation: "Weight counts." },
    { title: "Fuel", amount: "2.61", explanation: "16.5 % of 15.81." },
  ],
  packageSums: [{ packageNumber: 1, amount: "15.81" }],
});
const late = offer("Saver", { total: "14.10", difference: "−4.32", cheapest: true, daysLate: 2 });
const lacking = offer("Two Day", {
  lacksData: true,
  allowed: false,
  objections: ["It needs a phone number."],
});
const refused = offer("Freight", {
  allowed: false,
  objections: [
    "It takes no cartons, and package 1 is one.",
    "It needs the name of a company in the ship-to.",
  ],
});
const refusedToo = offer("Light", { allowed: false, objections: ["Package 1 is too heavy."] });

const offered: BenchData = { ...emptyBench, offers: [ground, late, lacking, refused, refusedToo] };

describe("the offers", () => {
  const said = words(<Offers bench={offered} guessed={false} act={idleAct} />);

  it("say what is asked for, cheapest and late", () => {
    expect(said).toContain("Groundasked for");
    expect(said).toContain("Savercheapest");
    expect(said).toContain("2 days late");
  });

  it("tell what is lacking from what is not allowed", () => {
    expect(said).toContain("Not yet. It needs a phone number.");
    expect(said).toContain("FreightIt takes no cartons, and package 1 is one.1 more reason");
    expect(said).not.toContain("Not yet. It takes");
  });

  it("say “not allowed” once, above all that are", () => {
    expect(said.match(/Not allowed/g)).toHaveLength(1);
    expect(said.indexOf("Not allowed")).toBeLessThan(said.indexOf("Freight"));
  });

  it("say that prices are for a weight that is being typed", () => {
    const guessed = words(<Offers bench={offered} guessed act={idleAct} />);
    expect(guessed).toContain("for the weight being typed");
    expect(said).not.toContain("for the weight being typed");
  });

  it("open to their charge lines once shipped", () => {
    const shipped = words(
      <Offers bench={{ ...offered, state: "SHIPPED", mayAct: false }} guessed={false} act={idleAct} />,
    );
    expect(shipped).toContain("Base rateWeight counts.15.81");
    expect(shipped).toContain("Fuel16.5 % of 15.81.2.61");
    expect(shipped).toContain("Total18.42");
  });

  it("say why there are none", () => {
    expect(words(<Offers bench={emptyBench} guessed={false} act={idleAct} />)).toContain(
      "There are no offers",
    );
  });
});

const kits = { line: 7, item: "SK-2", description: "Seal kit", quantity: 6, lots: "lot L1 (6)" };
const packed: BenchData = {
  ...emptyBench,
  lines: [
    {
      id: 7,
      job: "2417",
      item: "SK-2",
      description: "Seal kit",
      quantity: 8,
      placed: 6,
      staysBehind: 2,
      unitWeight: "0.30 lb",
      handling: ["this side up"],
    },
  ],
  packages: [
    { ...emptyPackage, contents: [kits], expectedWeight: "1.90 lb" },
    { ...emptyPackage, number: 2, placedByHand: true, weight: "2.00 lb", weightSource: "SCALE" },
  ],
};

describe("the packages", () => {
  const page = renderToStaticMarkup(<Packages bench={packed} act={idleAct} setPreview={() => undefined} />);
  const said = words(<Packages bench={packed} act={idleAct} setPreview={() => undefined} />);

  it("ask for the weight of the first that has none", () => {
    expect(page).toContain('aria-label="Weight of package 1"');
    expect(page).not.toContain('aria-label="Weight of package 2"');
    expect(said).toContain("1.90 lb");
    expect(said).toContain("not weighed yet; this is what the records say, carton included");
  });

  it("say where a weight comes from", () => {
    expect(said).toContain("2.00 lbfrom the scale, stable");
  });

  it("offer to plan everything again only when something was placed by hand", () => {
    expect(said).toContain("All again");
    const planned = { ...packed, packages: packed.packages.slice(0, 1) };
    expect(words(<Packages bench={planned} act={idleAct} setPreview={() => undefined} />)).not.toContain(
      "All again",
    );
  });

  it("let pieces be moved from the package and from nowhere", () => {
    expect(said).toContain("SK-2, in no package");
    expect(said).toContain("to a new oneto package 2out of it");
    expect(said).toContain("Merge into");
  });

  it("cannot be packed any more once shipped", () => {
    const shipped: BenchData = { ...packed, state: "SHIPPED", mayAct: false };
    const still = words(<Packages bench={shipped} act={idleAct} setPreview={() => undefined} />);
    expect(still).not.toContain("Same again");
    expect(still).not.toContain("Read scale");
  });
});

describe("what goes", () => {
  it("says what is placed, what stays, and what must be minded", () => {
    const said = words(
      <MemoryRouter>
        <Contents
          bench={{ ...packed, otherJobs: ["2420"] }}
          act={idleAct}
          editing={false}
          setEditing={() => undefined}
        />
      </MemoryRouter>,
    );
    expect(said).toContain("6 of 8");
    expect(said).toContain("2 stay here for another shipment");
    expect(said).toContain("this side up");
    expect(said).toContain("together with 2420");
    expect(said).toContain("size not known, job 2417");
  });

  it("leaves today unless another day was chosen", () => {
    const bench: BenchData = {
      ...emptyBench,
      accessorials: [
        { accessorial: "SIGNATURE", words: "signature", requested: true },
        { accessorial: "LIFTGATE", words: "liftgate", requested: false },
      ],
    };
    const chosen = (page: string) => page.split("<label").map((label) => label.includes("checked"));
    expect(chosen(renderToStaticMarkup(<Options bench={bench} act={idleAct} />))).toEqual([
      false,
      true,
      false,
      true,
      false,
    ]);
    const tomorrow = { ...bench, shipOn: bench.tomorrow };
    expect(chosen(renderToStaticMarkup(<Options bench={tomorrow} act={idleAct} />))).toEqual([
      false,
      false,
      true,
      true,
      false,
    ]);
  });

  it("takes a scanned job into the field for jobs that are combined", () => {
    expect(renderToStaticMarkup(<CombineAndHoldBack bench={packed} act={idleAct} />)).toMatch(
      /<input[^>]*data-takes-scans[^>]*name="job"/,
    );
  });
});

describe("the one button", () => {
  const ready: BenchData = { ...offered, mayShip: true };
  const disabled = (bench: BenchData, previewing: boolean) =>
    /<button[^>]* disabled=""/.test(
      renderToStaticMarkup(
        <BenchFoot bench={bench} act={idleAct} previewing={previewing} edit={() => undefined} />,
      ),
    );

  it("ships what is ready, but not on a weight that is still being typed", () => {
    expect(disabled(ready, false)).toBe(false);
    expect(disabled(ready, true)).toBe(true);
    expect(disabled({ ...ready, mayShip: false }, false)).toBe(true);
    expect(disabled({ ...ready, offers: [refused] }, false)).toBe(true);
  });
});
