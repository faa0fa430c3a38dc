import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useEffect, useMemo, useRef, useState } from "react";
import { answer, api } from "../api/client";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { Labeled } from "../ui/Labeled";
import { ProblemLine } from "../ui/states";
import type { Item } from "./Items";

interface Props {
  columns: string[];
  /** Left out for a new one. */
  item: Item | undefined;
  close: () => void;
}

const WIDE = new Set(["Description"]);

/** One item, typed as a file would say it: 4 lb 3 oz and 12x8x2 cm are understood. */
export function ItemForm({ columns, item, close }: Props) {
  const queries = useQueryClient();
  const first = useRef<HTMLInputElement>(null);
  const [cells, setCells] = useState(item?.cells ?? columns.map(() => ""));
  useEffect(() => first.current?.focus(), []);
  useKeys(
    useMemo(
      () => [{ key: "Escape", label: "Close without a change", whileTyping: true, run: close }],
      [close],
    ),
  );
  const done = async () => {
    await queries.invalidateQueries({ queryKey: ["items"] });
    close();
  };
  const save = useMutation({
    mutationFn: () => answer(api.PUT("/api/v1/items", { body: { version: item?.version ?? 0, cells } })),
    onSuccess: done,
  });
  const remove = useMutation({
    mutationFn: () =>
      answer(api.DELETE("/api/v1/items", { params: { query: { number: item?.number ?? "" } } })),
    onSuccess: done,
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    save.mutate();
  };
  return (
    <form
      aria-label={item ? `Item ${item.number}` : "New item"}
      className="mt-2 space-y-2 border-y-2 border-base-content py-2"
      onSubmit={submit}
    >
      <div className="flex flex-wrap items-end gap-3">
        {columns.map((column, place) => (
          <Labeled key={column} text={column}>
            <input
              ref={place === (item ? 1 : 0) ? first : undefined}
              className={"entry " + (WIDE.has(column) ? "w-72" : "w-32")}
              maxLength={120}
              readOnly={item !== undefined && place === 0}
              value={cells[place] ?? ""}
              onChange={(event) =>
                setCells((before) => before.map((cell, at) => (at === place ? event.target.value : cell)))
              }
            />
          </Labeled>
        ))}
        <button type="submit" className="act" disabled={save.isPending}>
          Save <Key name="Enter" />
        </button>
        {item && (
          <button type="button" className="act" disabled={remove.isPending} onClick={() => remove.mutate()}>
            Remove
          </button>
        )}
        <button type="button" className="act" onClick={close}>
          Close <Key name="Esc" />
        </button>
      </div>
      {save.isError && <ProblemLine error={save.error} />}
      {remove.isError && <ProblemLine error={remove.error} />}
    </form>
  );
}
