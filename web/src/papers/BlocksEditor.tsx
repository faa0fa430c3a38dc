import type { KeyboardEvent } from "react";
import { Mover } from "./Mover";
import { Key } from "../ui/Key";
import { type Block, type DesignView } from "./slipDesign";
import { moved } from "../ui/moved";

interface Props {
  blocks: Block[];
  kinds: DesignView["blocks"];
  change: (blocks: Block[]) => void;
}

/** The parts of a slip: which are shown, in which order, what they are called. */
export function BlocksEditor({ blocks, kinds, change }: Props) {
  const set = (at: number, part: Partial<Block>) =>
    change(blocks.map((block, index) => (index === at ? { ...block, ...part } : block)));
  const onKeyDown = (at: number) => (event: KeyboardEvent) => {
    const by = event.key === "ArrowUp" ? -1 : event.key === "ArrowDown" ? 1 : 0;
    if (event.altKey && by !== 0) {
      event.preventDefault();
      event.stopPropagation();
      change(moved(blocks, at, by));
    }
  };
  return (
    <div>
      <h2 className="flex flex-wrap items-center gap-x-4">
        Blocks, from top to bottom
        <span className="quiet flex items-center gap-1 font-normal">
          <Key name="Alt+↑" /> <Key name="Alt+↓" /> in a row: earlier, later
        </span>
      </h2>
      <table className="timetable">
        <thead>
          <tr>
            <th>Shown</th>
            <th title="Beside the block before it, not below">Beside</th>
            <th>Heading</th>
            <th>Made of</th>
            <th>Order</th>
          </tr>
        </thead>
        <tbody>
          {blocks.map((block, at) => {
            const kind = kinds.find((each) => each.kind === block.kind);
            const label = kind?.label ?? block.kind;
            return (
              <tr key={block.kind} className={block.shown ? "" : "quiet"} onKeyDown={onKeyDown(at)}>
                <td>
                  <label className="flex items-center gap-2 whitespace-nowrap">
                    <input
                      type="checkbox"
                      aria-label={`${label} shown`}
                      checked={block.shown}
                      onChange={(event) => set(at, { shown: event.target.checked })}
                    />
                    {label}
                  </label>
                </td>
                <td>
                  <input
                    type="checkbox"
                    aria-label={`${label} beside the block before`}
                    checked={block.beside}
                    disabled={!block.shown || at === 0}
                    onChange={(event) => set(at, { beside: event.target.checked })}
                  />
                </td>
                <td>
                  {block.shown && (
                    <input
                      className="entry w-32 py-0"
                      maxLength={60}
                      aria-label={`Heading of ${label}`}
                      placeholder="none"
                      value={block.heading}
                      onChange={(event) => set(at, { heading: event.target.value })}
                    />
                  )}
                </td>
                <td className="w-full">
                  {block.shown && kind?.madeOf && (
                    <textarea
                      className="entry w-full py-0"
                      rows={block.text.includes("\n") || block.text.length > 40 ? 3 : 1}
                      maxLength={2000}
                      aria-label={`Text of ${label}`}
                      placeholder={kind.madeOf}
                      value={block.text}
                      onChange={(event) => set(at, { text: event.target.value })}
                    />
                  )}
                </td>
                <td className="whitespace-nowrap">
                  <Mover label={label} by={-1} enabled={at > 0} move={() => change(moved(blocks, at, -1))} />
                  <Mover
                    label={label}
                    by={1}
                    enabled={at < blocks.length - 1}
                    move={() => change(moved(blocks, at, 1))}
                  />
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
