import { useQuery } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import { count, moment } from "../ui/format";
import { JobLink } from "../ui/JobLink";
import { ProblemLine } from "../ui/states";
import type { Job } from "./useJob";

const STATES = { OPEN: "on the bench", SHIPPING: "carrier asked", SHIPPED: "shipped" } as const;

/** How it left, or is about to, with its papers. */
export function JobShipments({ job, zone }: { job: Job; zone: string }) {
  return (
    <section className="mt-4" aria-label="Shipments">
      <h2>Shipments</h2>
      {job.shipments.length === 0 && (
        <p className="quiet py-1">None yet: the first act on the Bench opens one.</p>
      )}
      {job.shipments.length > 0 && (
        <table className="timetable compact">
          <caption className="sr-only">Shipments</caption>
          <thead>
            <tr>
              <th>State</th>
              <th>By</th>
              <th>Service</th>
              <th>Packages</th>
              <th>Tracking</th>
              <th className="!text-right">Carrier charges</th>
              <th className="!text-right">Customer pays</th>
              <th>Papers</th>
            </tr>
          </thead>
          <tbody>
            {job.shipments.map((each) => (
              <tr key={each.id}>
                <td>
                  {STATES[each.state]}
                  {each.shippedAt && <span className="quiet block">{moment(each.shippedAt, zone)}</span>}
                  {each.waitingFor && <span className="block text-warning">{each.waitingFor}</span>}
                </td>
                <td>{each.by}</td>
                <td>{each.service}</td>
                <td>
                  {count(each.packages, "package", "packages")}, {count(each.pieces, "piece", "pieces")}
                  {each.with.length > 0 && (
                    <span className="block">
                      together with{" "}
                      {each.with.map((other) => (
                        <JobLink key={other} job={other} />
                      ))}
                    </span>
                  )}
                </td>
                <td className="figure">
                  {each.trackingNumbers.slice(0, 3).map((number) => (
                    <span key={number} className="block">
                      {number}
                    </span>
                  ))}
                  {each.trackingNumbers.length > 3 && `and ${each.trackingNumbers.length - 3} more`}
                </td>
                <td className="figure text-right">
                  {each.freight && `${each.freight.amount} ${each.freight.currency}`}
                </td>
                <td className="figure text-right">
                  {each.customerPays && `${each.customerPays.amount} ${each.customerPays.currency}`}
                </td>
                <td>
                  {each.papers.map((paper) => (
                    <a
                      key={paper.id}
                      className="mr-3 underline"
                      href={paper.address}
                      target="_blank"
                      rel="noreferrer"
                    >
                      {paper.title}
                    </a>
                  ))}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

/** What was written back of it, and where. */
export function JobPostings({ job, zone }: { job: string; zone: string }) {
  const postings = useQuery({
    queryKey: ["postings", "of", job],
    queryFn: () => answer(api.GET("/api/v1/postings", { params: { query: { job, limit: 50 } } })),
  });
  if (postings.isError) {
    return <ProblemLine error={postings.error} />;
  }
  const rows = postings.data?.rows.filter((each) => each.job === job) ?? [];
  return rows.length === 0 ? null : (
    <section className="mt-4" aria-label="Postings">
      <h2>Postings</h2>
      <ul>
        {rows.map((each) => (
          <li key={each.id} className="border-b border-base-300 py-0.5">
            <strong>{each.system}</strong> {each.summary}{" "}
            <span className={each.state === "FAILED" ? "text-error" : "quiet"}>
              {each.state.toLowerCase()}
              {each.doneAt && `, ${moment(each.doneAt, zone)}`} {each.answer}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
