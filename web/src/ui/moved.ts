/** A list with one of its places moved by one; as it was where that leads outside. */
export function moved<T>(all: T[], at: number, by: 1 | -1): T[] {
  const one = all[at];
  const other = all[at + by];
  if (one === undefined || other === undefined) {
    return all;
  }
  return all.map((each, index) => (index === at ? other : index === at + by ? one : each));
}
