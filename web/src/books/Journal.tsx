import { useState } from "react";
import { Period } from "../ui/Period";
import { Empty, ProblemLine, Waiting } from "../ui/states";
import { useBalance } from "./booksData";

/** What is booked in a period, by account, and the journal as a file for other books. */
export function Journal({ today }: { today: string }) {
  const [from, setFrom] = useState(today.slice(0, 8) + "01");
  const [until, setUntil] = useState(today);
  const choose = (first: string, last: string) => {
    setFrom(first);
    setUntil(last);
  };
  const balance = useBalance(from, until);
  const file = (form: string) => `/api/v1/books/journal?from=${from}&until=${until}&form=${form}`;
  return (
    <section aria-label="Journal" className="space-y-3">
      <h2>Journal of freight</h2>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <Period from={from} until={until} labels={{ from: "From", until: "Through" }} change={choose} />
      </div>
      {balance.isError ? (
        <ProblemLine error={balance.error} />
      ) : balance.isPending ? (
        <Waiting what="The balance" />
      ) : balance.data.accounts.length === 0 ? (
        <Empty>
          Nothing is booked in this period. What a label costs is booked when it is bought, and taken back
          when it is made void.
        </Empty>
      ) : (
        <>
          <table className="timetable compact">
            <thead>
              <tr>
                <th>Account</th>
                <th className="text-right">Lines</th>
                <th className="text-right">Debit</th>
                <th className="text-right">Credit</th>
              </tr>
            </thead>
            <tbody>
              {balance.data.accounts.map((each) => (
                <tr key={each.account}>
                  <td>{each.account}</td>
                  <td className="figure text-right">{each.entries}</td>
                  <td className="figure text-right">{each.debit.amount}</td>
                  <td className="figure text-right">{each.credit.amount}</td>
                </tr>
              ))}
              <tr className="font-bold">
                <td colSpan={2}>
                  Sum, {balance.data.debit.currency}
                  {balance.data.debit.amount === balance.data.credit.amount && (
                    <span className="font-normal text-primary"> ✓ in balance</span>
                  )}
                </td>
                <td className="figure text-right">{balance.data.debit.amount}</td>
                <td className="figure text-right">{balance.data.credit.amount}</td>
              </tr>
            </tbody>
          </table>
          <div className="flex flex-wrap gap-3">
            <a className="act" href={file("PLAIN_TEXT")}>
              Save as plain-text accounting
            </a>
            <a className="act" href={file("CSV")}>
              Save as CSV
            </a>
          </div>
        </>
      )}
    </section>
  );
}
