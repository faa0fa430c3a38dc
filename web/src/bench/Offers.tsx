import { useMemo, useState } from "react";
import { count, day } from "../ui/format";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { PaperPictures } from "./PaperPictures";
import { acts, type BenchData, type useAct } from "./useBench";

type Offer = BenchData["offers"][number];

interface Props {
  bench: BenchData;
  /** Whether the prices are for a weight that is still being typed. */
  guessed: boolean;
  act: ReturnType<typeof useAct>;
}

/** All services side by side, each openable down to its charge lines. */
export function Offers({ bench, guessed, act }: Props) {
  const open = bench.mayAct;
  const [requested, setRequested] = useState<string>();
  const [unfolded, setUnfolded] = useState<string | undefined>(open ? undefined : bench.offers[0]?.service);
  const chosen = bench.offers.find((offer) => offer.chosen)?.service;
  const at = requested ?? chosen ?? bench.offers[0]?.service;
  const firstRefused = bench.offers.find((offer) => !usable(offer));
  const carryOut = act.mutate;

  useKeys(
    useMemo(() => {
      const index = bench.offers.findIndex((offer) => offer.service === at);
      const move = (step: number) => setRequested(bench.offers[index + step]?.service ?? at);
      const unfold = {
        key: "F9",
        label: "Open the offer to its charge lines",
        run: () => setUnfolded((now) => (now === at ? undefined : at)),
      };
      return open
        ? [
            { key: "ArrowDown", label: "Next offer", run: () => move(1) },
            { key: "ArrowUp", label: "Offer before", run: () => move(-1) },
            {
              key: "Enter",
              label: "Take this offer",
              run: () => (at && at !== chosen ? carryOut(acts.chooseService(at)) : undefined),
            },
            unfold,
          ]
        : [unfold];
    }, [bench.offers, at, chosen, open, carryOut]),
  );

  return (
    <section aria-label="Offers" className="overflow-auto px-4 py-3">
      <div className="flex items-center gap-2">
        <h2>Offers</h2>
        <span className="quiet">{bench.currency}</span>
        {guessed && <strong className="text-warning">for the weight being typed</strong>}
        <span className="quiet ml-auto flex items-center gap-1">
          {open && (
            <>
              <Key name="↑" /> <Key name="↓" /> <Key name="Enter" /> take
            </>
          )}
          {bench.offers.length > 0 && (
            <>
              <Key name="F9" /> charge lines
            </>
          )}
        </span>
      </div>
      {bench.offers.length === 0 && (
        <p className="quiet border-y border-base-300 py-4">
          {bench.state === "SHIPPING"
            ? "The carrier is being asked. What it goes by and what that costs stands here once it has answered."
            : "There are no offers: without a postal code that exists no distance can be computed. Correct the address below."}
        </p>
      )}
      <ul className="mt-1">
        {bench.offers.map((offer) => (
          <OfferRow
            key={offer.service}
            offer={offer}
            first={offer === firstRefused}
            current={open && offer.service === at}
            unfolded={offer.service === unfolded}
            take={() => {
              setRequested(offer.service);
              if (open && !offer.chosen) {
                carryOut(acts.chooseService(offer.service));
              }
            }}
            unfold={() => setUnfolded((now) => (now === offer.service ? undefined : offer.service))}
          />
        ))}
      </ul>
      <p className="quiet mt-1">{bench.choiceReason}</p>
      <PaperPictures bench={bench} />
    </section>
  );
}

interface RowProps {
  offer: Offer;
  /** Whether it is the first of those that are not allowed. */
  first: boolean;
  current: boolean;
  unfolded: boolean;
  take: () => void;
  unfold: () => void;
}

function OfferRow(props: RowProps) {
  return usable(props.offer) ? <UsableOffer {...props} /> : <RefusedOffer {...props} />;
}

function usable(offer: Offer): boolean {
  return offer.allowed || offer.lacksData;
}

function rowLook(offer: Offer, current: boolean): string {
  return (
    "border-b border-base-300 border-l-4 py-1 pl-2 " +
    (offer.chosen ? "border-l-primary bg-base-200" : "border-l-transparent") +
    (current ? " outline-1 -outline-offset-1 outline-base-content outline-dotted" : "")
  );
}

/** One line for what cannot be taken: its name and why. Everything else once it is opened. */
function RefusedOffer({ offer, first, current, unfolded, take, unfold }: RowProps) {
  const [reason, ...more] = offer.objections;
  return (
    <li data-service={offer.service} className={rowLook(offer, current)}>
      {first && <h3 className="pt-1 text-error">Not allowed</h3>}
      <div className="flex items-baseline gap-3">
        <button
          type="button"
          className="quiet w-38 shrink-0 text-left whitespace-nowrap line-through"
          aria-pressed={offer.chosen}
          onClick={take}
        >
          {offer.name}
        </button>
        <span className="min-w-0 flex-1 truncate text-error" title={offer.objections.join(" ")}>
          {reason}
        </span>
        <span className="quiet text-sm whitespace-nowrap">
          {more.length > 0 && count(more.length, "more reason", "more reasons")}
        </span>
        <button
          type="button"
          className="w-4"
          aria-expanded={unfolded}
          aria-label={`Reasons and charge lines of ${offer.name}`}
          onClick={unfold}
        >
          {unfolded ? "−" : "+"}
        </button>
      </div>
      {unfolded && (
        <>
          <ul className="list-disc pl-6 text-error">
            {offer.objections.map((reason) => (
              <li key={reason}>{reason}</li>
            ))}
          </ul>
          <ChargeLines offer={offer} />
        </>
      )}
    </li>
  );
}

function UsableOffer({ offer, current, unfolded, take, unfold }: RowProps) {
  return (
    <li data-service={offer.service} className={rowLook(offer, current)}>
      <div className="grid grid-cols-[1fr_6rem_6.6rem_1.4rem] items-baseline gap-x-3">
        <button type="button" className="text-left" aria-pressed={offer.chosen} onClick={take}>
          <strong>{offer.name}</strong>
          <Marks offer={offer} />
        </button>
        <span className={"figure text-right text-lg " + (offer.chosen ? "font-bold" : "")}>
          {offer.total ?? "no price"}
        </span>
        <span className="figure text-right">{day(offer.delivery)}</span>
        <button
          type="button"
          aria-expanded={unfolded}
          aria-label={`Charge lines of ${offer.name}`}
          onClick={unfold}
        >
          {unfolded ? "−" : "+"}
        </button>
        <span className="h-1.5 self-center bg-base-300/50" aria-hidden>
          <span
            className={"block h-full " + (offer.chosen ? "bg-primary" : "bg-secondary")}
            style={{ width: `${offer.bar}%` }}
          />
        </span>
        <span className="figure quiet text-right">{offer.difference ?? (offer.chosen ? "chosen" : "")}</span>
        <span className="text-right text-sm font-bold whitespace-nowrap text-warning">
          {offer.daysLate > 0 && `${count(offer.daysLate, "day", "days")} late`}
        </span>
      </div>
      <Objections offer={offer} all={unfolded} />
      {unfolded && <ChargeLines offer={offer} />}
    </li>
  );
}

/** What it still lacks: the first datum, and all of them once it is opened. */
function Objections({ offer, all }: { offer: Offer; all: boolean }) {
  const [first, ...more] = offer.objections;
  if (first === undefined) {
    return null;
  }
  return (
    <p className="pr-8 leading-snug text-warning">
      Not yet. {all ? offer.objections.join(" ") : first}
      {!all && more.length > 0 && ` And ${count(more.length, "more reason", "more reasons")}.`}
    </p>
  );
}

function Marks({ offer }: { offer: Offer }) {
  const words = [
    offer.asked && "asked for",
    offer.cheapest && "cheapest",
    offer.earliest && "earliest",
  ].filter((word) => word !== false);
  return words.map((word) => (
    <span key={word} className="ml-2 border-b-2 border-primary text-sm">
      {word}
    </span>
  ));
}

/** The charges as a tree: each package with its sum, then what is for the whole shipment. */
function ChargeLines({ offer }: { offer: Offer }) {
  if (offer.lines.length === 0) {
    return <p className="quiet">It has no price, so it has no charge lines.</p>;
  }
  const several = offer.packageSums.length > 1;
  const ofShipment = offer.lines.filter((line) => line.packageNumber === undefined);
  return (
    <table className="my-1 w-[calc(100%-2rem)]">
      {offer.packageSums.map((sum) => (
        <tbody key={sum.packageNumber}>
          {several && (
            <tr className="border-t border-base-300">
              <th scope="rowgroup" colSpan={2}>
                Package {sum.packageNumber}
              </th>
              <td className="figure quiet text-right">{sum.amount}</td>
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
          <td className="figure text-right font-bold">{offer.total}</td>
        </tr>
      </tbody>
    </table>
  );
}

function ChargeLine({ line, indented }: { line: Offer["lines"][number]; indented: boolean }) {
  return (
    <tr className="align-baseline">
      <td className={"w-28 pr-2 " + (indented ? "pl-3" : "")}>{line.title}</td>
      <td className="quiet pr-3 text-sm leading-snug">{line.explanation}</td>
      <td className="figure text-right">{line.amount}</td>
    </tr>
  );
}
