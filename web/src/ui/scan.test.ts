import { describe, expect, it } from "vitest";
import { type Heard, ScanDetector, SETUP_TEXT } from "./scan";

/** Numbers that look drawn at random and are always the same. */
function jitter(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 1103515245 + 12345) % 2147483648) / 2147483648;
}

/** Sends keys with a pause before each, in milliseconds, and says what was heard at the end. */
function send(text: string, pause: () => number, detector = new ScanDetector(), end = "Enter"): Heard {
  let at = 1_000;
  for (const key of text) {
    detector.key(key, at);
    at += pause();
  }
  return detector.key(end, at);
}

describe("a scanner is told from a person", () => {
  /** A scanner's own pause of 5 to 80 ms; a busy machine hands each key over up to 40 ms late, but in order. */
  it.each([5, 12, 20, 35, 50, 65, 80])("reads a scanner that pauses %i ms on a loaded machine", (pause) => {
    for (let seed = 1; seed <= 200; seed++) {
      const random = jitter(seed);
      for (const text of ["2418", "DX900417000009"]) {
        const detector = new ScanDetector();
        let handedOver = 0;
        [...text].forEach((key, index) => {
          handedOver = Math.max(handedOver, index * pause + random() * 40);
          detector.key(key, handedOver);
        });
        handedOver = Math.max(handedOver, text.length * pause + random() * 40);
        expect(detector.key("Enter", handedOver)).toEqual({ scan: text });
      }
    }
  });

  /** Typists of 60 to 90 words a minute need 130 to 200 ms a key, and unevenly. Common practice, no source. */
  it.each([130, 160, 200])("takes typing at %i ms a key for typing", (mean) => {
    for (let seed = 1; seed <= 200; seed++) {
      const random = jitter(seed);
      const unevenly = () => mean * (0.7 + random() * 0.6);
      expect(send("2418", unevenly)).toBeUndefined();
    }
  });

  it.each(["4.2", "12.5", "4 lb 3 oz", "18x12x6 in", "1/2", "121"])(
    "never takes %s for a scan, however quickly it comes",
    (text) => {
      expect(send(text, () => 5)).toBeUndefined();
    },
  );

  it("wants the closing key at once", () => {
    const detector = new ScanDetector();
    [..."2417"].forEach((key, index) => detector.key(key, index * 5));
    expect(detector.key("Enter", 400)).toBeUndefined();
  });

  it("leaves out what was typed before the scan began", () => {
    const detector = new ScanDetector();
    detector.key("9", 0);
    [..."2417"].forEach((key, index) => detector.key(key, 200 + index * 5));
    expect(detector.key("Enter", 220)).toEqual({ scan: "2417" });
  });

  it("does not mind Shift between the letters, nor Tab at the end", () => {
    const detector = new ScanDetector();
    let at = 0;
    for (const key of ["Shift", "D", "Shift", "X", "1", "2"]) {
      detector.key(key, (at += 5));
    }
    expect(detector.key("Tab", at + 5)).toEqual({ scan: "DX12" });
  });
});

describe("a scanner that is set up", () => {
  it("is learned from the setup barcode, with the sign before and the key after", () => {
    const detector = new ScanDetector();
    expect(send("~" + SETUP_TEXT, () => 30, detector, "Tab")).toEqual({
      learned: { prefix: "~", suffix: "Tab" },
    });
    expect(send("~2418", () => 60, detector, "Tab")).toEqual({ scan: "2418" });
  });

  it("is known by its sign, and no letter of it reaches a field, however slowly it comes", () => {
    const detector = new ScanDetector({ prefix: "~", suffix: "Enter" });
    let at = 0;
    const heard = [..."~24.18"].map((key) => detector.key(key, (at += 200)));
    expect(new Set(heard)).toEqual(new Set(["of a scan"]));
    expect(detector.key("Enter", at + 200)).toEqual({ scan: "24.18" });
  });

  it("leaves what is typed quickly without its sign alone", () => {
    expect(send("2418", () => 5, new ScanDetector({ prefix: "~", suffix: "Enter" }))).toBeUndefined();
  });
});
