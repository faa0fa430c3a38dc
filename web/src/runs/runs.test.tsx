import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { MemoryRouter } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { RunFoot } from "./RunFoot";
import { RunTable } from "./RunTable";
import type { Run, RunRow } from "./useRun";

const usd = (amount: string) => ({ amount, currency: "USD" });

const row: RunRow = {
  job: "8801",
  state: "READY",
  site: "ROCKFORD",
  shipTo: "Gannet Rise LLC, Tucson, AZ 85701",
  packages: 1,
  carton: "Small carton",
  weight: { grams: 612, text: "1.35 lb" },
  weighed: false,
  service: "GDW-PARCEL",
  total: usd("13.33"),
  charge: usd("15.28"),
  leavesOn: "2026-12-01",
  arrivesOn: "2026-12-07",
  promised: "2026-12-04",
  late: true,
  reason: "",
  remedy: "",
  choices: [
    { code: "GDW-PARCEL", name: "Godwit Parcel", total: usd("13.33"), arrives: "2026-12-07" },
    { code: "DNL-2DAY", name: "Dunlin Two Day", total: usd("43.01"), arrives: "2026-12-03" },
  ],
  tracking: "",
};

const run: Run = {
  id: 1,
  madeBy: "Ines Calloway",
  madeAt: "2026-12-01T19:05:00Z",
  rows: [row],
  totals: {
    jobs: 1,
    ready: 1,
    stopped: 0,
    shipped: 0,
    asked: 0,
    failed: 0,
    packages: 1,
    weight: { grams: 612, text: "1.35 lb" },
    cost: usd("13.33"),
  },
  seesCharge: false,
  mayAct: true,
  currency: "USD",
  cartons: [
    { code: "C1", name: "Small carton" },
    { code: "C2", name: "Long carton" },
  ],
  prepaid: [],
  sites: [
    { code: "ROCKFORD", city: "Rockford" },
    { code: "BELOIT", city: "Beloit" },
  ],
};

const change = vi.fn();

afterEach(() => {
  cleanup();
  change.mockClear();
});

function table(rows: RunRow[]) {
  render(
    <MemoryRouter>
      <RunTable run={{ ...run, rows }} chosen={["8801"]} toggle={vi.fn()} disabled={false} change={change} />
    </MemoryRouter>,
  );
}

describe("the rows of a run", () => {
  it("chooses day and site of one job", async () => {
    const user = userEvent.setup();
    table([row]);
    await user.selectOptions(screen.getByLabelText("Site of job 8801"), "BELOIT");
    expect(change).toHaveBeenCalledWith("8801", { site: "BELOIT" });
    const day = screen.getByLabelText("Ship day of job 8801");
    fireEvent.change(day, { target: { value: "2026-12-09" } });
    fireEvent.blur(day);
    expect(change).toHaveBeenLastCalledWith("8801", { day: "2026-12-09" });
  });

  it("take a weight by Enter and a service by choosing it, each once", async () => {
    const user = userEvent.setup();
    table([row]);
    await user.type(screen.getByLabelText("Weight of job 8801"), "1.4{Enter}");
    expect(change).toHaveBeenCalledWith("8801", { weight: "1.4" });
    await user.selectOptions(screen.getByLabelText("Service of job 8801"), "DNL-2DAY");
    expect(change).toHaveBeenCalledWith("8801", { service: "DNL-2DAY" });
  });

  it("take another carton by choosing it", async () => {
    render(
      <MemoryRouter>
        <RunTable run={run} chosen={[]} toggle={() => undefined} disabled={false} change={change} />
      </MemoryRouter>,
    );
    await userEvent.selectOptions(
      screen.getByRole("combobox", { name: "Carton of job 8801" }),
      "Long carton",
    );
    expect(change).toHaveBeenCalledWith("8801", { carton: "C2" });
  });

  it("say what is late, what has gone and what has failed in words", () => {
    table([
      row,
      { ...row, job: "8802", state: "SHIPPED", tracking: "GP417000045US" },
      { ...row, job: "8803", state: "FAILED", reason: "It was shipped already.", remedy: "Take it out." },
    ]);
    expect(screen.getAllByText(/late: promised/).length).toBeGreaterThan(0);
    expect(screen.getByText("GP417000045US")).toBeTruthy();
    expect(screen.getByText(/failed:/)).toBeTruthy();
    expect(screen.queryByLabelText("Weight of job 8802")).toBeNull();
  });

  it("hide what customers pay from whoever may not see it", () => {
    table([row]);
    expect(screen.queryByText("15.28")).toBeNull();
  });
});

const inApp = ({ children }: { children: React.ReactNode }) => (
  <QueryClientProvider client={new QueryClient()}>
    <MemoryRouter>{children}</MemoryRouter>
  </QueryClientProvider>
);

describe("the foot of a run", () => {
  it("ships what is ready by one key, and nothing while it is under way", async () => {
    const user = userEvent.setup();
    const start = vi.fn();
    const { rerender } = render(<RunFoot run={run} busy={false} start={start} />, { wrapper: inApp });
    await user.keyboard("{F10}");
    expect(start).toHaveBeenCalledTimes(1);
    rerender(
      <RunFoot
        run={{ ...run, doing: { shipping: true, stopping: false, done: 0, total: 1 } }}
        busy={false}
        start={start}
      />,
    );
    await user.keyboard("{F10}");
    expect(start).toHaveBeenCalledTimes(1);
  });
});
