/** The key of an act, shown beside it. */
export function Key({ name }: { name: string }) {
  return <kbd className="key">{name}</kbd>;
}
