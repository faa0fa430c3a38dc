import { useCallback, useMemo, useState } from "react";
import { useKeys } from "../ui/keys";
import { PackageDrawing, shade } from "./PackageDrawing";
import type { BenchData } from "./useBench";

type Package = BenchData["packages"][number];
type Piece = Package["layers"][number]["pieces"][number];

/** The drawing's own length unit: a package is so long in it. */
const WIDE = 250;
const LETTER_WIDE = 6.4;
const TURNS = 4;

/**
 * How to pack: the layers one after the other, seen from above, the front edge at the bottom, piece by piece where she steps through
 * them; and the package as it stands then.
 */
export function LayerPlan({ each }: { each: Package }) {
  const steps = useMemo(
    () =>
      each.layers.flatMap((layer, index) =>
        layer.pieces.map((piece, place) => ({ layer: index, place, piece })),
      ),
    [each.layers],
  );
  const [layerShown, setLayer] = useState(0);
  const [step, setStep] = useState<number>();
  const [turn, setTurn] = useState(0);
  const count = each.layers.length;
  const placing = step === undefined ? undefined : steps[Math.min(step, steps.length - 1)];
  const at = placing?.layer ?? Math.min(layerShown, count - 1);
  const pieces = steps.length;
  const toLayer = useCallback(
    (by: number) => {
      setLayer((at + count + by) % count);
      setStep(undefined);
    },
    [at, count],
  );
  const toStep = useCallback(
    (by: number) => setStep((now) => (now === undefined ? 0 : (now + pieces + by) % pieces)),
    [pieces],
  );
  const toTurn = useCallback(() => setTurn((now) => (now + 1) % TURNS), []);
  useKeys(
    useMemo(() => {
      const of = (key: string, label: string, run: () => void) => ({ key, label, group: "Drawing", run });
      return [
        of("Alt+ArrowRight", "Next layer", () => toLayer(1)),
        of("Alt+ArrowLeft", "Layer before", () => toLayer(-1)),
        of("Alt+.", "Next piece to place", () => toStep(1)),
        of("Alt+,", "Piece before", () => toStep(-1)),
        of("Alt+t", "Turn the drawing", toTurn),
      ];
    }, [toLayer, toStep, toTurn]),
  );
  const layer = each.layers[at];
  if (!layer) {
    return null;
  }
  const lines = [...new Set(each.layers.flatMap((one) => one.pieces).map((piece) => piece.line))];
  return (
    <figure className="mt-1 flex min-h-44 shrink flex-col">
      <figcaption className="tight flex items-center gap-2 whitespace-nowrap">
        <span className="min-w-0 truncate">
          <strong>
            Layer {at + 1} of {count}
          </strong>{" "}
          <span className="quiet">from {layer.height.text} up</span>
        </span>
        <span className="ml-auto flex gap-1">
          <Act label="Layer before" sign="←" go={() => toLayer(-1)} />
          <Act label="Next layer" sign="→" go={() => toLayer(1)} />
          <button type="button" className="act" title="Alt ." onClick={() => toStep(1)}>
            Next piece
          </button>
          <button type="button" className="act" title="Alt T" onClick={toTurn}>
            Turn
          </button>
        </span>
      </figcaption>
      <div
        className="mt-1 flex min-h-0 shrink items-stretch gap-3 max-[900px]:max-h-64"
        style={{ aspectRatio: proportion(each) }}
      >
        <Plan each={each} at={at} lines={lines} placing={placing} />
        <PackageDrawing each={each} layer={at} turn={turn} large />
      </div>
      {placing ? (
        <p role="status" className="mt-1">
          Place <strong className="figure">{placing.piece.item}</strong>, piece {placing.place + 1} of{" "}
          {layer.pieces.length} in this layer
        </p>
      ) : (
        <Legend pieces={layer.pieces} lines={lines} />
      )}
    </figure>
  );
}

/** Of the two drawings side by side: as high as the plan is in its three fifths, but not flat. */
function proportion(each: Package): number {
  const plan = (0.58 * each.drawing.width) / Math.max(each.drawing.length, 1);
  return 1 / Math.max(plan, 0.3);
}

interface PlanProps {
  each: Package;
  at: number;
  lines: number[];
  placing: { layer: number; place: number } | undefined;
}

/** One layer from above. While she places piece by piece, what is still to come is drawn faintly. */
function Plan({ each, at, lines, placing }: PlanProps) {
  const scale = WIDE / Math.max(each.drawing.length, 1);
  const high = each.drawing.width * scale;
  const pieces = each.layers[at]?.pieces ?? [];
  return (
    <svg
      viewBox={`-1 -1 ${WIDE + 2} ${high + 2}`}
      preserveAspectRatio="xMinYMin meet"
      role="img"
      aria-label={`Layer ${at + 1} from above: ${said(pieces)}`}
      className="min-w-0 flex-1 stroke-base-content"
    >
      <rect width={WIDE} height={high} fill="none" strokeWidth={1.5} />
      {pieces.map((piece, index) => {
        const [x, w] = [piece.x * scale, piece.length * scale];
        const [y, h] = [high - (piece.y + piece.width) * scale, piece.width * scale];
        const toCome = placing !== undefined && index > placing.place;
        const label = labelOf(piece, lines, w);
        return (
          <g key={index} opacity={toCome ? 0.25 : 1}>
            <rect
              x={x}
              y={y}
              width={w}
              height={h}
              strokeWidth={placing?.place === index ? 3 : 0.8}
              className={shade(lines.indexOf(piece.line))}
            />
            {h > 10 && w > 8 && (
              <text
                x={x + w / 2}
                y={y + h / 2 + 3.5}
                textAnchor="middle"
                stroke="none"
                className="fill-base-content font-mono text-[10px]"
              >
                {label}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}

/** The item where it fits, else its letter in the legend. Of a carton on a pallet its code. */
function labelOf(piece: Piece, lines: number[], wide: number): string {
  const item = piece.item.split(":")[0] ?? piece.item;
  return item.length * LETTER_WIDE < wide ? item : letter(lines.indexOf(piece.line));
}

function letter(line: number): string {
  return String.fromCharCode("a".charCodeAt(0) + (line % 26));
}

/** Which shade and letter is which item, and how many of it lie in the layer. */
function Legend({ pieces, lines }: { pieces: Piece[]; lines: number[] }) {
  const here = lines.filter((line) => pieces.some((piece) => piece.line === line));
  return (
    <ul className="mt-1 flex flex-wrap gap-x-4">
      {here.map((line) => {
        const own = pieces.filter((piece) => piece.line === line);
        return (
          <li key={line} className="flex items-center gap-1.5">
            <svg width={14} height={14} aria-hidden className="stroke-base-content">
              <rect
                x={1}
                y={1}
                width={12}
                height={12}
                strokeWidth={0.8}
                className={shade(lines.indexOf(line))}
              />
            </svg>
            <span className="figure whitespace-normal">
              {letter(lines.indexOf(line))} {said(own)}
            </span>
          </li>
        );
      })}
    </ul>
  );
}

function Act({ label, sign, go }: { label: string; sign: string; go: () => void }) {
  return (
    <button type="button" className="act" aria-label={label} title={`Alt ${sign}`} onClick={go}>
      {sign}
    </button>
  );
}

/** What lies in a layer: {@code 6 × SK-2, 4 × BU-100}. */
export function said(pieces: { item: string }[]): string {
  const counts = new Map<string, number>();
  pieces.forEach((piece) => counts.set(piece.item, (counts.get(piece.item) ?? 0) + 1));
  return [...counts].map(([item, count]) => `${count} × ${item}`).join(", ");
}
