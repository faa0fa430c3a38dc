import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useState } from "react";
import { answer, api } from "../api/client";
import { moment } from "../ui/format";
import { Key } from "../ui/Key";
import { ProblemLine } from "../ui/states";

/** An account that is paid beforehand; needed, missing and stays where something is about to be taken from it. */
export interface Prepaid {
  carrierCode: string;
  carrier: string;
  balance?: { amount: string };
  askedAt?: string;
  said: string;
  needed?: { amount: string };
  missing?: { amount: string };
  stays?: { amount: string };
}

interface Props {
  account: Prepaid;
  currency: string;
  timeZone: string;
  mayPayIn: boolean;
  /** What is looked at again once the balance is another one. */
  looksAgain: unknown[];
}

/** What an account holds and what is missing; asked once when it is shown, and paid into right here. */
export function PrepaidLine({ account, currency, timeZone, mayPayIn, looksAgain }: Props) {
  const queries = useQueryClient();
  const path = { params: { path: { carrier: account.carrierCode } } };
  const settled = () => {
    void queries.invalidateQueries({ queryKey: looksAgain });
    void queries.invalidateQueries({ queryKey: ["prepaid"] });
  };
  const asking = useMutation({
    mutationFn: () => answer(api.POST("/api/v1/prepaid-accounts/{carrier}/balance", path)),
    onSettled: settled,
  });
  const paying = useMutation({
    mutationFn: (amount: string) =>
      answer(api.POST("/api/v1/prepaid-accounts/{carrier}/payments", { ...path, body: { amount } })),
    onSettled: settled,
  });
  const { mutate: ask } = asking;
  useEffect(() => ask(), [ask, account.carrierCode]);
  const missing = account.missing && Number(account.missing.amount) > 0 ? account.missing.amount : "";
  return (
    <div className={"border-l-4 pl-3 " + (missing ? "border-warning" : "border-base-300")}>
      <div className="flex flex-wrap items-baseline gap-x-2">
        <span>
          {account.carrier} is paid beforehand:{" "}
          {account.balance ? (
            <>
              the account holds <strong className="figure">{account.balance.amount}</strong> {currency}
            </>
          ) : (
            "what the account holds is not known yet"
          )}
          {account.askedAt && <span className="quiet">, {moment(account.askedAt, timeZone)}</span>}
          {account.needed && (
            <>
              ; what is ready takes <span className="figure">{account.needed.amount}</span>
            </>
          )}
          {missing ? (
            <strong className="text-warning">
              , <span className="figure">{missing}</span> are missing
            </strong>
          ) : (
            account.stays && (
              <>
                , <span className="figure">{account.stays.amount}</span> stay
              </>
            )
          )}
          .
        </span>
        <button type="button" className="act py-0" disabled={asking.isPending} onClick={() => ask()}>
          {asking.isPending ? "Asking …" : "Ask again"}
        </button>
        {mayPayIn && (
          <PayIn
            key={missing}
            missing={missing}
            currency={currency}
            busy={paying.isPending}
            payIn={paying.mutate}
          />
        )}
      </div>
      {account.said && <p className="text-warning">No newer balance: {account.said}</p>}
      {paying.isError && <ProblemLine error={paying.error} />}
    </div>
  );
}

interface PayInProps {
  missing: string;
  currency: string;
  busy: boolean;
  payIn: (amount: string) => void;
}

/** Money that is paid in does not come back: it asks once, with the amount. */
function PayIn({ missing, currency, busy, payIn }: PayInProps) {
  const [amount, setAmount] = useState(missing);
  const [asked, setAsked] = useState(false);
  const go = useCallback(() => {
    setAsked(false);
    payIn(amount);
  }, [payIn, amount]);
  return asked ? (
    <span role="group" aria-label="Pay in?" className="flex items-center gap-2">
      <strong className="text-warning">
        Pay in <span className="figure">{amount}</span> {currency}?
      </strong>
      <button type="button" className="act border-2 py-0" autoFocus onClick={go}>
        Pay in <Key name="Enter" />
      </button>
      <button type="button" className="act py-0" onClick={() => setAsked(false)}>
        Do not
      </button>
    </span>
  ) : (
    <form
      className="flex items-center gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        setAsked(amount.trim() !== "");
      }}
    >
      <input
        aria-label="Amount to pay in"
        placeholder="amount"
        value={amount}
        maxLength={20}
        className="entry figure w-24 py-0"
        onChange={(event) => setAmount(event.target.value)}
      />
      <button type="submit" className="act py-0" disabled={busy || amount.trim() === ""}>
        {busy ? "One moment …" : "Pay in"}
      </button>
    </form>
  );
}
