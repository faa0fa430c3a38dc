/** Moves an entry of a list one place. */
export function Mover(props: { label: string; by: 1 | -1; enabled: boolean; move: () => void }) {
  const { label, by, enabled, move } = props;
  return (
    <button
      type="button"
      className="px-1.5 disabled:opacity-30"
      disabled={!enabled}
      aria-label={`${label} ${by < 0 ? "earlier" : "later"}`}
      onClick={move}
    >
      {by < 0 ? "↑" : "↓"}
    </button>
  );
}
