import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { MemoryRouter } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { HandoverPage } from "./HandoverPage";
import { ScanWord } from "./ScanWord";
import type { HandoverData } from "./useHandover";

const outside = vi.hoisted(() => ({ view: {} as unknown, answers: [] as unknown[] }));

vi.mock("../api/client", () => ({
  answer: (value: unknown) => value,
  api: {
    GET: async (path: string) => (path.includes("pickups") ? { rows: [] } : outside.view),
    POST: async () => outside.answers.shift(),
  },
}));

const empty: HandoverData = {
  by: "PICKUP",
  carrierCode: "PLOVER",
  carrier: "Plover Parcel",
  siteCode: "ROCKFORD",
  site: "Rockford",
  day: "2026-12-01",
  cutOff: "16:30:00",
  state: "OPEN",
  overdue: false,
  supplement: 0,
  inside: 0,
  insideWeight: { grams: 0, text: "0 lb" },
  waiting: 1,
  waitingWeight: { grams: 900, text: "2 lb" },
  missing: [],
  scanned: [],
  totals: [],
  mayScan: true,
  mayCloseUnscanned: false,
  refused: "",
  closed: [],
};

outside.view = empty;

afterEach(() => {
  cleanup();
  outside.answers.length = 0;
});

function page() {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={["/handover/one?site=ROCKFORD&carrier=PLOVER"]}>
        <HandoverPage timeZone="UTC" />
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

/** One package is in, and the close is asked for. */
async function aboutToClose() {
  outside.answers.push({
    ...empty,
    inside: 1,
    waiting: 0,
    scan: { verdict: "TAKEN", said: "It goes.", remedy: "" },
  });
  const user = userEvent.setup({ delay: 120 });
  page();
  await screen.findByLabelText("Scan a package");
  await user.keyboard("PV1{Enter}");
  await screen.findByText(/In$/);
  await user.keyboard("{F10}");
  return user;
}

describe("a handover", () => {
  it("takes the next scan in its field and says what came of it in one word", async () => {
    outside.answers.push({
      ...empty,
      scan: { verdict: "OTHER_CARRIER", said: "It goes by Dunlin.", remedy: "Not here." },
    });
    outside.answers.push({
      ...empty,
      inside: 1,
      waiting: 0,
      scan: { verdict: "TAKEN", said: "It goes.", remedy: "" },
    });
    const user = userEvent.setup({ delay: 120 });
    page();
    const field = await screen.findByLabelText("Scan a package");
    expect(document.activeElement).toBe(field);
    await user.keyboard("DX1{Enter}");
    expect((await screen.findByText(/Wrong carrier/)).textContent).toContain("✕");
    await user.keyboard("PV1{Enter}");
    expect((await screen.findByText(/In$/)).textContent).toContain("✓");
    expect(screen.queryByText(/Wrong carrier/)).toBeNull();
  });

  it("asks once before it is closed, and Escape leads back to scanning", async () => {
    const user = await aboutToClose();
    expect(await screen.findByLabelText("Driver")).toBe(document.activeElement);
    await user.keyboard("{Escape}");
    expect(screen.queryByLabelText("Driver")).toBeNull();
    expect(document.activeElement).toBe(screen.getByLabelText("Scan a package"));
  });

  it("says that it is dropped off, and who brought it", async () => {
    const user = await aboutToClose();
    await screen.findByLabelText("Driver");
    await user.keyboard("{Alt>}o{/Alt}");
    expect(screen.getByLabelText("Brought by")).toBeTruthy();
    expect(screen.getByText(/to the counter of/)).toBeTruthy();
  });

  it("tells done, look and stop apart without color", () => {
    const { container, rerender } = render(
      <ScanWord scan={{ verdict: "ALREADY_IN", said: "", remedy: "" }} pending={false} />,
    );
    expect(container.textContent).toContain("! In already");
    rerender(<ScanWord scan={{ verdict: "VOID", said: "", remedy: "" }} pending={false} />);
    expect(container.textContent).toContain("✕ Void");
  });
});
