import { useState } from "react";
import { acts, type BenchData, type useAct } from "./useBench";

interface Props {
  each: BenchData["packages"][number];
  act: ReturnType<typeof useAct>;
}

/** Outer size as measured; the carton's own until somebody types another. */
export function SizeField({ each, act }: Props) {
  const [text, setText] = useState(each.size);
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (text !== each.size) {
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
              setText(each.size);
              event.currentTarget.blur();
            }
          }}
          maxLength={40}
          className="entry figure w-46"
        />
      </label>
    </form>
  );
}
