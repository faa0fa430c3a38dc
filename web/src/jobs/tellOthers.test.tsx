import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { api } from "../api/client";
import { TellOthers } from "./TellOthers";

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

it("says of each job that is not written why, and asks in parts", async () => {
  vi.spyOn(api, "GET").mockResolvedValue({
    data: { targets: [{ code: "ORDERDESK", name: "Order desk" }] },
    response: new Response(),
  } as never);
  const parts: number[] = [];
  vi.spyOn(api, "POST").mockImplementation((async (_: string, options: { body: { jobs: string[] } }) => {
    parts.push(options.body.jobs.length);
    return {
      data: {
        rows: options.body.jobs.map((job) => ({
          job,
          made: job !== "7",
          said: job === "7" ? "Nothing of it has left yet." : "It is being written.",
        })),
      },
      response: new Response(),
    };
  }) as never);
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <TellOthers jobs={Array.from({ length: 201 }, (_, index) => String(index))} />
    </QueryClientProvider>,
  );
  fireEvent.click(await screen.findByRole("button", { name: "Write them back" }));
  expect((await screen.findByRole("status")).textContent).toBe("200 being written; see Postings. 1 not:");
  expect(screen.getByText("Nothing of it has left yet.")).toBeTruthy();
  expect(parts).toEqual([200, 1]);
});
