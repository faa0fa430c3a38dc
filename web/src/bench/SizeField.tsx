import { useState } from "react";
import { acts, type BenchData, type useAct } from "./useBench";

interface Props {
  each: BenchData["packages"][number];
  act: ReturnType<typeof useAct>;
}

/** Outer size as measured; the carton's own until somebody types another. What was typed and left says that it is not kept. */
export function SizeField({ each, act }: Props) {
  const [text, setText] = useState(each.size.text);
  const changed = text !== each.size.text;
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (changed) {
          act.mutate(acts.typeSize(each.number, text));
        }
      }}
    >
      <label>
        <span className="sr-only">Outer size</span>
        <input
          value={text}
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === "Escape") {
              setText(each.size.text);
              event.currentTarget.blur();
            }
          }}
          aria-describedby={changed ? "size-not-kept" : undefined}
          maxLength={40}
          className={"entry figure w-46 " + (changed ? "border-warning" : "")}
        />
      </label>
      {changed && (
        <p id="size-not-kept" role="status" className="leading-snug text-warning">
          Not saved: Enter saves it, Esc undoes it.
        </p>
      )}
    </form>
  );
}
