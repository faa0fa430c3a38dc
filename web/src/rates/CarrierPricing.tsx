import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { useMay } from "../signin/who";
import { ProblemLine } from "../ui/states";

type Carrier = Schemas["carrier.CarrierView"];

const CHOICES: { pricedBy: Carrier["pricedBy"]; words: string }[] = [
  { pricedBy: "SHEET", words: "our rate sheets" },
  { pricedBy: "CARRIER", words: "the carrier, asked each time" },
  { pricedBy: "BOTH", words: "the carrier, with our sheets beside it" },
];

/** Who says what the services of each carrier cost. */
export function CarrierPricing() {
  const list = useQuery({ queryKey: ["carriers"], queryFn: () => answer(api.GET("/api/v1/carriers")) });
  const may = useMay();
  return list.data === undefined || list.data.rows.length === 0 ? null : (
    <section aria-label="Who prices" className="mt-6">
      <h2>Who prices</h2>
      <table className="timetable mt-1 w-auto!">
        <thead>
          <tr>
            <th>Carrier</th>
            <th>Its prices come from</th>
            <th>Point out a difference above</th>
          </tr>
        </thead>
        <tbody>
          {list.data.rows.map((each) => (
            <PricingRow key={each.code} carrier={each} mayEdit={may("BRING_IN")} />
          ))}
        </tbody>
      </table>
    </section>
  );
}

function PricingRow({ carrier, mayEdit }: { carrier: Carrier; mayEdit: boolean }) {
  const queries = useQueryClient();
  const [percent, setPercent] = useState(String(carrier.toleranceThousandths / 1000));
  const keep = useMutation({
    mutationFn: (entry: Schemas["carrier.PricingEntry"]) =>
      answer(
        api.PUT("/api/v1/carriers/{code}/pricing", { params: { path: { code: carrier.code } }, body: entry }),
      ),
    onSettled: () => queries.invalidateQueries(),
  });
  const thousandths = /^\d{1,3}(\.\d{1,3})?$/.test(percent.trim())
    ? Math.round(Number(percent) * 1000)
    : undefined;
  const isGood = thousandths !== undefined && thousandths <= 100_000;
  return (
    <tr>
      <td>{carrier.name}</td>
      <td>
        {mayEdit ? (
          <select
            aria-label={`Who prices ${carrier.name}`}
            className="entry py-0"
            value={carrier.pricedBy}
            disabled={keep.isPending}
            onChange={(event) =>
              keep.mutate({
                pricedBy: event.target.value as Carrier["pricedBy"],
                toleranceThousandths: carrier.toleranceThousandths,
              })
            }
          >
            {CHOICES.map((each) => (
              <option key={each.pricedBy} value={each.pricedBy}>
                {each.words}
              </option>
            ))}
          </select>
        ) : (
          carrier.words
        )}
        {keep.isError && <ProblemLine error={keep.error} />}
      </td>
      <td>
        {carrier.pricedBy === "BOTH" && (
          <label className="flex items-center gap-2">
            <input
              aria-label={`Tolerance of ${carrier.name} in percent`}
              className="entry figure w-20 py-0"
              value={percent}
              readOnly={!mayEdit}
              aria-invalid={!isGood}
              onChange={(event) => setPercent(event.target.value)}
              onBlur={() => {
                if (thousandths !== undefined && isGood && thousandths !== carrier.toleranceThousandths) {
                  keep.mutate({ pricedBy: carrier.pricedBy, toleranceThousandths: thousandths });
                }
              }}
            />
            percent
          </label>
        )}
        {carrier.pricedBy === "BOTH" && !isGood && (
          <span className="text-warning"> Write 0 to 100, with at most three places.</span>
        )}
      </td>
    </tr>
  );
}
