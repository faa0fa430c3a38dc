import { describe, expect, it } from "vitest";
import { ScanDetector } from "./scan";

/** Sends keys with a pause before each, in milliseconds, and says what was recognised at the end. */
function send(text: string, pause: number, pauseBeforeEnter = pause): string | undefined {
  const detector = new ScanDetector();
  let at = 1_000;
  for (const key of text) {
    expect(detector.key(key, at)).toBeUndefined();
    at += pause;
  }
  return detector.key("Enter", at - pause + pauseBeforeEnter);
}

describe("a scanner is told from a person by its speed", () => {
  it.each([
    ["2417", 1],
    ["DX900417000009", 12],
    ["GP417000003US", 35],
  ])("takes %s at %i ms a key for a scan", (text, pause) => {
    expect(send(text, pause)).toBe(text);
  });

  it.each([
    ["2417", 36],
    ["4 lb 3 oz", 90],
  ])("takes %s at %i ms a key for typing", (text, pause) => {
    expect(send(text, pause)).toBeUndefined();
  });

  it("does not take a short burst for a scan", () => {
    expect(send("12", 5)).toBeUndefined();
  });

  it("wants the closing Enter at once", () => {
    expect(send("2417", 5, 400)).toBeUndefined();
  });

  it("leaves out what was typed before the scan began", () => {
    const detector = new ScanDetector();
    detector.key("9", 0);
    for (const [index, key] of [..."2417"].entries()) {
      detector.key(key, 500 + index * 5);
    }
    expect(detector.key("Enter", 520)).toBe("2417");
  });

  it("does not mind Shift between the letters", () => {
    const detector = new ScanDetector();
    let at = 0;
    for (const key of ["Shift", "D", "Shift", "X", "1", "2"]) {
      detector.key(key, (at += 5));
    }
    expect(detector.key("Enter", at + 5)).toBe("DX12");
  });

  it("begins anew after each scan", () => {
    const detector = new ScanDetector();
    for (const key of ["1", "1", "1"]) {
      detector.key(key, 1);
    }
    expect(detector.key("Enter", 2)).toBe("111");
    expect(detector.key("Enter", 3)).toBeUndefined();
  });
});
