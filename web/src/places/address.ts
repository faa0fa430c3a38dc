import type { Schemas } from "../api/client";

export type PlaceAddress = Schemas["placebook.PlaceAddress"];

/** The name a driver looks for. */
export function nameOf(address: PlaceAddress): string {
  return address.company || address.person;
}

/** Street, city, state and code in one line. */
export function lineOf(address: PlaceAddress): string {
  const street = [address.street, address.street2].filter(Boolean).join(", ");
  const area = [address.state, address.postalCode].filter(Boolean).join(" ");
  return [street, address.city, area].filter(Boolean).join(", ");
}
