import type { BenchData } from "./useBench";

/** The money, as a sentence. */
export function MoneySentence({ bench }: { bench: BenchData }) {
  const { charge, currency } = bench;
  if (!bench.seesCharge) {
    return <span />;
  }
  if (!charge) {
    return (
      <p className="quiet">What the customer pays is known when a service is chosen that has a price.</p>
    );
  }
  return (
    <p className="truncate text-lg" title={charge.reason}>
      {charge.lines.map((line, index) => (
        <span key={line.title} title={line.reason}>
          {index > 0 && <span className="quiet"> {line.takenOff ? "−" : "+"} </span>}
          {line.title} <span className="figure">{line.amount.amount}</span>
        </span>
      ))}
      {charge.lines.length > 0 ? <span className="quiet"> = </span> : <span>{charge.reason} </span>}
      <strong>
        customer pays <span className="figure">{charge.total.amount}</span>
      </strong>
      <span className="quiet"> {currency}</span>
      <span className="ml-5" title="after freight and cartons">
        {charge.weKeep ? "we keep" : "it costs us"} <span className="figure">{charge.margin.amount}</span>
      </span>
      {charge.lines.length > 0 && <span className="quiet ml-5 text-base">{charge.reason}</span>}
    </p>
  );
}
