import { usePrint } from "../printing/usePrinting";
import { useQuery } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { count, day } from "../ui/format";
import { useKeys } from "../ui/keys";
import { Labeled } from "../ui/Labeled";
import { ProblemLine, Waiting } from "../ui/states";
import { useSettled } from "../ui/useSettled";
import { ReasonChoice } from "./ReasonChoice";
import { type Reason, type Return, useReturnAct } from "./useReturns";

type Gone = Schemas["job.ShipmentView"];
type Returnable = Schemas["returns.ReturnableView"];

interface Props {
  /** What has left of the job, the newest first. */
  shipments: Gone[];
  leave: () => void;
}

/** Asks for a return of what left: with a label of ours, priced, or without. */
export function ReturnForm({ shipments, leave }: Props) {
  useKeys(
    useMemo(() => [{ key: "Escape", label: "Ask for no return", run: leave, whileTyping: true }], [leave]),
  );
  const [shipment, setShipment] = useState(shipments[0]?.id ?? 0);
  const returnable = useQuery({
    queryKey: ["returns", "returnable", shipment],
    queryFn: () => answer(api.GET("/api/v1/returns/returnable", { params: { query: { shipment } } })),
  });
  return (
    <div className="mt-1 border-2 border-base-content p-2">
      {shipments.length > 1 && (
        <Labeled text="Of the shipment">
          <select
            className="entry w-fit"
            value={shipment}
            onChange={(event) => setShipment(Number(event.target.value))}
          >
            {shipments.map((each) => (
              <option key={each.id} value={each.id}>
                {each.trackingNumbers[0]}, {count(each.pieces, "piece", "pieces")}
              </option>
            ))}
          </select>
        </Labeled>
      )}
      {returnable.isPending && <Waiting what="What can come back" />}
      {returnable.isError && <ProblemLine error={returnable.error} />}
      {returnable.data && <Wish key={shipment} of={returnable.data} leave={leave} />}
    </div>
  );
}

function Wish({ of, leave }: { of: Returnable; leave: () => void }) {
  const [pieces, setPieces] = useState<Record<number, string>>({});
  const [packageNumber, setPackageNumber] = useState(of.packages[0]?.number ?? 1);
  const [weight, setWeight] = useState("");
  const [payer, setPayer] = useState<Return["payer"]>("SHOP");
  const [reason, setReason] = useState<Reason>();
  const [note, setNote] = useState("");
  const [labeled, setLabeled] = useState(true);
  const [service, setService] = useState("");
  const [validUntil, setValidUntil] = useState(of.usualValidUntil);
  const settled = useSettled(weight);
  const offers = useQuery({
    queryKey: ["returns", "offers", of.shipmentId, packageNumber, settled, payer],
    queryFn: () =>
      answer(
        api.GET("/api/v1/returns/offers", {
          params: { query: { shipment: of.shipmentId, packageNumber, weight: settled, payer } },
        }),
      ),
    enabled: labeled,
    retry: false,
  });
  const chosen = offers.data?.find((each) => each.service === service) ?? offers.data?.[0];
  const { mutate: print } = usePrint();
  const act = useReturnAct((row) => {
    if (row.papers.length > 0) {
      print({ of: `job ${row.job}`, papers: row.papers });
    }
    leave();
  });
  const lines = of.lines.map((line) => ({
    position: line.position,
    quantity: Number(pieces[line.position] ?? line.open) || 0,
  }));
  const ask = () =>
    act.mutate(() =>
      answer(
        labeled
          ? api.POST("/api/v1/returns", {
              body: {
                shipment: of.shipmentId,
                packageNumber,
                weight,
                reason: reason ?? "OTHER",
                note,
                payer,
                service: chosen?.service ?? "",
                seenCost: chosen?.cost.amount ?? "",
                validUntil,
                lines,
              },
            })
          : api.POST("/api/v1/returns/without-label", {
              body: { shipment: of.shipmentId, reason: reason ?? "OTHER", note, lines },
            }),
      ),
    );
  return (
    <form
      aria-label="Ask for a return"
      onSubmit={(event) => {
        event.preventDefault();
        ask();
      }}
    >
      <table className="timetable compact">
        <caption className="sr-only">Pieces that come back</caption>
        <thead>
          <tr>
            <th>Item</th>
            <th className="!text-right">Shipped</th>
            <th className="!text-right">Neither back nor awaited</th>
            <th>Comes back (pieces)</th>
          </tr>
        </thead>
        <tbody>
          {of.lines.map((line, index) => (
            <tr key={line.position}>
              <td>
                {line.item} <span className="quiet">{line.description}</span>
              </td>
              <td className="figure text-right">{line.left}</td>
              <td className="figure text-right">{line.open}</td>
              <td>
                <input
                  aria-label={`Pieces of ${line.item} that come back`}
                  className="entry figure w-20 py-0"
                  inputMode="numeric"
                  autoFocus={index === 0}
                  value={pieces[line.position] ?? String(line.open)}
                  onChange={(event) => setPieces({ ...pieces, [line.position]: event.target.value })}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-2 flex flex-wrap items-end gap-4">
        <ReasonChoice label="Reason" reason={reason} choose={setReason} />
        <Labeled text="Note">
          <input
            className="entry w-64"
            maxLength={120}
            value={note}
            onChange={(event) => setNote(event.target.value)}
          />
        </Labeled>
        <label className="flex items-center gap-2">
          <input type="checkbox" checked={labeled} onChange={(event) => setLabeled(event.target.checked)} />
          with a label of ours
        </label>
      </div>
      {labeled && (
        <div className="mt-2 flex flex-wrap items-end gap-4">
          <Labeled text="In the package like">
            <select
              className="entry"
              value={packageNumber}
              onChange={(event) => setPackageNumber(Number(event.target.value))}
            >
              {of.packages.map((each) => (
                <option key={each.number} value={each.number}>
                  {each.number}: {each.carton}, {each.size}
                </option>
              ))}
            </select>
          </Labeled>
          <Labeled text="Weight">
            <input
              className="entry figure w-28"
              maxLength={40}
              placeholder={of.packages.find((each) => each.number === packageNumber)?.weight}
              value={weight}
              onChange={(event) => setWeight(event.target.value)}
            />
          </Labeled>
          <Labeled text="Who pays">
            <select
              className="entry"
              value={payer}
              onChange={(event) => setPayer(event.target.value as Return["payer"])}
            >
              <option value="SHOP">we pay</option>
              <option value="CUSTOMER">the customer pays</option>
            </select>
          </Labeled>
          <Labeled text="Service">
            <select
              className="entry"
              value={chosen?.service ?? ""}
              onChange={(event) => setService(event.target.value)}
            >
              {(offers.data ?? []).map((each) => (
                <option key={each.service} value={each.service}>
                  {each.name}, {each.cost.amount} {each.cost.currency}
                </option>
              ))}
            </select>
          </Labeled>
          <Labeled text="Label valid until">
            <input
              type="date"
              className="entry"
              required
              value={validUntil}
              onChange={(event) => setValidUntil(event.target.value)}
            />
          </Labeled>
        </div>
      )}
      {labeled && chosen && (
        <p className="mt-2">
          {chosen.name} asks{" "}
          <strong className="figure">
            {chosen.cost.amount} {chosen.cost.currency}
          </strong>{" "}
          once the label is used, nothing if it never is
          {payer === "CUSTOMER" && chosen.customerPays && (
            <>
              ; the customer pays{" "}
              <strong className="figure">
                {chosen.customerPays.amount} {chosen.customerPays.currency}
              </strong>
            </>
          )}
          . Sent today, it is here on {day(chosen.delivery)}.
        </p>
      )}
      {labeled && offers.data?.length === 0 && (
        <p className="text-warning">No service can carry it: note it without a label of ours.</p>
      )}
      {labeled && offers.isError && <ProblemLine error={offers.error} />}
      <div className="mt-2 flex gap-3">
        <button type="submit" className="act" disabled={act.isPending || !reason || (labeled && !chosen)}>
          {labeled ? "Ask for the label" : "Note the return"}
        </button>
        <button type="button" className="act" onClick={leave}>
          Leave
        </button>
      </div>
      {act.isError && <ProblemLine error={act.error} />}
    </form>
  );
}
