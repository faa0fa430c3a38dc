import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../api/client";
import { Subscriptions } from "./Subscriptions";

const VIEW = {
  rows: [
    {
      code: "EVENTS_1",
      isCalled: true,
      hasSecret: true,
      entry: {
        version: 2,
        name: "Tracker",
        active: true,
        moments: ["VOID"],
        address: "https://tracker.example",
      },
    },
  ],
  moments: [
    { value: "LABEL_BOUGHT", words: "label bought" },
    { value: "VOID", words: "void" },
  ],
};
const LOG = {
  rows: [{ number: 17, moment: "VOID", job: "2417", at: "2026-12-01T19:05:00Z", body: "{}" }],
  next: 17,
};
const put = vi.fn();
const post = vi.fn();

describe("events for others", () => {
  beforeEach(() => {
    put.mockResolvedValue({ data: VIEW, response: new Response() });
    post.mockResolvedValue({ data: { events: 3 }, response: new Response() });
    vi.spyOn(api, "PUT").mockImplementation(put as never);
    vi.spyOn(api, "POST").mockImplementation(post as never);
    vi.spyOn(api, "GET").mockImplementation((async (path: string) => ({
      data: path.endsWith("/who")
        ? { signedIn: true, person: { permissions: ["SET_UP"] } }
        : path.endsWith("/events-log")
          ? LOG
          : VIEW,
      response: new Response(),
    })) as never);
    render(
      <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
        <MemoryRouter>
          <Subscriptions timeZone="America/Chicago" />
        </MemoryRouter>
      </QueryClientProvider>,
    );
  });

  afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
    put.mockReset();
    post.mockReset();
  });

  it("sends again all from a number on", async () => {
    fireEvent.click(await screen.findByRole("button", { name: "Send Tracker all from 17 again" }));
    expect((await screen.findByRole("status")).textContent).toBe("3 are sent again; see Postings.");
    expect(post).toHaveBeenCalledWith("/api/v1/subscriptions/{code}/again", {
      params: { path: { code: "EVENTS_1" } },
      body: { number: 17 },
    });
  });

  it("keeps the secret that is kept, and what is subscribed to", async () => {
    fireEvent.click(await screen.findByLabelText("label bought"));
    fireEvent.click(await screen.findByRole("button", { name: "Keep it" }));
    await waitFor(() => expect(put).toHaveBeenCalled());
    const [, { body }] = put.mock.calls[0] as [string, { body: { moments: string[]; secret?: string } }];
    expect(body.moments).toEqual(["VOID", "LABEL_BOUGHT"]);
    expect(body.secret).toBeUndefined();
  });
});
