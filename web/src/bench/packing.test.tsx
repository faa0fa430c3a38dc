import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import type { ReactElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { MemoryRouter } from "react-router";
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it } from "vitest";
import { Forms } from "./CombineAndHoldBack";
import { Charges } from "./Charges";
import { BenchFoot } from "./BenchFoot";
import { Contents } from "./Contents";
import { Offers } from "./Offers";
import { Packages } from "./Packages";
import { emptyBench, emptyPackage, idleAct, usd, weighing } from "./samples";
import { words } from "../ui/words";
import { Choices, Options } from "./Options";
import type { BenchData } from "./useBench";

type Offer = BenchData["offers"][number];

afterEach(cleanup);

function offer(service: string, more: Partial<Offer>): Offer {
  return {
    service,
    name: service,
    carrier: "PLOVER",
    allowed: true,
    lacksData: false,
    requested: false,
    cheapest: false,
    earliest: false,
    chosen: false,
    bar: 50,
    daysLate: 0,
    departure: "2026-12-01",
    delivery: "2026-12-03",
    lines: [],
    objections: [],
    brief: "",
    packageSums: [],
    ...more,
  };
}

const ground = offer("Ground", {
  chosen: true,
  requested: true,
  total: usd("18.42"),
  lines: [
    {
      packageNumber: 1,
      code: "BASE_RATE",
      title: "Base rate",
      amount: usd("15.81"),
      explanation: "Weight counts.",
    },
    { code: "FUEL", title: "Fuel", amount: usd("2.61"), explanation: "16.5 % of 15.81." },
  ],
  packageSums: [{ packageNumber: 1, amount: usd("15.81") }],
});
const late = offer("Saver", { total: usd("14.10"), difference: usd("-4.32"), cheapest: true, daysLate: 2 });
const lacking = offer("Two Day", {
  lacksData: true,
  allowed: false,
  objections: [{ code: "X", reason: "It needs a phone number." }],
  brief: "needs a phone number",
});
const refused = offer("Freight", {
  allowed: false,
  objections: [
    { code: "X", reason: "It takes no cartons, and package 1 is one." },
    { code: "X", reason: "It needs the name of a company in the ship-to." },
  ],
  brief: "pallets only, needs a company",
});
const refusedToo = offer("Light", {
  allowed: false,
  objections: [{ code: "X", reason: "Package 1 is too heavy." }],
  brief: "up to 1 lb",
});

const offered: BenchData = { ...emptyBench, offers: [ground, late, lacking, refused, refusedToo] };

const rates = (bench: BenchData, guessed = false) => (
  <Offers bench={bench} guessed={guessed} act={idleAct} opened={undefined} open={() => undefined} />
);

describe("the rates", () => {
  const said = words(rates(offered));

  it("say what is requested, cheapest and late", () => {
    expect(said).toContain("Groundrequested");
    expect(said).toContain("Savercheapest");
    expect(said).toContain("Thu, Dec 3 late");
  });

  it("say what a rate still lacks, and fold what is not available into one line with what would change it", () => {
    expect(said).toContain("Two Dayneeds a phone number");
    expect(said).toContain("2 not availableFreight: pallets only, needs a company; Light: up to 1 lb");
  });

  it("say that prices are for a weight that is being typed", () => {
    expect(words(rates(offered, true))).toContain("for the weight being typed");
    expect(said).not.toContain("for the weight being typed");
  });

  it("say why there are none", () => {
    expect(words(rates(emptyBench))).toContain("There are no offers");
  });

  it("are walked by arrows, opened by F9, and unfolded by a click", async () => {
    const user = userEvent.setup();
    const opened: (string | undefined)[] = [];
    render(
      <Offers
        bench={offered}
        guessed={false}
        act={idleAct}
        opened={undefined}
        open={(service) => opened.push(service)}
      />,
    );
    await user.keyboard("{ArrowDown}{F9}");
    expect(opened).toEqual(["Saver"]);
    expect(screen.queryByRole("button", { name: /^Freight/ })).toBeNull();
    await user.click(screen.getByRole("button", { name: "2 not available" }));
    expect(screen.getByRole("button", { name: /^Freight/ })).toBeTruthy();
  });
});

describe("the charges", () => {
  it("are those of the chosen rate, else of the one that was opened", () => {
    const chosen = words(<Charges bench={offered} service={undefined} />);
    expect(chosen).toContain("Base rateWeight counts.15.81");
    expect(chosen).toContain("Fuel16.5 % of 15.81.2.61");
    expect(chosen).toContain("Total18.42");
    expect(words(<Charges bench={offered} service="Freight" />)).toContain("It takes no cartons");
  });
});

const kits = { line: 7, item: "SK-2", description: "Seal kit", quantity: 6, lots: "lot L1 (6)", scanned: 0 };
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
      unitWeight: weighing("0.30 lb"),
      handling: ["this side up"],
      fromItem: [],
    },
  ],
  packages: [
    { ...emptyPackage, contents: [kits], expectedWeight: weighing("1.90 lb") },
    { ...emptyPackage, number: 2, placedByHand: true, weight: weighing("2.00 lb"), weightSource: "SCALE" },
  ],
};

function inApp(screen: ReactElement) {
  return (
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter>{screen}</MemoryRouter>
    </QueryClientProvider>
  );
}

describe("the packages", () => {
  const page = renderToStaticMarkup(
    inApp(<Packages bench={packed} act={idleAct} setPreview={() => undefined} />),
  );
  const said = words(inApp(<Packages bench={packed} act={idleAct} setPreview={() => undefined} />));

  it("ask for the weight of the first that has none", () => {
    expect(page).toContain('aria-label="Weight of package 1"');
    expect(page).not.toContain('aria-label="Weight of package 2"');
    expect(said).toContain("1.90 lb");
    expect(said).toContain("not weighed yet; the records say so, carton included");
  });

  it("say where a weight comes from", () => {
    const weighed = { ...packed, packages: packed.packages.slice(1).map((each) => ({ ...each, number: 1 })) };
    expect(words(inApp(<Packages bench={weighed} act={idleAct} setPreview={() => undefined} />))).toContain(
      "from the scale, stable",
    );
  });

  it("offer to repack everything only when something was placed by hand", () => {
    expect(said).toContain("Repack all");
    const planned = { ...packed, packages: packed.packages.slice(0, 1) };
    expect(
      words(inApp(<Packages bench={planned} act={idleAct} setPreview={() => undefined} />)),
    ).not.toContain("Repack all");
  });

  it("let pieces be moved from the package and from nowhere", () => {
    expect(said).toContain("SK-2, in no package");
    expect(said).toContain("to a new packageto package 2out of it");
    expect(said).toContain("everything");
  });

  it("cannot be packed any more once shipped", () => {
    const shipped: BenchData = { ...packed, state: "SHIPPED", mayAct: false };
    const still = words(inApp(<Packages bench={shipped} act={idleAct} setPreview={() => undefined} />));
    expect(still).not.toContain("Duplicate");
    expect(still).not.toContain("Read scale");
  });
});

describe("what goes", () => {
  it("says what is placed, what stays, and what must be minded", () => {
    const said = words(
      <QueryClientProvider client={new QueryClient()}>
        <MemoryRouter>
          <Contents
            bench={{ ...packed, otherJobs: ["2420"] }}
            act={idleAct}
            editing={false}
            setEditing={() => undefined}
          />
        </MemoryRouter>
      </QueryClientProvider>,
    );
    expect(said).toContain("6 of 8");
    expect(said).toContain("2 held back for another shipment");
    expect(said).toContain("this side up");
    expect(said).toContain("combined with 2420");
    expect(said).toContain("size not known, job 2417");
  });

  it("leaves today unless another day was chosen", () => {
    const bench: BenchData = {
      ...emptyBench,
      accessorials: [
        { accessorial: "SIGNATURE", words: "signature", requested: true, offered: false },
        { accessorial: "LIFTGATE", words: "liftgate", requested: false, offered: true },
      ],
    };
    const chosen = (page: string) => page.split("<label").map((label) => label.includes("checked"));
    expect(chosen(renderToStaticMarkup(<Choices bench={bench} act={idleAct} />))).toEqual([
      false,
      true,
      false,
      true,
      false,
    ]);
    const tomorrow = { ...bench, shipOn: bench.tomorrow };
    expect(chosen(renderToStaticMarkup(<Choices bench={tomorrow} act={idleAct} />))).toEqual([
      false,
      false,
      true,
      true,
      false,
    ]);
  });

  it("says in one line when it leaves and what is requested, and offers only what can be had", async () => {
    const user = userEvent.setup();
    const bench: BenchData = {
      ...emptyBench,
      accessorials: [
        { accessorial: "SIGNATURE", words: "signature", requested: true, offered: true },
        { accessorial: "LIFTGATE", words: "liftgate", requested: false, offered: false },
      ],
    };
    render(<Options bench={bench} act={idleAct} />);
    expect(screen.getByText("Leaves today")).toBeTruthy();
    await user.click(screen.getByRole("button", { name: "Change" }));
    expect(screen.getByRole("checkbox", { name: "signature" })).toBeTruthy();
    expect(screen.queryByRole("checkbox", { name: "liftgate" })).toBeNull();
  });

  it("takes a scanned job into the field for jobs that are combined", () => {
    expect(renderToStaticMarkup(<Forms bench={packed} act={idleAct} />)).toMatch(
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

  it("says why it cannot be pressed", () => {
    const foot = (bench: BenchData, previewing: boolean) =>
      words(<BenchFoot bench={bench} act={idleAct} previewing={previewing} edit={() => undefined} />);
    expect(foot(ready, true)).toContain("Enter saves the weight first.");
    expect(foot({ ...ready, mayShip: false }, false)).toContain("No rate is chosen that can be taken.");
    expect(foot(ready, false)).not.toContain("No rate is chosen");
  });
});
