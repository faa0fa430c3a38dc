import { useQuery } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import { PrepaidLine } from "../prepaid/PrepaidLine";
import { useMay, useWho } from "../signin/who";
import { moment } from "../ui/format";

const STATES = { ASKED: "the carrier has not answered", PAID_IN: "paid in", REFUSED: "refused" } as const;

/** The accounts that are paid beforehand, each with its last payments. */
export function PrepaidAccounts() {
  const may = useMay();
  const who = useWho().data;
  const sees = may("SEE_CHARGES");
  const list = useQuery({
    queryKey: ["prepaid"],
    queryFn: () => answer(api.GET("/api/v1/prepaid-accounts")),
    enabled: sees,
  });
  const timeZone = who?.timeZone ?? "UTC";
  return list.data === undefined || list.data.rows.length === 0 ? null : (
    <section aria-label="Paid beforehand" className="mt-6">
      <h2>Paid beforehand</h2>
      {list.data.rows.map((each) => (
        <div key={each.carrierCode} className="mt-1">
          <PrepaidLine
            account={each}
            currency={each.balance?.currency ?? ""}
            timeZone={timeZone}
            mayPayIn={sees}
            looksAgain={["prepaid"]}
          />
          {each.payments.map((payment) => (
            <p key={payment.id} className="quiet mt-0.5 pl-4">
              <span className="figure">{payment.amount.amount}</span> by {payment.askedBy},{" "}
              <span className="figure">{moment(payment.askedAt, timeZone)}</span>: {STATES[payment.state]}
              {payment.said && ` (${payment.said})`}
            </p>
          ))}
        </div>
      ))}
    </section>
  );
}
