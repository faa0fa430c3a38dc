import { Labeled } from "../ui/Labeled";
import type { LayoutDraft } from "./useLayoutDraft";

interface Props {
  draft: LayoutDraft;
  change: (part: Partial<LayoutDraft>) => void;
  /** Of records: they have no rows. */
  records?: boolean;
}

/** What one row is, and how days and figures are written. */
export function NotationFields({ draft, change, records = false }: Props) {
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
      {!records && (
        <Choice
          text="One row is"
          value={draft.shape}
          choices={{ LINE_A_ROW: "one line of a job", ORDER_A_ROW: "a whole job" }}
          choose={(shape) => change({ shape })}
        />
      )}
      <Choice
        text="Days"
        value={draft.days}
        choices={{ MONTH_FIRST: "12/31/2026", DAY_FIRST: "31/12/2026" }}
        choose={(days) => change({ days })}
      />
      <Choice
        text="Figures"
        value={draft.decimals}
        choices={{ POINT: "1,250.75", COMMA: "1.250,75", UNKNOWN: "as each file shows" }}
        choose={(decimals) => change({ decimals })}
      />
      <Choice
        text="Weights in"
        value={draft.weightUnit}
        choices={{ POUND: "lb", OUNCE: "oz", KILOGRAM: "kg", GRAM: "g" }}
        choose={(weightUnit) => change({ weightUnit })}
      />
      <Choice
        text="Sizes in"
        value={draft.lengthUnit}
        choices={{ INCH: "in", FOOT: "ft", CENTIMETER: "cm", MILLIMETER: "mm", METER: "m" }}
        choose={(lengthUnit) => change({ lengthUnit })}
      />
      <Labeled text="Country, if none">
        <input
          className="entry w-16 font-mono uppercase"
          maxLength={2}
          value={draft.country}
          onChange={(event) => change({ country: event.target.value.toUpperCase() })}
        />
      </Labeled>
    </div>
  );
}

interface ChoiceProps<T extends string> {
  text: string;
  value: T;
  choices: Partial<Record<T, string>>;
  choose: (value: T) => void;
}

function Choice<T extends string>({ text, value, choices, choose }: ChoiceProps<T>) {
  return (
    <Labeled text={text}>
      <select className="entry" value={value} onChange={(event) => choose(event.target.value as T)}>
        {Object.entries(choices).map(([name, label]) => (
          <option key={name} value={name}>
            {String(label)}
          </option>
        ))}
      </select>
    </Labeled>
  );
}
