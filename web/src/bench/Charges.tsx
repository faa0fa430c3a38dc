import { signed } from "../ui/format";
import type { BenchData } from "./useBench";

type Offer = BenchData["offers"][number];

/** The charge lines of the offer that was opened, else of the chosen one, each with the sentence that explains it. */
export function Charges({ bench, service }: { bench: BenchData; service: string | undefined }) {
  const offer =
    bench.offers.find((each) => each.service === service) ?? bench.offers.find((each) => each.chosen);
  if (!offer) {
    return null;
  }
  return (
    <div data-charges={offer.service} className="mt-3">
      <h2 className="flex items-baseline gap-2">
        {offer.name}
        {offer.difference && (
          <span className="figure quiet">{signed(offer.difference.amount)} to the chosen one</span>
        )}
      </h2>
      {offer.objections.length > 0 && (
        <ul className={"leading-snug " + (offer.lacksData ? "text-warning" : "text-error")}>
          {offer.objections.map(({ reason }) => (
            <li key={reason}>{reason}</li>
          ))}
        </ul>
      )}
      <ChargeLines offer={offer} />
      {offer.chosen && <p className="quiet">{bench.choiceReason}</p>}
    </div>
  );
}

/** The charges as a tree: each package with its sum, then what is for the whole shipment. */
function ChargeLines({ offer }: { offer: Offer }) {
  if (offer.lines.length === 0) {
    return <p className="quiet">It has no price, so it has no charge lines.</p>;
  }
  const several = offer.packageSums.length > 1;
  const ofShipment = offer.lines.filter((line) => line.packageNumber === undefined);
  return (
    <table className="my-1 w-full">
      {offer.packageSums.map((sum) => (
        <tbody key={sum.packageNumber}>
          {several && (
            <tr className="border-t border-base-300">
              <th scope="rowgroup" colSpan={2}>
                Package {sum.packageNumber}
              </th>
              <td className="figure quiet text-right">{sum.amount.amount}</td>
            </tr>
          )}
          {offer.lines
            .filter((line) => line.packageNumber === sum.packageNumber)
            .map((line, index) => (
              <ChargeLine key={index} line={line} indented={several} />
            ))}
        </tbody>
      ))}
      <tbody>
        {ofShipment.length > 0 && several && (
          <tr className="border-t border-base-300">
            <th scope="rowgroup" colSpan={3}>
              Shipment
            </th>
          </tr>
        )}
        {ofShipment.map((line, index) => (
          <ChargeLine key={index} line={line} indented={several} />
        ))}
        <tr className="border-t border-base-content">
          <td>Total</td>
          <td />
          <td className="figure text-right font-bold">{offer.total?.amount}</td>
        </tr>
      </tbody>
    </table>
  );
}

function ChargeLine({ line, indented }: { line: Offer["lines"][number]; indented: boolean }) {
  return (
    <tr className="align-baseline">
      <td className={"w-26 pr-2 " + (indented ? "pl-3" : "")}>{line.title}</td>
      <td className="quiet pr-3 text-sm leading-tight">{line.explanation}</td>
      <td className="figure text-right">{line.amount.amount}</td>
    </tr>
  );
}
