import type { BenchData } from "./useBench";

/** The papers that were made, as they print. */
export function PaperPictures({ bench }: { bench: BenchData }) {
  if (bench.papers.length === 0) {
    return null;
  }
  return (
    <section aria-label="Papers" className="mt-2 flex flex-wrap gap-4">
      {bench.papers.map((paper) => (
        <a key={paper.id} href={paper.address} target="_blank" rel="noreferrer" className="block">
          <span className="quiet block underline">{paper.title}</span>
          <img
            src={paper.address + "/picture"}
            alt={`${paper.title} of job ${bench.job}`}
            className={
              "mt-1 h-72 " +
              (paper.kind === "LABEL" ? "aspect-4/6" : "aspect-[8.5/11]") +
              " border border-base-300 bg-white"
            }
          />
        </a>
      ))}
    </section>
  );
}
