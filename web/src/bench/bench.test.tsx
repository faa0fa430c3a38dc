import { renderToStaticMarkup } from "react-dom/server";
import { cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it } from "vitest";

import { LayerPlan, said } from "./LayerPlan";
import { MoneySentence } from "./MoneySentence";
import { PackageDrawing, turnedPiece } from "./PackageDrawing";
import { PaperPictures } from "./PaperPictures";
import { emptyBench as bench, emptyPackage as box, usd } from "./samples";
import { words } from "../ui/words";

afterEach(cleanup);

describe("the money sentence", () => {
  it("adds up in reading", () => {
    const charge = {
      lines: [
        { title: "Plover Ground", amount: usd("18.42"), takenOff: false, reason: "" },
        { title: "10 % markup", amount: usd("1.84"), takenOff: false, reason: "" },
        { title: "cartons", amount: usd("0.85"), takenOff: false, reason: "" },
        { title: "5 % discount", amount: usd("1.06"), takenOff: true, reason: "" },
      ],
      total: usd("20.05"),
      margin: usd("0.78"),
      weKeep: true,
      reason: "Cost plus markup.",
    };
    expect(words(<MoneySentence bench={{ ...bench, charge }} />)).toBe(
      "Plover Ground 18.42 + 10 % markup 1.84 + cartons 0.85 − 5 % discount 1.06 = customer pays 20.05 USDwe keep 0.78Cost plus markup.",
    );
  });

  it("is not there for whoever may not see what the customer pays", () => {
    expect(words(<MoneySentence bench={{ ...bench, seesCharge: false, charge: undefined }} />)).toBe("");
  });

  it("says what it costs us when nothing is billed", () => {
    const charge = {
      lines: [],
      total: usd("0.00"),
      margin: usd("1.65"),
      weKeep: false,
      reason: "Receiver pays: nothing is billed.",
    };
    const said = words(<MoneySentence bench={{ ...bench, charge }} />);
    expect(said).toContain("Receiver pays: nothing is billed. customer pays 0.00");
    expect(said).toContain("it costs us 1.65");
  });

  it("says why there is no figure yet", () => {
    expect(words(<MoneySentence bench={bench} />)).toContain("is known when a service is chosen");
  });
});

describe("the drawing of a package", () => {
  it("says in words what it shows", () => {
    expect(renderToStaticMarkup(<PackageDrawing each={box} />)).toContain(
      'aria-label="Padded envelope, 10.5 × 7.5 × 1 in"',
    );
  });

  it("keeps the sides in proportion", () => {
    const drawn = renderToStaticMarkup(<PackageDrawing each={box} />);
    const front = /<rect[^>]*width="([\d.]+)" height="([\d.]+)"/.exec(drawn);
    expect(Number(front?.[2]) / Number(front?.[1])).toBeCloseTo(0.095, 5);
  });

  it("writes the code below a box too low for it", () => {
    const bottom = (drawn: string) => Number(/<text[^>]* y="([\d.]+)"/.exec(drawn)?.[1]);
    const low = renderToStaticMarkup(<PackageDrawing each={box} />);
    const high = renderToStaticMarkup(
      <PackageDrawing each={{ ...box, drawing: { ...box.drawing, height: 700 } }} />,
    );
    const height = (drawn: string) => Number(/<svg width="[\d.]+" height="([\d.]+)"/.exec(drawn)?.[1]);
    expect(bottom(low)).toBeLessThanOrEqual(height(low));
    expect(bottom(high)).toBeLessThan(height(high));
  });
});

describe("the contents of a package", () => {
  const piece = { line: 5, item: "SK-2", x: 20, y: 30, z: 10, length: 400, width: 300, height: 100 };
  const filled = {
    ...box,
    drawing: { length: 1000, width: 700, height: 500 },
    layers: [
      { height: { millimeters: 0, text: "0 in" }, pieces: [piece, { ...piece, x: 420 }] },
      { height: { millimeters: 0, text: "1 in" }, pieces: [{ ...piece, z: 110, line: 6, item: "BU-100" }] },
    ],
  };

  it("are drawn in their places, up to the layer looked at", () => {
    const all = renderToStaticMarkup(<PackageDrawing each={filled} />);
    const lowest = renderToStaticMarkup(<PackageDrawing each={filled} layer={0} />);
    expect(all.match(/<title>/g)).toHaveLength(3);
    expect(lowest.match(/<title>/g)).toHaveLength(2);
    expect(lowest).not.toContain("BU-100");
  });

  it("keep their proportion to the package in the layer's plan", () => {
    const plan = renderToStaticMarkup(<LayerPlan each={filled} />);
    const widths = [...plan.matchAll(/<rect[^>]* width="([\d.]+)"/g)].map((match) => Number(match[1]));
    expect((widths[1] ?? 0) / (widths[0] ?? 1)).toBeCloseTo(0.4, 5);
  });

  it("are said in words", () => {
    expect(said([{ item: "SK-2" }, { item: "BU-100" }, { item: "SK-2" }])).toBe("2 × SK-2, 1 × BU-100");
    expect(words(<LayerPlan each={filled} />)).toContain("Layer 1 of 2 from 0 in up");
  });
});

describe("turning the drawing", () => {
  it("brings a piece back where it was after four quarters", () => {
    const sides = { length: 1000, width: 700, height: 500 };
    const piece = { line: 5, item: "SK-2", x: 20, y: 30, z: 10, length: 400, width: 300, height: 100 };
    expect(turnedPiece(piece, sides, 4)).toEqual(piece);
    expect(turnedPiece(piece, sides, 1)).toMatchObject({ x: 30, y: 580, length: 300, width: 400 });
  });
});

describe("stepping through the pieces", () => {
  it("names the next piece to place, layer after layer, by key", async () => {
    const user = userEvent.setup();
    const piece = { line: 5, item: "SK-2", x: 0, y: 0, z: 0, length: 400, width: 300, height: 100 };
    const each = {
      ...box,
      drawing: { length: 1000, width: 700, height: 500 },
      layers: [
        { height: { millimeters: 0, text: "0 in" }, pieces: [piece] },
        { height: { millimeters: 0, text: "1 in" }, pieces: [{ ...piece, line: 6, item: "BU-100", z: 100 }] },
      ],
    };
    render(<LayerPlan each={each} />);
    await user.keyboard("{Alt>}.{/Alt}");
    expect(screen.getByRole("status").textContent).toBe("Place SK-2, piece 1 of 1 in this layer");
    await user.keyboard("{Alt>}.{/Alt}");
    expect(screen.getByRole("status").textContent).toContain("BU-100");
    expect(screen.getByText("Layer 2 of 2")).toBeTruthy();
    await user.keyboard("{Alt>}{ArrowRight}{/Alt}");
    expect(screen.getByText("Layer 1 of 2")).toBeTruthy();
  });
});

describe("the pictures of papers", () => {
  it("say that they come before they are made", () => {
    expect(words(<PaperPictures bench={bench} />)).toBe("Label and slip come in a moment.");
  });

  it("name each paper and lead to it", () => {
    const papers = [{ id: 7, kind: "LABEL", title: "Label 1 of 1", address: "/api/v1/papers/7" }];
    const shown = renderToStaticMarkup(<PaperPictures bench={{ ...bench, papers }} />);
    expect(shown).toContain('href="/api/v1/papers/7"');
    expect(shown).toContain('src="/api/v1/papers/7/picture"');
    expect(shown).toContain('alt="Label 1 of 1 of job 2417"');
  });
});
