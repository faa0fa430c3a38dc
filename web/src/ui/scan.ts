import { useEffect } from "react";

/** The text of the barcode from which a desk learns what its scanner sends; the server draws it. */
export const SETUP_TEXT = "NOBREC-SCANNER-SETUP";

const KEPT_AS = "nobrec.scanner";
const SHORTEST_SCAN = 4;

/** Slower than this on the whole is a person. A scanner may be set to pause up to 80 ms, and the machine adds to that. */
const SLOWEST_MEAN_MS = 95;

/** A scanner pauses evenly: no gap is longer than the mean so many times, and a little. */
const MAX_TIMES_THE_MEAN = 2;
const JITTER_MS = 60;

/** Longer ends whatever was begun. */
const LONGEST_GAP_MS = 250;

/** What can stand in one of our barcodes and is no measure that a person types. */
const CODE = /^[A-Za-z0-9][A-Za-z0-9-]*$/;

/** What the scanner of this desk sends before and after each text. */
export interface ScannerSetting {
  prefix: string;
  suffix: string;
}

export function keptSetting(): ScannerSetting | undefined {
  try {
    const kept = JSON.parse(localStorage.getItem(KEPT_AS) ?? "null") as Partial<ScannerSetting> | null;
    return typeof kept?.prefix === "string" && typeof kept.suffix === "string"
      ? { prefix: kept.prefix, suffix: kept.suffix }
      : undefined;
  } catch {
    return undefined;
  }
}

function keep(setting: ScannerSetting) {
  localStorage.setItem(KEPT_AS, JSON.stringify(setting));
}

/** What a key meant: a whole scan, the learned setting, or a key of a scan that must not reach a field. */
export type Heard = { scan: string } | { learned: ScannerSetting } | "of a scan" | undefined;

interface Stroke {
  key: string;
  at: number;
}

/**
 * Tells a scanner from a person: by the sign that it sends before each text, once it is set up; else by keys that come quickly
 * and evenly and end with Enter or Tab.
 */
export class ScanDetector {
  private strokes: Stroke[] = [];
  private inScan = false;

  constructor(private setting?: ScannerSetting) {}

  key(key: string, at: number): Heard {
    if (key === "Shift" || key === "Control" || key === "Alt" || key === "Unidentified") {
      return undefined;
    }
    const last = this.strokes.at(-1);
    if (last && at - last.at > LONGEST_GAP_MS) {
      this.strokes = [];
      this.inScan = false;
    }
    this.strokes.push({ key, at });
    this.strokes = this.strokes.slice(-80);
    return this.learn(key) ?? (this.setting?.prefix ? this.bySign(key, this.setting) : this.byPace(key));
  }

  private learn(key: string): Heard {
    if (key !== "Enter" && key !== "Tab") {
      return undefined;
    }
    const keys = this.strokes.slice(0, -1).map((stroke) => stroke.key);
    const text = keys.map((each) => (each.length === 1 ? each : "\u0000")).join("");
    const begin = text.indexOf(SETUP_TEXT);
    if (begin < 0) {
      return undefined;
    }
    this.setting = { prefix: keys.slice(0, begin).at(-1) ?? "", suffix: key };
    this.forget();
    return { learned: this.setting };
  }

  private bySign(key: string, setting: ScannerSetting): Heard {
    if (!this.inScan) {
      if (key === setting.prefix) {
        this.strokes = [];
        this.inScan = true;
        return "of a scan";
      }
      return undefined;
    }
    if (key !== setting.suffix) {
      return "of a scan";
    }
    const scan = this.letters(this.strokes.slice(0, -1));
    this.forget();
    return scan ? { scan } : "of a scan";
  }

  private byPace(key: string): Heard {
    if (key !== "Enter" && key !== "Tab") {
      return undefined;
    }
    const strokes = this.even();
    const scan = this.letters(strokes.slice(0, -1));
    this.forget();
    return scan.length >= SHORTEST_SCAN && CODE.test(scan) ? { scan } : undefined;
  }

  /** The longest run of strokes up to the last that came quickly and evenly. */
  private even(): Stroke[] {
    for (let from = 0; from <= this.strokes.length - 1 - SHORTEST_SCAN; from++) {
      const run = this.strokes.slice(from);
      const gaps = run.slice(1).map((stroke, index) => stroke.at - (run[index] as Stroke).at);
      const mean = gaps.reduce((sum, each) => sum + each, 0) / gaps.length;
      const even = Math.max(...gaps) <= mean * MAX_TIMES_THE_MEAN + JITTER_MS;
      if (mean <= SLOWEST_MEAN_MS && even && run.slice(0, -1).every((stroke) => stroke.key.length === 1)) {
        return run;
      }
    }
    return [];
  }

  private letters(strokes: Stroke[]): string {
    return strokes
      .filter((stroke) => stroke.key.length === 1)
      .map((stroke) => stroke.key)
      .join("");
  }

  private forget() {
    this.strokes = [];
    this.inScan = false;
  }
}

/** Our own cards: they are no text for any field. */
const CARD = /^NOBREC-(ACT|BADGE)-/i;

/** A field with this attribute takes what is scanned into it itself. */
export const TAKES_SCANS = "data-takes-scans";

/**
 * Hands over whatever is scanned, wherever the focus is, but for a field that takes scans itself. No scanned letter stays in
 * another field.
 */
export function useScanner(onScan: (text: string) => void, onLearned: (setting: ScannerSetting) => void) {
  useEffect(() => {
    const detector = new ScanDetector(keptSetting());
    function listen(event: KeyboardEvent) {
      if (event.ctrlKey || event.metaKey || event.isComposing) {
        return;
      }
      const heard = detector.key(event.key, event.timeStamp);
      const ownField = takesScans(event.target);
      if (
        heard === undefined ||
        (heard !== "of a scan" && "scan" in heard && ownField && !CARD.test(heard.scan))
      ) {
        return;
      }
      if (heard === "of a scan" && ownField) {
        return;
      }
      event.preventDefault();
      event.stopPropagation();
      if (heard === "of a scan") {
        return;
      }
      if ("learned" in heard) {
        keep(heard.learned);
        takeBack(event.target, heard.learned.prefix + SETUP_TEXT);
        onLearned(heard.learned);
        return;
      }
      takeBack(event.target, heard.scan);
      onScan(heard.scan);
    }
    window.addEventListener("keydown", listen, true);
    return () => window.removeEventListener("keydown", listen, true);
  }, [onScan, onLearned]);
}

/** Takes scanned letters out of the field into which they were written. */
function takeBack(target: EventTarget | null, text: string) {
  if (!(target instanceof HTMLInputElement)) {
    return;
  }
  if (target.value.endsWith(text)) {
    const write = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set;
    write?.call(target, target.value.slice(0, -text.length));
    target.dispatchEvent(new Event("input", { bubbles: true }));
  }
  target.blur();
}

function takesScans(target: EventTarget | null): boolean {
  return target instanceof Element && target.hasAttribute(TAKES_SCANS);
}
