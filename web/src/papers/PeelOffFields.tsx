import { Labeled } from "../ui/Labeled";
import type { SlipDesign } from "./slipDesign";

type PeelOff = NonNullable<SlipDesign["peelOff"]>;

/** Half a sheet at its lower end. */
const USUAL: PeelOff = { left: "0.25 in", top: "4.75 in", width: "8 in", height: "6 in" };

const SIDES = [
  ["left", "From the left"],
  ["top", "From above"],
  ["width", "Wide"],
  ["height", "High"],
] as const;

interface Props {
  peelOff: PeelOff | undefined;
  change: (to: PeelOff | undefined) => void;
}

/** A part of the sheet that is peeled off as the package's label: then each package has a sheet of its own. */
export function PeelOffFields({ peelOff, change }: Props) {
  return (
    <div>
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          checked={peelOff !== undefined}
          onChange={(event) => change(event.target.checked ? USUAL : undefined)}
        />
        <span className="font-bold">With the label to peel off</span>
        <span className="quiet">
          each package has a sheet of its own; a frame shows where its label is printed
        </span>
      </label>
      {peelOff && (
        <div className="mt-1 flex flex-wrap gap-3">
          {SIDES.map(([side, label]) => (
            <Labeled key={side} text={label}>
              <input
                className="entry figure w-28"
                maxLength={40}
                value={peelOff[side]}
                onChange={(event) => change({ ...peelOff, [side]: event.target.value })}
              />
            </Labeled>
          ))}
        </div>
      )}
    </div>
  );
}
