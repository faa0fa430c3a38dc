import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { MemoryRouter } from "react-router";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../api/client";
import { Emails } from "./Emails";

const RULE = {
  name: "On its way",
  moment: "LABEL_BOUGHT",
  condition: { kind: "ALL", parts: [] },
  toJob: true,
  toField: "",
  toFixed: "",
  colleagues: false,
  subject: "{job} is on its way",
  body: "Good day",
  papers: [],
  files: [],
  enabled: false,
};
const LIST = {
  version: 3,
  rules: [RULE],
  moments: [{ value: "LABEL_BOUGHT", words: "label bought" }],
  papers: [{ value: "PACKING_SLIP", words: "Packing slip" }],
  facts: [{ value: "job", words: "number of the job" }],
  files: [],
};
const TRIED = {
  to: ["dock@quillfeather.example"],
  stopped: [],
  why: "",
  left: true,
  subject: "2417 is on its way",
  html: "<p>Good day</p>",
  text: "Good day",
  attached: ["Packing slip"],
};
const put = vi.fn();
const post = vi.fn();

describe("emails", () => {
  beforeEach(() => {
    put.mockResolvedValue({ data: LIST, response: new Response() });
    post.mockImplementation(async (path: string) => ({
      data: path.endsWith("/tests") ? { sent: false, said: "Mail server refused it: 550" } : TRIED,
      response: new Response(),
    }));
    vi.spyOn(api, "PUT").mockImplementation(put as never);
    vi.spyOn(api, "POST").mockImplementation(post as never);
    vi.spyOn(api, "GET").mockImplementation((async (path: string) => ({
      data: path.endsWith("/who")
        ? { signedIn: true, person: { permissions: ["KEEP_RULES"] } }
        : path.endsWith("/emails/rules")
          ? LIST
          : { facts: [] },
      response: new Response(),
    })) as never);
    render(
      <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
        <MemoryRouter>
          <Emails />
        </MemoryRouter>
      </QueryClientProvider>,
    );
  });

  afterEach(() => {
    cleanup();
    vi.restoreAllMocks();
    put.mockReset();
  });

  it("are sent only as they were looked at on a job", async () => {
    const sent = await screen.findByRole<HTMLInputElement>("checkbox", { name: /It is sent/ });
    expect(sent.disabled).toBe(true);
    fireEvent.change(await screen.findByRole("textbox", { name: "On job" }), { target: { value: "2417" } });
    fireEvent.click(screen.getByRole("button", { name: "Look at it" }));
    expect(await screen.findByText("2417 is on its way")).toBeTruthy();
    expect(screen.getByTitle("The email").getAttribute("sandbox")).toBe("");
    fireEvent.click(screen.getByRole("checkbox", { name: /It is sent/ }));
    fireEvent.click(screen.getByRole("button", { name: "Keep it" }));
    await waitFor(() =>
      expect(put).toHaveBeenCalledWith("/api/v1/emails/rules", {
        body: { version: 3, rules: [{ ...RULE, enabled: true, triedOn: "2417" }] },
      }),
    );
  });

  it("are not sent any more once they are changed", async () => {
    fireEvent.change(await screen.findByRole("textbox", { name: "Subject" }), { target: { value: "Gone" } });
    fireEvent.click(screen.getByRole("button", { name: "Keep it" }));
    await waitFor(() => expect(put).toHaveBeenCalled());
    const body = put.mock.calls[0]?.[1] as { body: { rules: { enabled: boolean; subject: string }[] } };
    expect(body.body.rules[0]).toMatchObject({ subject: "Gone", enabled: false });
  });

  it("go to oneself as a test, and the server’s answer is said", async () => {
    fireEvent.change(await screen.findByRole("textbox", { name: "On job" }), { target: { value: "2417" } });
    fireEvent.change(screen.getByRole("textbox", { name: "A test to" }), {
      target: { value: "me@shop.example" },
    });
    fireEvent.click(screen.getByRole("button", { name: "Send the test" }));
    expect((await screen.findByRole("status")).textContent).toContain("Mail server refused it: 550");
  });
});
