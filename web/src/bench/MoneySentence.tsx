import type { BenchData } from "./useBench";

/** The money, as a sentence. Where it does not fit, what it adds up from is cut, never what it comes to. */
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
    <p className="flex items-baseline text-lg whitespace-pre" title={charge.reason}>
      <span className="min-w-0 truncate">
        {charge.lines.map((line, index) => (
          <span key={line.title} title={line.reason}>
            {index > 0 && <span className="quiet"> {line.takenOff ? "−" : "+"} </span>}
            {line.title} <span className="figure">{line.amount.amount}</span>
          </span>
        ))}
        {charge.lines.length > 0 ? <span className="quiet"> = </span> : <span>{charge.reason} </span>}
      </span>
      <span className="ml-[0.6ch] shrink-0">
        <strong>
          customer pays <span className="figure">{charge.total.amount}</span>
        </strong>
        <span className="quiet"> {currency}</span>
        <span className="ml-5 max-[900px]:ml-3" title="after freight and cartons">
          {charge.weKeep ? "we keep" : "it costs us"} <span className="figure">{charge.margin.amount}</span>
        </span>
      </span>
      {charge.lines.length > 0 && (
        <span className="quiet ml-5 min-w-0 truncate text-base max-[1150px]:hidden">{charge.reason}</span>
      )}
    </p>
  );
}
