import type { Plan } from "./writeBackData";

type Words = Plan["words"];

/** What they call it there: a fact that is one of our words goes out as theirs. */
export function WordTable({ words, change }: { words: Words; change: (words: Words) => void }) {
  const set = (index: number, part: Partial<Words[number]>) =>
    change(words.map((each, at) => (at === index ? { ...each, ...part } : each)));
  return (
    <section aria-label="Their words">
      <h3 className="font-bold">Their words for ours</h3>
      <div className="flex flex-wrap items-center gap-x-6 gap-y-1">
        {words.map((word, index) => (
          <span key={index} className="flex items-center gap-1">
            <input
              aria-label={`Our word ${index + 1}`}
              className="entry w-36"
              maxLength={120}
              placeholder="shipped"
              value={word.ours}
              onChange={(event) => set(index, { ours: event.target.value })}
            />
            <span aria-hidden>→</span>
            <input
              aria-label={`Their word for ${word.ours || "it"}`}
              className="entry figure w-28"
              maxLength={120}
              value={word.theirs}
              onChange={(event) => set(index, { theirs: event.target.value })}
            />
            <button
              type="button"
              className="link"
              aria-label={`Leave ${word.ours || "it"} out`}
              onClick={() => change(words.filter((_, at) => at !== index))}
            >
              ×
            </button>
          </span>
        ))}
        <button type="button" className="link" onClick={() => change([...words, { ours: "", theirs: "" }])}>
          + a word
        </button>
      </div>
    </section>
  );
}
