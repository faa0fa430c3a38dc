import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render, screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import type { ReactNode } from "react";
import { MemoryRouter } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { AttentionRow, type Row } from "../attention/AttentionRow";
import { useChosen } from "../jobs/useChosen";
import type { JobRow } from "../jobs/columns";
import type { Problem } from "../api/problem";
import { EntryField } from "./EntryField";
import { fieldLabel } from "./fieldLabel";
import { type Job, saveEntries } from "./useJob";

vi.mock("./useJob", async (original) => ({
  ...(await original<typeof import("./useJob")>()),
  saveEntries: vi.fn(),
}));
const save = vi.mocked(saveEntries);

function refusal(thing: string, detail: string): Problem {
  return { thing, detail, remedy: "Look at it.", status: 409 } as Problem;
}

function show(children: ReactNode) {
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter>{children}</MemoryRouter>
    </QueryClientProvider>,
  );
}

afterEach(() => {
  cleanup();
  save.mockReset();
});

const row: Row = {
  job: "2601",
  customer: "Tarn Hydraulics",
  shipTo: "Tarn Hydraulics",
  address: "8 Mill Road, Tucson, NV 85701",
  status: "READY",
  kind: "ADDRESS",
  reason: "85701 lies in AZ, the address says NV.",
  remedy: "Write Tucson, AZ 85701.",
  field: { field: "STATE", label: "Ship-to state", line: 0, now: "NV" },
  proposed: { city: "Tucson", state: "AZ", postalCode: "85701", reason: "85701 is in AZ." },
};

function attention(goOn = vi.fn()) {
  show(
    <table>
      <tbody>
        <AttentionRow row={row} chosen={false} toggle={vi.fn()} goOn={goOn} mayEdit again={false} first />
      </tbody>
    </table>,
  );
  return goOn;
}

describe("a job that needs attention", () => {
  it("is put right in its row, with what stood there before, and goes on to the next", async () => {
    save.mockResolvedValue({} as Job);
    const goOn = attention();
    const person = userEvent.setup();
    expect(document.activeElement).toBe(screen.getByLabelText("State of job 2601"));
    await person.keyboard("{Control>}a{/Control}AZ{Enter}");
    await waitFor(() => expect(goOn).toHaveBeenCalledWith("2601|ADDRESS|0|STATE"));
    expect(save).toHaveBeenCalledWith("2601", [{ field: "STATE", line: 0, before: "NV", text: "AZ" }]);
  });

  it("takes what was meant by Alt+A, whole", async () => {
    save.mockResolvedValue({} as Job);
    attention();
    await userEvent.setup().keyboard("{Alt>}a{/Alt}");
    await waitFor(() => expect(save).toHaveBeenCalled());
    expect(save.mock.calls[0]?.[1]).toEqual([
      { field: "CITY", line: 0, text: "Tucson" },
      { field: "STATE", line: 0, text: "AZ" },
      { field: "POSTAL_CODE", line: 0, text: "85701" },
    ]);
  });

  it("says why it was refused and keeps the key where it was", async () => {
    save.mockRejectedValue(refusal("Job 2601", "No such state."));
    const goOn = attention();
    await userEvent.setup().keyboard("{Control>}a{/Control}ZZ{Enter}");
    expect((await screen.findByRole("alert")).textContent).toContain("No such state.");
    expect(document.activeElement).toBe(screen.getByLabelText("State of job 2601"));
    expect(goOn).not.toHaveBeenCalled();
  });
});

describe("a field of a job", () => {
  it("shows the first's words to the second, who may write over them", async () => {
    save.mockRejectedValue(refusal("Street of job 2601", "Tobin changed it. It says “9 Mill Road” now."));
    show(<EntryField job="2601" field="STREET" line={0} label="Street" text="8 Mill Road" mayEdit />);
    const person = userEvent.setup();
    await person.type(screen.getByLabelText("Street"), " B{Enter}");
    expect((await screen.findByRole("alert")).textContent).toContain("9 Mill Road");
    await person.click(screen.getByRole("button", { name: "Save mine" }));
    await waitFor(() => expect(save).toHaveBeenCalledTimes(2));
    expect(save).toHaveBeenCalledWith("2601", [
      { field: "STREET", line: 0, before: "8 Mill Road", text: "8 Mill Road B" },
    ]);
  });

  it("asks for nothing when nothing was changed, and Escape leaves it as it was", async () => {
    show(<EntryField job="2601" field="STREET" line={0} label="Street" text="8 Mill Road" mayEdit />);
    const person = userEvent.setup();
    const field = screen.getByLabelText<HTMLInputElement>("Street");
    await person.type(field, "xyz{Escape}{Enter}");
    expect(field.value).toBe("8 Mill Road");
    expect(save).not.toHaveBeenCalled();
  });

  it("is called as its part of the page says the rest", () => {
    expect(fieldLabel("Ship-to postal code")).toBe("Postal code");
    expect(fieldLabel("Bill-to city")).toBe("City");
    expect(fieldLabel("Promise date")).toBe("Promise date");
  });
});

function Choosing({ rows }: { rows: JobRow[] }) {
  const chosen = useChosen();
  return (
    <>
      <output>{[...chosen.rows.keys()].join(" ")}</output>
      <button onClick={() => rows[1] && chosen.toggle(rows[1])}>second</button>
      <button onClick={() => chosen.range(rows, 3)}>to the fourth</button>
      <button onClick={chosen.none}>none</button>
    </>
  );
}

describe("choosing jobs", () => {
  it("takes a range from the one chosen last, in either direction", async () => {
    const rows = ["a", "b", "c", "d"].map((number) => ({ number }) as JobRow);
    show(<Choosing rows={rows} />);
    const person = userEvent.setup();
    const said = () => screen.getByRole("status").textContent;
    await person.click(screen.getByText("second"));
    await person.click(screen.getByText("to the fourth"));
    expect(said()).toBe("b c d");
    await person.click(screen.getByText("second"));
    expect(said()).toBe("c d");
    await person.click(screen.getByText("none"));
    expect(said()).toBe("");
  });
});
