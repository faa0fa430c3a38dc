import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { MemoryRouter } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { JobActs, type JobAct } from "../job/JobActs";
import { CarrierQuotes } from "./CarrierQuotes";
import { Offers } from "./Offers";
import { emptyBench as bench, emptyPackage, usd } from "./samples";
import type { BenchData, useAct } from "./useBench";

afterEach(cleanup);

type Offer = BenchData["offers"][number];

const quoted: Offer = {
  service: "WHM",
  name: "Whimbrel LTL",
  carrier: "Whimbrel Lines",
  allowed: true,
  lacksData: false,
  chosen: false,
  cheapest: false,
  earliest: false,
  requested: false,
  total: usd("212.40"),
  bar: 50,
  departure: "2026-12-01",
  delivery: "2026-12-04",
  daysLate: 0,
  objections: [],
  brief: "",
  lines: [],
  packageSums: [],
  quote: {
    source: "QUOTE",
    differs: true,
    sentence: "Our rate sheet says 190.00: the carrier asks 22.40 more.",
  },
};

/** An act that is not under way, and what it was asked to do. */
function idle() {
  const mutate = vi.fn();
  return { act: { isPending: false, mutate } as unknown as ReturnType<typeof useAct>, mutate };
}

describe("carriers that price themselves", () => {
  it("are asked by themselves once for the shipment as it is, and again when it is another", () => {
    const { act, mutate } = idle();
    const wanted = { ...bench, quotesWanted: true };
    const { rerender } = render(<CarrierQuotes bench={wanted} act={act} />);
    rerender(<CarrierQuotes bench={{ ...wanted }} act={act} />);
    expect(mutate).toHaveBeenCalledTimes(1);
    rerender(<CarrierQuotes bench={{ ...wanted, packages: [emptyPackage] }} act={act} />);
    expect(mutate).toHaveBeenCalledTimes(2);
  });

  it("are not asked by a look, but by a key", async () => {
    const { act, mutate } = idle();
    render(<CarrierQuotes bench={{ ...bench, opened: false, quotesWanted: true }} act={act} />);
    expect(mutate).not.toHaveBeenCalled();
    await userEvent.click(screen.getByRole("button", { name: /Ask carriers/ }));
    expect(mutate).toHaveBeenCalledTimes(1);
  });

  it("have their row while they are asked, and a price far from the sheet is pointed out", () => {
    const { act } = idle();
    const awaited: Offer = {
      ...quoted,
      service: "CUR",
      name: "Curlew LTL",
      allowed: false,
      total: undefined,
      brief: "no price from the carrier",
      quote: { source: "AWAITED", differs: false, sentence: "" },
    };
    render(
      <Offers
        bench={{ ...bench, quotesAwaited: true, offers: [quoted, awaited] }}
        guessed={false}
        act={act}
        opened={undefined}
        open={vi.fn()}
      />,
    );
    expect(screen.getByText("asking the carrier…")).toBeTruthy();
    expect(screen.getByText(/unlike the sheet/).getAttribute("title")).toBe(quoted.quote?.sentence);
    expect(screen.queryByText(/not available/)).toBeNull();
  });
});

describe("an act upon jobs", () => {
  const show = (act: JobAct, done: () => void) =>
    render(
      <QueryClientProvider client={new QueryClient()}>
        <MemoryRouter>
          <JobActs jobs={["7", "8"]} acts={[act]} done={done} />
        </MemoryRouter>
      </QueryClientProvider>,
    );

  it("goes on when all was done, and says what was refused when not", async () => {
    const done = vi.fn();
    const run = vi
      .fn()
      .mockResolvedValueOnce({
        done: 1,
        refused: [{ job: "8", reason: "Nothing of it is missing.", remedy: "Ship it as it is." }],
      })
      .mockResolvedValueOnce({ done: 2, refused: [] });
    show({ label: "Let it wait", run }, done);
    const button = screen.getByRole("button", { name: "Let it wait" });
    await userEvent.click(button);
    expect(await screen.findByText(/Nothing of it is missing/)).toBeTruthy();
    expect(done).not.toHaveBeenCalled();
    await userEvent.click(button);
    expect(done).toHaveBeenCalledTimes(1);
    expect(run).toHaveBeenLastCalledWith(["7", "8"]);
  });
});
