import { useMutation, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

export type Return = Schemas["returns.ReturnView"];
export type Look = Schemas["returns.CountView"]["look"];
export type Reason = Return["reason"];
export type Condition = Schemas["returns.CameOfLine"]["condition"];

export const LOOKS: { look: Look; name: string }[] = [
  { look: "EXPECTED", name: "Expected" },
  { look: "ON_THE_WAY", name: "On the way" },
  { look: "OVERDUE", name: "Overdue" },
  { look: "RECEIVED", name: "Received" },
  { look: "NOT_USED", name: "Not used" },
];

export const REASONS: { reason: Reason; words: string }[] = [
  { reason: "NOT_NEEDED", words: "not needed" },
  { reason: "WRONG_ITEM", words: "not what was ordered" },
  { reason: "DAMAGED", words: "damaged on the way" },
  { reason: "FAULTY", words: "does not work" },
  { reason: "REPAIR", words: "to be repaired" },
  { reason: "NOT_DELIVERED", words: "could not be delivered" },
  { reason: "OTHER", words: "another reason" },
];

export const CONDITIONS: { condition: Condition; words: string }[] = [
  { condition: "GOOD", words: "as new" },
  { condition: "USED", words: "used" },
  { condition: "DAMAGED", words: "damaged" },
  { condition: "INCOMPLETE", words: "parts missing" },
  { condition: "OTHER_ITEM", words: "something else" },
];

export const STATE_WORDS: Record<Return["state"], string> = {
  ASKED: "label asked for",
  REFUSED: "refused",
  EXPECTED: "expected",
  ON_THE_WAY: "on the way",
  RECEIVED: "received",
  CALLING_OFF: "being called off",
  CALLED_OFF: "called off",
};

export function isAwaited(row: Return): boolean {
  return row.state === "EXPECTED" || row.state === "ON_THE_WAY";
}

export function canBeReceived(row: Return): boolean {
  return isAwaited(row) || row.state === "CALLING_OFF" || row.state === "CALLED_OFF";
}

export function returnOf(id: number): string {
  return `/jobs/returns?return=${id}`;
}

/** An act upon a return; every list that shows it is asked again. */
export function useReturnAct(done?: (row: Return) => void) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (run: () => Promise<Return>) => run(),
    onSuccess: (row) => {
      queries.setQueryData(["returns", "one", row.id], row);
      done?.(row);
    },
    onSettled: () => {
      void queries.invalidateQueries({ queryKey: ["returns"] });
      void queries.invalidateQueries({ queryKey: ["departures"] });
    },
  });
}

function at(id: number) {
  return { params: { path: { id } } };
}

export const acts = {
  onTheWay: (id: number) => answer(api.POST("/api/v1/returns/{id}/on-the-way", at(id))),
  remind: (id: number) => answer(api.POST("/api/v1/returns/{id}/reminders", at(id))),
  callOff: (id: number) => answer(api.POST("/api/v1/returns/{id}/call-off", at(id))),
  receive: (id: number, lines: Schemas["returns.CameOfLine"][]) =>
    answer(api.POST("/api/v1/returns/{id}/receipt", { ...at(id), body: { lines } })),
};

/** A letter in the person's own mail program, where no email of the shop's is written at a reminder. */
export function reminderLetter(row: Return): string {
  const items = row.lines.map((line) => `${line.quantity} x ${line.item}`).join("\n");
  const subject = `Your return of our job ${row.job}`;
  const body =
    `We are still waiting for this return of our job ${row.job}:\n\n${items}\n\n` +
    (row.trackingNumber ? `Return label: ${row.trackingNumber}, valid until ${row.due}.\n` : "");
  return `mailto:${encodeURIComponent(row.mail)}?subject=${encodeURIComponent(subject)}&body=${encodeURIComponent(body)}`;
}
