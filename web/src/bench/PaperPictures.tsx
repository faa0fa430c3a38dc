import type { BenchData } from "./useBench";

/** The papers that were made, as they print, as large as there is room: labels first. */
export function PaperPictures({ bench }: { bench: BenchData }) {
  return (
    <section
      aria-label="Papers"
      className="flex flex-wrap content-start items-start gap-4 overflow-auto border-r border-base-300 px-4 py-2"
    >
      {bench.papers.length === 0 && <p className="quiet">Label and slip come in a moment.</p>}
      {bench.papers.map((paper) => (
        <a key={paper.id} href={paper.address} target="_blank" rel="noreferrer" className="block">
          <span className="block underline">{paper.title}</span>
          <img
            src={paper.address + "/picture"}
            alt={`${paper.title} of job ${bench.job}`}
            className={
              "mt-1 h-[min(calc(100vh-15.5rem),calc((100vw-17rem)*0.45))] min-h-72 max-w-full object-contain object-left-top " +
              (paper.kind === "LABEL" ? "aspect-4/6" : "aspect-[8.5/11]") +
              " border border-base-300 bg-white"
            }
          />
        </a>
      ))}
    </section>
  );
}
