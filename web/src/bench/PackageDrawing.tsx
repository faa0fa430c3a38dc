import type { BenchData } from "./useBench";

const BOX = 118;
const DEPTH_SHORTENED = 0.45 * Math.SQRT1_2;
/** Lower than this the code does not fit on the front and stands below. */
const LOW = 18;
/** The longest side of all packages shown is a thousand long. */
const SHARED = 1000;

type Package = BenchData["packages"][number];
type Piece = Package["layers"][number]["pieces"][number];

interface Props {
  each: Package;
  layer?: number | undefined;
  /** Quarter turns, seen from above against the clock. */
  turn?: number;
  /** As large as its place allows; else small, to scale with the others on the bench. */
  large?: boolean;
}

/** The package, its contents in their places, seen a little from above and the right. */
export function PackageDrawing({ each, layer, turn = 0, large = false }: Props) {
  const { length, width, height } = turned(each.drawing, turn);
  const scale = BOX / Math.max(length + width * DEPTH_SHORTENED, large ? height : SHARED);
  const [l, h, d] = [length * scale, height * scale, width * DEPTH_SHORTENED * scale];
  const bare = each.layers.length === 0;
  const below = h < LOW || !bare;
  const total = { wide: BOX + 4, high: h + d + 4 + (below ? 14 : 0) };
  const front = { left: 2, top: 2 + d };
  const pieces = each.layers
    .slice(0, layer === undefined ? undefined : layer + 1)
    .flatMap((one) => one.pieces)
    .map((piece) => turnedPiece(piece, each.drawing, turn));
  return (
    <svg
      {...(large ? { preserveAspectRatio: "xMaxYMin meet" } : { width: total.wide, height: total.high })}
      viewBox={`0 0 ${total.wide} ${total.high}`}
      role="img"
      aria-label={`${each.cartonName}, ${each.size.text}`}
      className={"stroke-base-content " + (large ? "w-2/5" : "shrink-0 self-center")}
      strokeWidth={1.5}
      strokeLinejoin="round"
    >
      {bare ? (
        <>
          <path
            className="fill-base-200"
            d={`M ${front.left} ${front.top} l ${d} ${-d} h ${l} l ${-d} ${d} z M ${front.left + l} ${front.top} l ${d} ${-d} v ${h} l ${-d} ${d} z`}
          />
          <rect className="fill-base-100" x={front.left} y={front.top} width={l} height={h} />
        </>
      ) : (
        <Inside pieces={pieces} scale={scale} floor={front.top + h} left={front.left} />
      )}
      <path
        fill="none"
        strokeWidth={bare ? 1 : 1.5}
        strokeDasharray={bare ? "4 3" : ""}
        d={
          bare
            ? `M ${front.left + d / 2} ${front.top - d / 2} h ${l}`
            : `M ${front.left} ${front.top} h ${l} v ${h} h ${-l} z l ${d} ${-d} h ${l} v ${h} l ${-d} ${d} m 0 ${-h} l ${d} ${-d}`
        }
      />
      <text
        x={front.left + l / 2}
        y={below ? front.top + h + 13 : front.top + h / 2 + 4}
        textAnchor="middle"
        stroke="none"
        className="fill-base-content font-mono text-[12px]"
      >
        {each.cartonCode}
      </text>
    </svg>
  );
}

type Sides = Package["drawing"];

/** A box after quarter turns: length and width change places at every other. */
function turned(sides: Sides, turn: number): Sides {
  return turn % 2 === 0 ? sides : { length: sides.width, width: sides.length, height: sides.height };
}

/** A piece in a package that was turned. */
export function turnedPiece(piece: Piece, package_: Sides, turn: number): Piece {
  let [now, sides] = [piece, package_];
  for (let quarter = 0; quarter < turn; quarter++) {
    now = { ...now, x: now.y, y: sides.length - now.x - now.length, length: now.width, width: now.length };
    sides = turned(sides, 1);
  }
  return now;
}

interface InsideProps {
  pieces: Piece[];
  scale: number;
  floor: number;
  left: number;
}

/** The pieces, the farthest and lowest first, so that the nearer ones cover them. */
function Inside({ pieces, scale, floor, left }: InsideProps) {
  const ordered = [...pieces].sort((one, other) => other.y - one.y || one.z - other.z || one.x - other.x);
  const lines = [...new Set(pieces.map((piece) => piece.line))];
  return ordered.map((piece, index) => {
    const away = piece.y * DEPTH_SHORTENED * scale;
    const x = left + piece.x * scale + away;
    const y = floor - piece.z * scale - away;
    const [l, h] = [piece.length * scale, piece.height * scale];
    const d = piece.width * DEPTH_SHORTENED * scale;
    return (
      <g key={index} strokeWidth={0.8} className={shade(lines.indexOf(piece.line))}>
        <title>{piece.item}</title>
        <rect x={x} y={y - h} width={l} height={h} />
        <path d={`M ${x} ${y - h} l ${d} ${-d} h ${l} l ${-d} ${d} z`} />
        <path d={`M ${x + l} ${y - h} l ${d} ${-d} v ${h} l ${-d} ${d} z`} />
      </g>
    );
  });
}

/** Each line of the job has its shade; the layer's plan and the list name it as well. */
export function shade(line: number): string {
  return [
    "fill-base-200",
    "fill-base-300",
    "fill-base-100",
    "fill-secondary/40",
    "fill-primary/30",
    "fill-warning/30",
  ][line % 6] as string;
}
