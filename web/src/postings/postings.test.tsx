import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../api/client";
import { Postings } from "./Postings";

const FAILED = {
  id: 7,
  job: "2417",
  kind: "SOURCE",
  system: "Order desk",
  summary: "Label bought: Plover Ground, tracking PV1",
  state: "FAILED",
  attempts: 1,
  answer: "There is no field tracking here.",
  amount: { amount: "21.11", currency: "USD" },
  madeAt: "2026-12-01T19:05:00Z",
};

const LIST = {
  rows: [FAILED],
  total: 1,
  hanging: { amount: "21.11", currency: "USD" },
  systems: [{ code: "ORDERDESK", name: "Order desk" }],
};

const get = vi.fn();
const post = vi.fn();
let who = {};

function show(at: string, permissions: string[] = ["WRITE_BACK"]) {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  who = { signedIn: true, person: { permissions } };
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={[at]}>
        <Postings timeZone="America/Chicago" />
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

describe("Postings", () => {
  beforeEach(() => {
    get.mockImplementation((path: string) =>
      Promise.resolve({
        data: path.endsWith("/who")
          ? who
          : path.endsWith("{id}")
            ? { posting: FAILED, key: "key-7", sent: '{"status" : "shipped"}' }
            : LIST,
        response: new Response(),
      }),
    );
    post.mockResolvedValue({
      data: { begun: 3, left: 1, reason: "It was reversed." },
      response: new Response(),
    });
    vi.spyOn(api, "GET").mockImplementation(get as never);
    vi.spyOn(api, "POST").mockImplementation(post as never);
  });

  afterEach(() => {
    cleanup();
    get.mockClear();
    post.mockClear();
    vi.restoreAllMocks();
  });

  it("says what money hangs on it, what was sent, and lets one be set aside with a reason", async () => {
    show("/postings");
    expect(await screen.findByText("21.11 USD")).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: /Label bought/ }));
    expect(await screen.findByText('{"status" : "shipped"}')).toBeTruthy();
    expect(screen.getByRole("button", { name: "Set aside" })).toHaveProperty("disabled", true);
    fireEvent.change(screen.getByLabelText("Set it aside, because"), { target: { value: "typed there" } });
    fireEvent.click(screen.getByRole("button", { name: "Set aside" }));
    await waitFor(() =>
      expect(post).toHaveBeenCalledWith("/api/v1/postings/{id}/set-aside", {
        params: { path: { id: 7 } },
        body: { reason: "typed there" },
      }),
    );
  });

  it("asks for those of one system, and has all that failed tried again", async () => {
    show("/postings?state=FAILED&target=ORDERDESK");
    fireEvent.click(await screen.findByRole("button", { name: "Try all that failed again" }));
    expect(await screen.findByText("3 tried again, 1 not: It was reversed.")).toBeTruthy();
    expect(post).toHaveBeenCalledWith("/api/v1/postings/another-try", { body: { target: "ORDERDESK" } });
    expect(get.mock.calls.find(([path]) => path === "/api/v1/postings")?.[1]).toMatchObject({
      params: { query: { state: "FAILED", target: "ORDERDESK" } },
    });
  });

  it("leaves it to the bookkeeper where one may only look", async () => {
    show("/postings?state=FAILED", []);
    expect(await screen.findByText("waits for the bookkeeper")).toBeTruthy();
    expect(screen.queryByRole("button", { name: "Try all that failed again" })).toBeNull();
  });
});
