/** One of several ways to look at a list. */
export function FilterChoice({ name, on, choose }: { name: string; on: boolean; choose: () => void }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      className={"border-b-2 px-1 " + (on ? "border-primary font-bold" : "border-transparent")}
      onClick={choose}
    >
      {name}
    </button>
  );
}
