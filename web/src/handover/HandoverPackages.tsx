import { day, moment } from "../ui/format";
import { JobLink } from "../ui/JobLink";
import type { HandoverData } from "./useHandover";

/** What was scanned in last. */
export function Scanned({ lines, timeZone }: { lines: HandoverData["scanned"]; timeZone: string }) {
  return lines.length === 0 ? null : (
    <table className="timetable compact mt-4">
      <thead>
        <tr>
          <th>Scanned in last</th>
          <th>Job</th>
          <th>By</th>
        </tr>
      </thead>
      <tbody>
        {lines.map((line) => (
          <tr key={line.trackingNumber}>
            <td className="figure">{line.trackingNumber}</td>
            <td className="figure">
              <JobLink job={line.job} />
            </td>
            <td>
              {line.scannedBy}{" "}
              {line.scannedAt && <span className="figure quiet">{moment(line.scannedAt, timeZone)}</span>}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What should be in and is not, by job and shelf. */
export function Missing({ view }: { view: HandoverData }) {
  const shelves = view.missing.some((line) => line.shelf);
  return (
    <section aria-label="Missing">
      <h2>
        {view.waiting === 0 ? "Nothing is missing" : `Missing: ${view.waiting}`}
        {view.waiting > 0 && <span className="figure quiet font-normal"> {view.waitingWeight.text}</span>}
      </h2>
      {view.missing.length > 0 && (
        <table className="timetable compact">
          <thead>
            <tr>
              <th>Job</th>
              {shelves && <th>Shelf</th>}
              <th>Package</th>
              <th>Ship to</th>
              <th>Service</th>
            </tr>
          </thead>
          <tbody>
            {view.missing.map((line) => (
              <tr key={line.trackingNumber}>
                <td className="figure">
                  <JobLink job={line.job} />
                </td>
                {shelves && <td className="figure">{line.shelf}</td>}
                <td className="figure">{line.trackingNumber}</td>
                <td>{line.shipTo}</td>
                <td>
                  {line.service}
                  {line.shipDate < view.day && (
                    <span className="text-warning"> since {day(line.shipDate)}</span>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {view.waiting > view.missing.length && (
        <p className="quiet">and {view.waiting - view.missing.length} more, that leave later.</p>
      )}
    </section>
  );
}
