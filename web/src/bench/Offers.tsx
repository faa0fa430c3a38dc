import { useMemo, useState } from "react";
import { Link, useNavigate } from "react-router";
import { count, day } from "../ui/format";
import { customsOf } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { CarrierQuotes } from "./CarrierQuotes";
import { DayLine } from "./DayLine";
import { acts, type BenchData, type useAct } from "./useBench";

type Offer = BenchData["offers"][number];

interface Props {
  bench: BenchData;
  /** Whether the prices are for a weight that is still being typed. */
  guessed: boolean;
  act: ReturnType<typeof useAct>;
  /** The offer whose charges are shown; the chosen one's when none. */
  opened: string | undefined;
  open: (service: string | undefined) => void;
}

/** All services side by side, one line each: what it costs and when it is there. What is not available is one line. */
export function Offers({ bench, guessed, act, opened, open }: Props) {
  const mayAct = bench.mayAct;
  const [current, setCurrent] = useState<string>();
  const [unfolded, setUnfolded] = useState(false);
  const chosen = bench.offers.find((offer) => offer.chosen);
  const usable = bench.offers.filter(isUsable);
  const others = bench.offers.filter((offer) => !isShown(offer));
  const shown = useMemo(() => {
    const chosenOther = bench.offers.find((offer) => offer.chosen && !isShown(offer));
    return unfolded ? bench.offers : [...bench.offers.filter(isShown), ...(chosenOther ? [chosenOther] : [])];
  }, [bench.offers, unfolded]);
  const at = current ?? chosen?.service ?? bench.offers[0]?.service;
  const carryOut = act.mutate;
  useOfferKeys({ shown, at, chosen: chosen?.service, mayAct, carryOut, setCurrent, opened, open });
  const last = usable.map((offer) => offer.delivery).reduce(later, bench.promiseDate ?? bench.today);
  const row = (offer: Offer) => (
    <OfferRow
      key={offer.service}
      bench={bench}
      offer={offer}
      last={last}
      current={mayAct && offer.service === at}
      opened={offer.service === opened}
      take={() => {
        setCurrent(offer.service);
        open(undefined);
        if (mayAct && !offer.chosen) {
          carryOut(acts.chooseService(offer.service));
        }
      }}
      open={() => open(offer.service === opened ? undefined : offer.service)}
    />
  );
  return (
    <div aria-label="Offers" role="group">
      <div className="flex items-baseline gap-2">
        <h2>Rates</h2>
        <span className="quiet">{bench.currency}</span>
        <CarrierQuotes bench={bench} act={act} />
        {guessed && <strong className="text-warning">for the weight being typed</strong>}
        {bench.promiseDate && usable.length > 0 && (
          <span className="quiet ml-auto text-sm">the mark is the promise, {day(bench.promiseDate)}</span>
        )}
      </div>
      {bench.notInPrices && <NotInPrices bench={bench} />}
      {bench.offers.length === 0 && (
        <p className="quiet border-y border-base-300 py-4">
          {bench.state === "SHIPPING"
            ? "The carrier is being asked. What it goes by and what that costs appears here once it has answered."
            : "There are no offers: without a postal code that exists no distance can be computed. Correct the address."}
        </p>
      )}
      <ul>{shown.filter((offer) => isShown(offer) || !unfolded).map(row)}</ul>
      {others.length > 0 && (
        <p className="flex items-baseline gap-2 py-0.5">
          <button
            type="button"
            className="underline whitespace-nowrap"
            aria-expanded={unfolded}
            onClick={() => setUnfolded(!unfolded)}
          >
            {others.length} not available
          </button>
          {!unfolded && <span className="quiet min-w-0 truncate text-sm">{inShort(others)}</span>}
        </p>
      )}
      {unfolded && <ul>{others.map(row)}</ul>}
    </div>
  );
}

/** What is paid besides, and the way to what is declared. */
function NotInPrices({ bench }: { bench: BenchData }) {
  const navigate = useNavigate();
  useKeys(
    useMemo(
      () => [
        {
          key: "Alt+b",
          label: "What is declared to customs",
          group: "Shipment",
          run: () => void navigate(customsOf(bench.job)),
        },
      ],
      [navigate, bench.job],
    ),
  );
  return (
    <p className="py-0.5">
      {bench.notInPrices}{" "}
      <Link to={customsOf(bench.job)} className="act whitespace-nowrap">
        Customs <Key name="Alt+B" />
      </Link>
    </p>
  );
}

const later = (one: string, other: string) => (one > other ? one : other);

function isUsable(offer: Offer): boolean {
  return offer.allowed || offer.lacksData;
}

/** What a carrier is still asked for has its row already. */
function isShown(offer: Offer): boolean {
  return isUsable(offer) || offer.quote?.source === "AWAITED";
}

/** {@code Curlew Freight LTL: pallets only; Godwit Light: up to 1 lb}. */
function inShort(offers: Offer[]): string {
  return offers.map((offer) => `${offer.name}: ${offer.brief}`).join("; ");
}

interface OfferKeys {
  shown: Offer[];
  at: string | undefined;
  chosen: string | undefined;
  mayAct: boolean;
  carryOut: ReturnType<typeof useAct>["mutate"];
  setCurrent: (service: string | undefined) => void;
  opened: string | undefined;
  open: Props["open"];
}

function useOfferKeys({ shown, at, chosen, mayAct, carryOut, setCurrent, opened, open }: OfferKeys) {
  useKeys(
    useMemo(() => {
      const index = shown.findIndex((offer) => offer.service === at);
      const move = (step: number) => setCurrent(shown[index + step]?.service ?? at);
      const charges = {
        key: "F9",
        label: "Show its charges",
        group: "Rates",
        run: () => open(opened === at ? undefined : at),
      };
      return mayAct
        ? [
            { key: "ArrowDown", label: "Next rate", group: "Rates", run: () => move(1) },
            { key: "ArrowUp", label: "Rate before", group: "Rates", run: () => move(-1) },
            {
              key: "Enter",
              label: "Take this rate",
              group: "Rates",
              run: () => (at && at !== chosen ? carryOut(acts.chooseService(at)) : undefined),
            },
            charges,
          ]
        : [charges];
    }, [shown, at, chosen, mayAct, carryOut, setCurrent, opened, open]),
  );
}

interface RowProps {
  bench: BenchData;
  offer: Offer;
  last: string;
  current: boolean;
  opened: boolean;
  take: () => void;
  open: () => void;
}

function OfferRow({ bench, offer, last, current, opened, take, open }: RowProps) {
  const usable = isUsable(offer);
  return (
    <li
      data-service={offer.service}
      className={
        "flex items-center gap-x-3 max-[1150px]:gap-x-1.5 border-b border-base-300 border-l-4 py-1 pl-2 " +
        (offer.chosen ? "border-l-primary bg-base-200" : "border-l-transparent") +
        (current ? " outline-1 -outline-offset-1 outline-base-content outline-dotted" : "")
      }
    >
      <button
        type="button"
        className="flex min-w-0 flex-1 flex-wrap items-baseline gap-x-2 text-left leading-tight"
        aria-pressed={offer.chosen}
        title={offer.objections.join(" ")}
        onClick={take}
      >
        <strong className={usable ? "" : "font-normal"}>{offer.name}</strong>
        <Marks offer={offer} />
      </button>
      <Price offer={offer} />
      {usable && (
        <DayLine today={bench.today} promise={bench.promiseDate} arrival={offer.delivery} last={last} />
      )}
      {usable && (
        <span
          className={
            "figure w-31 shrink-0 whitespace-nowrap max-[1150px]:w-28 max-[1150px]:text-sm " +
            (offer.daysLate > 0 ? "font-bold text-warning" : "")
          }
        >
          {day(offer.delivery)}
          {offer.daysLate > 0 && (
            <span title={`${count(offer.daysLate, "working day", "working days")} late`}> late</span>
          )}
        </span>
      )}
      <button
        type="button"
        className="w-6 shrink-0"
        aria-expanded={opened}
        aria-label={`Charges of ${offer.name}`}
        onClick={open}
      >
        {opened ? "−" : "+"}
      </button>
    </li>
  );
}

/** The total over a bar as long as it is dear. */
function Price({ offer }: { offer: Offer }) {
  return (
    <span className="w-20 shrink-0 max-[1150px]:w-16">
      <span className={"figure block text-right " + (offer.chosen ? "text-[1.05em]! font-bold" : "")}>
        {offer.total?.amount ?? "no price"}
      </span>
      <span className="block h-1 bg-base-300/50" aria-hidden>
        <span
          className={"block h-full " + (offer.chosen ? "bg-primary" : "bg-secondary")}
          style={{ width: `${offer.bar}%` }}
        />
      </span>
    </span>
  );
}

/** What sets it apart; what would change it where it cannot be taken. */
function Marks({ offer }: { offer: Offer }) {
  if (offer.quote?.source === "AWAITED" && !offer.total) {
    return <span className="quiet">asking the carrier…</span>;
  }
  if (offer.brief) {
    return <span className={"min-w-0 " + (offer.lacksData ? "text-warning" : "quiet")}>{offer.brief}</span>;
  }
  const words = [
    offer.requested && "requested",
    offer.cheapest && "cheapest",
    offer.earliest && "earliest",
  ].filter((word) => word !== false);
  return (
    <>
      {words.map((word) => (
        <span key={word} className="border-b-2 border-primary text-sm">
          {word}
        </span>
      ))}
      {offer.quote && (
        <span
          title={offer.quote.sentence}
          className={"text-sm " + (offer.quote.differs ? "font-bold text-warning" : "quiet")}
        >
          {QUOTE_WORDS[offer.quote.source]}
          {offer.quote.differs && ", unlike the sheet"}
        </span>
      )}
      {offer.onTime && (
        <span title={offer.onTime.words} className="quiet text-sm">
          {offer.onTime.percent} % on time
        </span>
      )}
    </>
  );
}

/** Where a price comes from. */
const QUOTE_WORDS = {
  QUOTE: "quoted",
  AWAITED: "by the sheet, asking…",
  NOT_ASKED: "by the sheet",
  NO_QUOTE: "by the sheet, no quote",
} as const;
