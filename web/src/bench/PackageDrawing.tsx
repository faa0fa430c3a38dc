import type { BenchData } from "./useBench";

const BOX = 118;
const DEPTH_SHORTENED = 0.45;
/** Lower than this the code does not fit on the front and stands below. */
const LOW = 18;

/** The package to scale with the others on the bench, seen a little from above and the right. */
export function PackageDrawing({ each }: { each: BenchData["packages"][number] }) {
  const { length, width, height } = each.drawing;
  const depth = width * DEPTH_SHORTENED * Math.SQRT1_2;
  const scale = BOX / Math.max(length + depth, 1000);
  const [l, h, d] = [length * scale, height * scale, depth * scale];
  const total = { wide: BOX + 4, high: h + d + 4 + (h < LOW ? 14 : 0) };
  const front = { left: 2, top: 2 + d };
  return (
    <svg
      width={total.wide}
      height={total.high}
      viewBox={`0 0 ${total.wide} ${total.high}`}
      role="img"
      aria-label={`${each.cartonName}, ${each.size}`}
      className="shrink-0 self-center stroke-base-content"
      strokeWidth={1.5}
      strokeLinejoin="round"
    >
      <path
        className="fill-base-200"
        d={`M ${front.left} ${front.top} l ${d} ${-d} h ${l} l ${-d} ${d} z M ${front.left + l} ${front.top} l ${d} ${-d} v ${h} l ${-d} ${d} z`}
      />
      <rect className="fill-base-100" x={front.left} y={front.top} width={l} height={h} />
      <path
        fill="none"
        strokeWidth={1}
        d={`M ${front.left + d / 2} ${front.top - d / 2} h ${l}`}
        strokeDasharray="4 3"
      />
      <text
        x={front.left + l / 2}
        y={h < LOW ? front.top + h + 13 : front.top + h / 2 + 4}
        textAnchor="middle"
        stroke="none"
        className="fill-base-content font-mono text-[12px]"
      >
        {each.cartonCode}
      </text>
    </svg>
  );
}
