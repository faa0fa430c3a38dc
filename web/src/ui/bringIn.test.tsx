import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { BringIn } from "./BringIn";

afterEach(cleanup);

const file = new File(["Order No\r\n1"], "orders.csv", { type: "text/csv" });

function page(may: boolean) {
  const take = vi.fn();
  render(
    <BringIn what="File of work orders" may={may} busy={false} take={take}>
      {(button) => (
        <>
          <h1>Jobs</h1>
          {button}
        </>
      )}
    </BringIn>,
  );
  return take;
}

function drop(...files: File[]) {
  const items = files.map((each) => ({ kind: "file", type: each.type, getAsFile: () => each }));
  fireEvent.drop(screen.getByText("Jobs"), { dataTransfer: { files, types: ["Files"], items } });
}

describe("bringing a file in", () => {
  it("takes what is dropped anywhere on the page, once", async () => {
    const take = page(true);
    drop(file);
    await waitFor(() => expect(take).toHaveBeenCalledExactlyOnceWith(file));
  });

  it("takes none of several, and says so", async () => {
    const take = page(true);
    drop(file, new File(["x"], "other.csv"));
    expect((await screen.findByRole("alert")).textContent).toContain("Drop them one after the other.");
    expect(take).not.toHaveBeenCalled();
  });

  it("offers nothing and takes nothing from whoever may not", async () => {
    const take = page(false);
    drop(file);
    await new Promise((resolve) => setTimeout(resolve));
    expect(take).not.toHaveBeenCalled();
    expect(screen.queryByRole("button")).toBeNull();
  });
});
