import { Labeled } from "./Labeled";

interface Props {
  from: string;
  until: string;
  labels: { from: string; until: string };
  change: (from: string, until: string) => void;
}

/** A first day and a last one. */
export function Period({ from, until, labels, change }: Props) {
  return (
    <>
      <Labeled text={labels.from}>
        <input
          type="date"
          className="entry figure"
          value={from}
          onChange={(event) => change(event.target.value, until)}
        />
      </Labeled>
      <Labeled text={labels.until}>
        <input
          type="date"
          className="entry figure"
          value={until}
          onChange={(event) => change(from, event.target.value)}
        />
      </Labeled>
    </>
  );
}
