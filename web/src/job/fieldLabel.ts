/** A field as it is called where its part of the page says the rest: Postal code, not Ship-to postal code. */
export function fieldLabel(label: string): string {
  return label.replace(/^(Ship|Bill)-to /, "").replace(/^./, (one) => one.toUpperCase());
}
