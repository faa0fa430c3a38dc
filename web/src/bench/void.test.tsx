import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { MemoryRouter } from "react-router";
import { afterEach, describe, expect, it, vi } from "vitest";
import { VoidAct, VoidNote } from "./VoidAct";
import { emptyBench as bench } from "./samples";
import type { useAct } from "./useBench";

const mutate = vi.fn();
const act = { mutate, isPending: false } as unknown as ReturnType<typeof useAct>;

afterEach(() => {
  cleanup();
  mutate.mockClear();
});

describe("voiding", () => {
  const gone = { ...bench, state: "SHIPPED" as const, mayVoid: true };

  it("asks once, because it cannot be undone", async () => {
    const user = userEvent.setup();
    render(
      <MemoryRouter>
        <VoidAct bench={gone} act={act} />
      </MemoryRouter>,
    );
    await user.click(screen.getByRole("button", { name: /Void/ }));
    expect(mutate).not.toHaveBeenCalled();
    await user.click(screen.getByRole("button", { name: /Keep/ }));
    await user.click(screen.getByRole("button", { name: /Void/ }));
    await user.keyboard("{Enter}");
    expect(mutate).toHaveBeenCalledTimes(1);
  });

  it("voids one package of several by its number", async () => {
    const user = userEvent.setup();
    const sample = bench.packages[0] ?? ({ number: 1 } as (typeof bench.packages)[number]);
    const packages = [1, 2, 3].map((number) => ({ ...sample, number }));
    const { rerender } = render(<VoidAct bench={{ ...gone, mayVoidPackage: true, packages }} act={act} />);
    await user.click(screen.getByRole("button", { name: /Void/ }));
    await user.click(screen.getByRole("button", { name: "Void package 2 alone" }));
    expect(mutate).toHaveBeenCalledTimes(1);
    rerender(<VoidAct bench={{ ...gone, mayVoid: false, mayVoidPackage: true, packages }} act={act} />);
    await user.click(screen.getByRole("button", { name: /Void/ }));
    expect(screen.getByText(/one package/)).toBeTruthy();
    expect(screen.queryByRole("button", { name: /Enter/ })).toBeNull();
  });

  it("is not offered to whoever may not", () => {
    render(<VoidAct bench={{ ...gone, mayVoid: false }} act={act} />);
    expect(screen.queryByRole("button")).toBeNull();
  });

  it("says what the carrier said, and asks again while it has not answered", async () => {
    const user = userEvent.setup();
    const { rerender } = render(
      <VoidNote bench={{ ...gone, voided: { text: "Plover Parcel is asked.", awaited: true } }} act={act} />,
    );
    await user.click(screen.getByRole("button", { name: "Ask now" }));
    expect(mutate).toHaveBeenCalledTimes(1);
    rerender(<VoidNote bench={{ ...gone, voided: { text: "It refused.", awaited: false } }} act={act} />);
    expect(screen.queryByRole("button")).toBeNull();
    expect(screen.getByRole("status").textContent).toContain("It refused.");
  });
});
