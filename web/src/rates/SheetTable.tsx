import type { Schemas } from "../api/client";
import { dayWithYear } from "../ui/format";

type ServiceSheets = Schemas["carrier.ServiceSheets"];

const STATES = {
  COMING: { word: "coming", look: "text-warning font-bold" },
  IN_FORCE: { word: "in force", look: "text-primary font-bold" },
  PAST: { word: "past", look: "quiet" },
} as const;

/** Each service with its sheets, the latest first. */
export function SheetTable({ services }: { services: ServiceSheets[] }) {
  return (
    <table className="timetable mt-2">
      <thead>
        <tr>
          <th>Service</th>
          <th className="max-[900px]:hidden">Carrier</th>
          <th>Fuel today</th>
          <th>From</th>
          <th>State</th>
          <th>What it holds</th>
          <th>File</th>
        </tr>
      </thead>
      {services.map((service) => (
        <tbody key={service.service}>
          {service.sheets.length === 0 && (
            <tr>
              <Whose service={service} />
              <td colSpan={4} className="text-error">
                There is no rate sheet: nothing can be priced. Bring one in for {service.service}.
              </td>
            </tr>
          )}
          {service.sheets.map((sheet, index) => (
            <tr key={sheet.firstDay}>
              {index === 0 ? (
                <Whose service={service} />
              ) : (
                <>
                  <td colSpan={2} />
                  <td className="max-[900px]:hidden" />
                </>
              )}
              <td className="figure whitespace-nowrap">{dayWithYear(sheet.firstDay)}</td>
              <td className={"whitespace-nowrap " + STATES[sheet.state].look}>{STATES[sheet.state].word}</td>
              <td>{sheet.summary}</td>
              <td>
                <a
                  className="underline"
                  download
                  href={`/api/v1/rate-sheets/${encodeURIComponent(service.service)}?day=${sheet.firstDay}`}
                  aria-label={`CSV of ${service.name} from ${dayWithYear(sheet.firstDay)}`}
                >
                  CSV
                </a>
              </td>
            </tr>
          ))}
        </tbody>
      ))}
    </table>
  );
}

function Whose({ service }: { service: ServiceSheets }) {
  return (
    <>
      <td>
        <strong className="whitespace-nowrap">{service.name}</strong>{" "}
        <span className="figure quiet block">{service.service}</span>
      </td>
      <td className="whitespace-nowrap max-[900px]:hidden">{service.carrier}</td>
      <td className="figure min-w-32">{service.fuel || <span className="quiet">none</span>}</td>
    </>
  );
}
