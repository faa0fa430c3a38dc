import { useId, useState } from "react";

interface Props {
  label: string;
  values: string[];
  choices: string[];
  change: (values: string[]) => void;
}

/** Some texts, each typed and ended by Enter; leaving the field keeps what was typed. */
export function ValueList({ label, values, choices, change }: Props) {
  const [typed, setTyped] = useState("");
  const list = useId();
  const keep = () => {
    const text = typed.trim();
    if (text !== "" && !values.includes(text)) {
      change([...values, text]);
    }
    setTyped("");
  };
  return (
    <span className="flex flex-wrap items-center gap-1.5">
      {values.map((value) => (
        <button
          key={value}
          type="button"
          className="act"
          aria-label={`Take ${value} away`}
          onClick={() => change(values.filter((each) => each !== value))}
        >
          {value} <span aria-hidden>×</span>
        </button>
      ))}
      <input
        className="entry w-36"
        maxLength={120}
        aria-label={`${label}, one more`}
        placeholder={values.length === 0 ? "type, then Enter" : "or"}
        list={choices.length > 0 ? list : undefined}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === "Enter") {
            event.preventDefault();
            keep();
          } else if (event.key === "Backspace" && typed === "") {
            change(values.slice(0, -1));
          }
        }}
      />
      {choices.length > 0 && (
        <datalist id={list}>
          {choices.map((choice) => (
            <option key={choice} value={choice} />
          ))}
        </datalist>
      )}
    </span>
  );
}
