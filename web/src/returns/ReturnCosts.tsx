import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { Period } from "../ui/Period";
import { ProblemLine } from "../ui/states";

function yearBefore(today: string): string {
  return String(Number(today.slice(0, 4)) - 1) + today.slice(4);
}

/** What received returns cost, by customer and reason. */
export function ReturnCosts({ today }: { today: string }) {
  const [from, setFrom] = useState(yearBefore(today));
  const [until, setUntil] = useState(today);
  const choose = (first: string, last: string) => {
    setFrom(first);
    setUntil(last);
  };
  const costs = useQuery({
    queryKey: ["returns", "costs", from, until],
    queryFn: () => answer(api.GET("/api/v1/returns/costs", { params: { query: { from, until } } })),
    enabled: from !== "" && until !== "",
  });
  const rows = costs.data?.rows ?? [];
  return (
    <section aria-label="What returns cost" className="mt-6">
      <div className="flex flex-wrap items-end gap-4">
        <h2>What returns cost</h2>
        <Period
          from={from}
          until={until}
          labels={{ from: "Received from", until: "until" }}
          change={choose}
        />
      </div>
      {costs.isError && <ProblemLine error={costs.error} />}
      {costs.isSuccess && rows.length === 0 && (
        <p className="quiet py-1">Nothing was received in these days.</p>
      )}
      {rows.length > 0 && (
        <table className="timetable compact mt-1">
          <caption className="sr-only">Cost of returns by customer and reason</caption>
          <thead>
            <tr>
              <th>Customer</th>
              <th>Reason</th>
              <th className="!text-right">Returns</th>
              <th className="!text-right">Pieces</th>
              <th className="!text-right">Freight</th>
              <th className="!text-right">Customer paid</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.customer + row.reason}>
                <td>{row.customer}</td>
                <td>{row.reasonWords}</td>
                <td className="figure text-right">{row.returns}</td>
                <td className="figure text-right">{row.pieces}</td>
                <td className="figure text-right">
                  {row.freight.amount} {row.freight.currency}
                </td>
                <td className="figure text-right">
                  {row.customerPaid.amount} {row.customerPaid.currency}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
