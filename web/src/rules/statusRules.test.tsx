import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../api/client";
import { StatusRules } from "./StatusRules";

const LIST = {
  version: 2,
  rules: [
    {
      name: "Gone",
      moment: "LABEL_BOUGHT",
      condition: { kind: "ALL", parts: [] },
      status: "Boxed",
      note: "",
      enabled: true,
      triedOn: "2417",
    },
  ],
  moments: [
    { value: "LABEL_BOUGHT", words: "label bought" },
    { value: "DELIVERED", words: "delivered" },
  ],
  facts: [{ word: "tracking", about: "tracking numbers" }],
};
const put = vi.fn();

describe("rules on events", () => {
  beforeEach(() => {
    put.mockResolvedValue({ data: LIST, response: new Response() });
    vi.spyOn(api, "PUT").mockImplementation(put as never);
    vi.spyOn(api, "POST").mockResolvedValue({
      data: { holds: true, why: "", before: "Boxed", status: "Gone for good", note: "by PV1" },
      response: new Response(),
    } as never);
    vi.spyOn(api, "GET").mockImplementation((async (path: string) => ({
      data: path.endsWith("/who")
        ? { signedIn: true, person: { permissions: ["KEEP_RULES"] } }
        : path.endsWith("/house-rules")
          ? { version: 1, rows: [], facts: [], acts: [] }
          : LIST,
      response: new Response(),
    })) as never);
    render(
      <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
        <MemoryRouter>
          <StatusRules />
        </MemoryRouter>
      </QueryClientProvider>,
    );
  });

  afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
    put.mockReset();
  });

  it("lets one count again only when it was tried as it is written now", async () => {
    fireEvent.change(await screen.findByLabelText(/Its status is then/), {
      target: { value: "Gone for good" },
    });
    const counts = screen.getByRole<HTMLInputElement>("checkbox", { name: /It counts/ });
    expect(counts.disabled).toBe(true);
    expect(counts.checked).toBe(false);
    fireEvent.click(screen.getByRole("button", { name: "Try it" }));
    expect((await screen.findByRole("status")).textContent).toBe(
      "Job 2417 would be Gone for good instead of Boxed and get the note “by PV1”.",
    );
    await waitFor(() => expect(counts.disabled).toBe(false));
    fireEvent.click(counts);
    fireEvent.click(screen.getByRole("button", { name: "Keep it" }));
    await waitFor(() => expect(put).toHaveBeenCalled());
    expect(put.mock.calls[0]?.[1]).toMatchObject({
      body: {
        version: 2,
        rules: [{ name: "Gone", status: "Gone for good", enabled: true, triedOn: "2417" }],
      },
    });
  });

  it("adds one below the others", async () => {
    fireEvent.click(await screen.findByRole("button", { name: "New rule on an event" }));
    fireEvent.change(screen.getByLabelText("Name"), { target: { value: "There" } });
    fireEvent.click(screen.getByRole("button", { name: "Keep it" }));
    await waitFor(() => expect(put).toHaveBeenCalled());
    expect(put.mock.calls[0]?.[1]).toMatchObject({ body: { rules: [{ name: "Gone" }, { name: "There" }] } });
  });
});
