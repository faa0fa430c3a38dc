import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../api/client";
import { EnRoute } from "./EnRoute";
import { localTime, offset } from "./localTime";

const ROW = {
  id: 7,
  trackingNumber: "PV900417000016",
  job: "2417",
  receiver: "Quillfeather Packaging",
  destination: "Reno, NV 89502",
  carrier: "Plover Parcel",
  service: "Plover Ground",
  packageNumber: 1,
  packages: 2,
  shipDate: "2026-12-01",
  promise: "2026-12-03",
  state: "EXCEPTION",
  stateWords: "exception",
  said: "Damaged, held at the depot, Reno, NV",
  movedAt: "2026-12-03T13:00:00Z",
  daysLate: 1,
  forecastReason: "No day can be said: Damaged, held at the depot, Reno, NV.",
  onTime: "",
  askAt: "2026-12-04T20:00:00Z",
  fault: "",
  closedBy: "",
  events: [
    {
      kind: "DAMAGED",
      words: "damaged",
      trouble: true,
      at: "2026-12-03T05:00:00-08:00",
      place: "Reno, NV",
      text: "Damaged, held at the depot",
      pushed: false,
    },
  ],
  notes: [],
};
const LIST = {
  rows: [ROW],
  lists: [
    { list: "EXCEPTION", words: "Exception", count: 1, more: false },
    { list: "LATE", words: "Late", count: 10_000, more: true },
  ],
  carriers: [{ value: "PLOVER", words: "Plover Parcel" }],
};
const post = vi.fn();
const get = vi.fn();

describe("packages en route", () => {
  beforeEach(() => {
    post.mockResolvedValue({ data: ROW, response: new Response() });
    get.mockImplementation(async (path: string) => ({
      data: path.endsWith("/who")
        ? { signedIn: true, person: { permissions: ["BRING_IN"] } }
        : path.endsWith("/rules")
          ? { rules: [] }
          : LIST,
      response: new Response(),
    }));
    vi.spyOn(api, "POST").mockImplementation(post as never);
    vi.spyOn(api, "GET").mockImplementation(get as never);
    render(
      <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
        <MemoryRouter>
          <EnRoute timeZone="America/Chicago" />
        </MemoryRouter>
      </QueryClientProvider>,
    );
  });

  afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
  });

  it("say what happened in the time of the place, how late they are, and that no day can be said", async () => {
    const line = await screen.findByRole("img");
    expect(line.getAttribute("aria-label")).toBe(
      "Left Tue, Dec 1, promised for Thu, Dec 3. Thu, Dec 3, 5:00 AM: Damaged, held at the depot, Reno, NV ",
    );
    expect(screen.getByText("1 day late")).toBeTruthy();
    expect(screen.getByText("unknown")).toBeTruthy();
    expect(screen.getByRole("button", { name: "Late 10000 or more" })).toBeTruthy();
  });

  it("are written about, with the amount that is claimed", async () => {
    fireEvent.click(await screen.findByRole("button", { name: "PV900417000016" }));
    fireEvent.click(await screen.findByRole("radio", { name: "Claimed" }));
    fireEvent.change(screen.getByRole("textbox", { name: "In words" }), { target: { value: "Bent" } });
    fireEvent.change(screen.getByRole("textbox", { name: "Amount claimed" }), {
      target: { value: "412.50" },
    });
    fireEvent.click(screen.getByRole("button", { name: "Write it down" }));
    await waitFor(() =>
      expect(post).toHaveBeenCalledWith("/api/v1/en-route/packages/{id}/notes", {
        params: { path: { id: 7 } },
        body: { kind: "CLAIM", text: "Bent", amount: "412.50" },
      }),
    );
  });

  it("are looked at by list", async () => {
    fireEvent.click(await screen.findByRole("button", { name: "Late 10000 or more" }));
    await waitFor(() =>
      expect(get).toHaveBeenCalledWith("/api/v1/en-route", {
        params: {
          query: { list: "LATE", days: undefined, carrier: undefined, cursor: undefined, limit: 50 },
        },
      }),
    );
  });
});

describe("times of places", () => {
  it("are those of their own clocks", () => {
    expect(localTime("2026-12-03T05:00:00-08:00")).toBe("Thu, Dec 3, 5:00 AM");
    expect(offset("2026-12-03T05:00:00-08:00")).toBe("UTC−8");
    expect(offset("2026-12-03T05:00+05:30")).toBe("UTC+5:30");
    expect(offset("2026-12-03T05:00Z")).toBe("UTC");
  });
});
