import type { BenchData, useAct } from "./useBench";

/** Samples for the tests of the bench. */

export const emptyBench: BenchData = {
  id: 1,
  opened: true,
  mayAct: true,
  job: "2417",
  customer: "Pellworth",
  customerPo: "",
  state: "OPEN",
  seesCharge: true,
  site: "MAIN",
  sites: [{ code: "MAIN", name: "Main works" }],
  quotesWanted: false,
  quotesAwaited: false,
  shipTo: {
    company: "Pellworth",
    person: "",
    street: "1 Road",
    street2: "",
    city: "Tucson",
    state: "AZ",
    postalCode: "85701",
    country: "United States",
    phone: "",
    note: "",
    kind: "BUSINESS",
  },
  requestedService: "",
  terms: "we pay and bill",
  carrierAccount: "",
  accessorials: [],
  today: "2026-12-01",
  tomorrow: "2026-12-02",
  otherJobs: [],
  currency: "USD",
  weightUnit: "lb",
  lengthUnit: "in",
  lines: [],
  packages: [],
  cartonTypes: [],
  offers: [],
  choiceReason: "",
  checks: [],
  rules: [],
  mayVoid: false,
  mayVoidPackage: false,
  mayShip: false,
  papers: [],
  scanning: { demanded: false, scanned: 0, pieces: 0 },
};

export const usd = (amount: string) => ({ amount, currency: "USD" });

/** A weight of which only the text counts. */
export const weighing = (text: string) => ({ grams: 0, text });

export const emptyPackage: BenchData["packages"][number] = {
  number: 1,
  cartonCode: "E1",
  cartonName: "Padded envelope",
  cartonReason: "",
  size: {
    lengthMillimeters: 266.7,
    widthMillimeters: 190.5,
    heightMillimeters: 25.4,
    text: "10.5 × 7.5 × 1 in",
  },
  drawing: { length: 1000, width: 714, height: 95 },
  placedByHand: false,
  contents: [],
  layers: [],
};

/** Nothing is under way, and nothing comes of it. */
export const idleAct = { isPending: false, mutate: () => undefined } as unknown as ReturnType<typeof useAct>;
