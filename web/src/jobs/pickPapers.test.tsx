import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { MemoryRouter } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { pickAddress, PickPapers } from "./PickPapers";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

function show(jobs: string[]) {
  render(<PickPapers jobs={jobs} />, { wrapper: MemoryRouter });
}

describe("pick papers", () => {
  it("keep the order of the jobs, whatever is in their numbers", () => {
    expect(pickAddress("pick-list", ["24&17", "A 1"], "A4")).toBe(
      "/api/v1/pick-list?job=24%2617&job=A+1&sheet=A4",
    );
  });

  it("are opened for the chosen, on the paper chosen, one after the other", async () => {
    const open = vi.fn();
    vi.stubGlobal("open", open);
    const user = userEvent.setup();
    show(["2401", "2402"]);
    await user.selectOptions(screen.getByLabelText("Paper"), "LABEL");
    await user.click(screen.getByLabelText("each job on a page"));
    await user.click(screen.getByRole("button", { name: "Pick slips" }));
    expect(open).toHaveBeenLastCalledWith(
      "/api/v1/pick-slips?job=2401&job=2402&sheet=LABEL&onePage=false",
      "_blank",
    );
    await user.click(screen.getByRole("button", { name: "One list by shelf" }));
    expect(open).toHaveBeenLastCalledWith("/api/v1/pick-list?job=2401&job=2402&sheet=LABEL", "_blank");
  });

  it("list the jobs with what was chosen, which the browser remembers", async () => {
    const open = vi.fn();
    vi.stubGlobal("open", open);
    localStorage.clear();
    const user = userEvent.setup();
    show(["2402", "2401"]);
    await user.click(screen.getByText("The jobs as a list"));
    for (const left of ["barcode", "customer", "promised", "requested service", "ship-to"]) {
      await user.click(screen.getByLabelText(left));
    }
    await user.click(screen.getByLabelText("notes"));
    await user.click(screen.getByRole("button", { name: "Job list" }));
    expect(open).toHaveBeenLastCalledWith(
      "/api/v1/job-list?job=2402&job=2401&field=NOTES&field=LINES&sheet=LETTER&onePage=true",
      "_blank",
    );
    cleanup();
    show(["2402"]);
    expect((screen.getByLabelText("notes") as HTMLInputElement).checked).toBe(true);
    expect((screen.getByLabelText("barcode") as HTMLInputElement).checked).toBe(false);
  });

  it("say how many go at once", () => {
    show(Array.from({ length: 201 }, (_, index) => String(index)));
    expect(screen.queryByRole("button")).toBeNull();
  });
});
