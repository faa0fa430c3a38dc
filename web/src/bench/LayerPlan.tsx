import { useMemo, useState } from "react";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { PackageDrawing, shade } from "./PackageDrawing";
import type { BenchData } from "./useBench";

type Package = BenchData["packages"][number];

const WIDE = 250;
const HIGH = 170;
const LOW = 120;
const LETTER_WIDE = 6.4;

/**
 * How to pack: the layers one after the other, seen from above, the front edge at the bottom. Low where there are other packages
 * to be seen.
 */
export function LayerPlan({ each, low }: { each: Package; low: boolean }) {
  const [requested, setRequested] = useState(0);
  const count = each.layers.length;
  const at = Math.min(requested, count - 1);
  useKeys(
    useMemo(
      () => [
        { key: "Alt+ArrowRight", label: "Next layer", run: () => setRequested((now) => (now + 1) % count) },
        {
          key: "Alt+ArrowLeft",
          label: "Layer before",
          run: () => setRequested((now) => (now + count - 1) % count),
        },
      ],
      [count],
    ),
  );
  const layer = each.layers[at];
  if (!layer) {
    return null;
  }
  const scale = WIDE / Math.max(each.drawing.length, 1);
  const high = each.drawing.width * scale;
  const lines = [...new Set(each.layers.flatMap((one) => one.pieces).map((piece) => piece.line))];
  return (
    <figure className="mt-2">
      <figcaption className="flex items-center gap-2">
        <strong>
          Layer {at + 1} of {count}
        </strong>
        <span className="quiet">from {layer.height} up</span>
        <span className="ml-auto flex gap-1">
          <Step label="Layer before" sign="←" go={() => setRequested((at + count - 1) % count)} />
          <Step label="Next layer" sign="→" go={() => setRequested((at + 1) % count)} />
        </span>
      </figcaption>
      <div className="mt-1 flex items-end gap-3">
        <svg
          width={WIDE + 2}
          height={Math.min(high + 2, low ? LOW : HIGH)}
          viewBox={`-1 -1 ${WIDE + 2} ${high + 2}`}
          preserveAspectRatio="xMinYMax meet"
          role="img"
          aria-label={`Layer ${at + 1} from above: ${said(layer.pieces)}`}
          className="stroke-base-content"
        >
          <rect width={WIDE} height={high} fill="none" strokeWidth={1.5} />
          {layer.pieces.map((piece, index) => {
            const [x, w] = [piece.x * scale, piece.length * scale];
            const [y, h] = [high - (piece.y + piece.width) * scale, piece.width * scale];
            // Of a carton on a pallet its code; what is in it is said below.
            const label = piece.item.split(":")[0] ?? piece.item;
            return (
              <g key={index}>
                <rect
                  x={x}
                  y={y}
                  width={w}
                  height={h}
                  strokeWidth={0.8}
                  className={shade(lines.indexOf(piece.line))}
                />
                {label.length * LETTER_WIDE < w && h > 10 && (
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
        <PackageDrawing each={each} layer={at} />
      </div>
      <p className="figure mt-1 whitespace-normal">{said(layer.pieces)}</p>
    </figure>
  );
}

function Step({ label, sign, go }: { label: string; sign: string; go: () => void }) {
  return (
    <button type="button" className="act" aria-label={label} onClick={go}>
      <Key name={`Alt ${sign}`} />
    </button>
  );
}

/** What lies in a layer: {@code 6 × SK-2, 4 × BU-100}. */
export function said(pieces: { item: string }[]): string {
  const counts = new Map<string, number>();
  pieces.forEach((piece) => counts.set(piece.item, (counts.get(piece.item) ?? 0) + 1));
  return [...counts].map(([item, count]) => `${count} × ${item}`).join(", ");
}
