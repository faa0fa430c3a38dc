import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useId } from "react";
import { answer, api, type Schemas } from "../api/client";
import { Labeled } from "../ui/Labeled";
import { useSettled } from "../ui/useSettled";

type Texts = Partial<Record<Schemas["job.TypedEntry"]["field"], string>>;

/** An item by its number, proposed from the item list; its description stands beside it. */
export function ItemField({
  line,
  texts,
  change,
}: {
  line: number;
  texts: Texts;
  change: (texts: Texts) => void;
}) {
  const list = useId();
  const text = useSettled((texts.ITEM ?? "").trim());
  const items = useQuery({
    queryKey: ["items", "proposals", text],
    queryFn: () => answer(api.GET("/api/v1/items", { params: { query: { text, limit: 8 } } })),
    enabled: text !== "",
    placeholderData: keepPreviousData,
  });
  const description = (number: string) => {
    const row = items.data?.rows.find((each) => each.number === number);
    return row?.cells[items.data?.columns.indexOf("Description") ?? -1];
  };
  const known = description((texts.ITEM ?? "").trim());
  return (
    <>
      <Labeled text="Item">
        <input
          className="entry figure w-44"
          aria-label={`Item of line ${line}`}
          value={texts.ITEM ?? ""}
          list={list}
          maxLength={120}
          onChange={(event) => change({ ITEM: event.target.value })}
        />
      </Labeled>
      <datalist id={list}>
        {items.data?.rows.map((each) => (
          <option key={each.number} value={each.number}>
            {description(each.number)}
          </option>
        ))}
      </datalist>
      <Labeled text="Description">
        <input
          className="entry w-80"
          aria-label={`Description of line ${line}`}
          value={texts.DESCRIPTION ?? ""}
          placeholder={known ?? "what it is"}
          maxLength={120}
          onChange={(event) => change({ DESCRIPTION: event.target.value })}
        />
      </Labeled>
    </>
  );
}
