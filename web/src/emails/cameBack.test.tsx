import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { MemoryRouter } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { CameBack } from "./CameBack";

function opened(status: number, said: object) {
  const fetched = vi.fn<typeof fetch>(async () => new Response(JSON.stringify(said), { status }));
  vi.stubGlobal("fetch", fetched);
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter>
        <CameBack />
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return fetched;
}

function choose() {
  return userEvent.upload(
    screen.getByLabelText("Report of a mail server"),
    new File(["report"], "returned.eml", { type: "message/rfc822" }),
  );
}

describe("a report of a mail server", () => {
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it("is opened, and what it says is said", async () => {
    const fetched = opened(200, { said: "The email about 2417 came back." });
    await choose();
    expect(await screen.findByText("The email about 2417 came back.")).toBeTruthy();
    expect(fetched.mock.calls[0]?.[0]).toBe("/api/v1/emails/returned");
  });

  it("that is none is refused with its reason", async () => {
    opened(422, { thing: "This mail", detail: "It is no report.", remedy: "Save the report itself." });
    await choose();
    expect(await screen.findByText(/It is no report/)).toBeTruthy();
  });
});
