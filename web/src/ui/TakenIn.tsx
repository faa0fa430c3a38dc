import { count } from "./format";

interface Taken {
  readAs: Record<string, string>;
  unread: string[];
  faulty: number;
  faults: { row: number; column: string; value: string; reason: string; remedy: string }[];
}

/** What came of a list in a file: what each column was taken for, and the rows that stayed out. */
export function TakenIn({
  taken,
  said,
  close,
}: {
  taken: Taken;
  /** How much came in, in words. */
  said: string;
  close: () => void;
}) {
  return (
    <section aria-label="What came of the file" className="mt-2 border-y-2 border-base-content py-2">
      <p className="flex items-center gap-3" role="status">
        <strong className="text-primary">{said}</strong>
        {taken.faulty > 0 && (
          <strong className="text-error">{count(taken.faulty, "fault", "faults")}, left out</strong>
        )}
        <button type="button" className="act ml-auto" onClick={close}>
          Close
        </button>
      </p>
      <p className="quiet">
        Read:{" "}
        {Object.entries(taken.readAs)
          .map(([heading, field]) => `“${heading}” as ${field}`)
          .join(", ")}
        .{taken.unread.length > 0 && ` Not read: ${taken.unread.join(", ")}.`}
      </p>
      {taken.faults.length > 0 && (
        <table className="timetable mt-1">
          <thead>
            <tr>
              <th>Row</th>
              <th>Column</th>
              <th>What stands there</th>
              <th>Reason</th>
              <th>Remedy</th>
            </tr>
          </thead>
          <tbody>
            {taken.faults.map((fault, index) => (
              <tr key={index}>
                <td className="figure">{fault.row}</td>
                <td>{fault.column}</td>
                <td className="figure">“{fault.value}”</td>
                <td className="text-error">{fault.reason}</td>
                <td>{fault.remedy}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
