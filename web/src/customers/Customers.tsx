import { useState } from "react";
import { useMay } from "../signin/who";
import { moment } from "../ui/format";
import { PageLink } from "../ui/JobLink";
import { Labeled } from "../ui/Labeled";
import { SectionTabs } from "../ui/SectionTabs";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { type AskedAddress, type CustomerList, TABS, useAddressReply, useCustomers } from "./customerData";

/** What customers asked for by their page or the form, and what they chose: first what waits for an answer. */
export function Customers({ timeZone }: { timeZone: string }) {
  useTitle("Customers");
  const list = useCustomers();
  if (list.isPending) {
    return <Waiting what="What customers asked" />;
  }
  if (list.isLoadingError) {
    return <Trouble error={list.error} again={() => void list.refetch()} />;
  }
  return (
    <div className="space-y-6 px-5 py-3">
      <SectionTabs title="Customers" tabs={TABS} />
      <Addresses rows={list.data.asked} timeZone={timeZone} />
      <Requests rows={list.data.requests} timeZone={timeZone} />
      <Chosen rows={list.data.chosen} timeZone={timeZone} />
    </div>
  );
}

function Addresses({ rows, timeZone }: { rows: AskedAddress[]; timeZone: string }) {
  return (
    <section aria-label="Other addresses">
      <h2>Other addresses, waiting for our answer</h2>
      {rows.length === 0 ? (
        <Empty>
          None. One that changes no price counts at once; others wait here, and their jobs with them.
        </Empty>
      ) : (
        <ul className="space-y-3">
          {rows.map((each) => (
            <Address key={each.id} asked={each} timeZone={timeZone} />
          ))}
        </ul>
      )}
    </section>
  );
}

function Address({ asked, timeZone }: { asked: AskedAddress; timeZone: string }) {
  const may = useMay();
  const [text, setText] = useState("");
  const reply = useAddressReply(asked.id);
  const price = (amount: AskedAddress["priceNow"]) =>
    amount ? `${amount.amount} ${amount.currency}` : "not known";
  return (
    <li className="border-l-4 border-warning pl-3">
      <p>
        <PageLink job={asked.job} /> {asked.customer}{" "}
        <span className="quiet">asked {moment(asked.askedAt, timeZone)}</span>
      </p>
      <dl className="grid max-w-4xl grid-cols-[max-content_1fr] gap-x-4">
        <dt className="quiet">From</dt>
        <dd>{asked.before}</dd>
        <dt className="quiet">To</dt>
        <dd className="font-bold">{asked.address}</dd>
        <dt className="quiet">Customer pays</dt>
        <dd>
          <span className="figure">{price(asked.priceNow)}</span> there,{" "}
          <span className="figure">{price(asked.priceBefore)}</span> as it stood. {asked.reason}
        </dd>
      </dl>
      {may("BRING_IN") && (
        <form
          className="mt-1 flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            reply.mutate({ yes: false, seen: "", text });
          }}
        >
          <button
            type="button"
            className="act"
            disabled={reply.isPending}
            onClick={() => reply.mutate({ yes: true, seen: asked.priceNow?.amount ?? "", text: "" })}
          >
            Yes, send it there
          </button>
          <Labeled text="Why not, as the customer reads it">
            <input
              className="entry w-80"
              maxLength={500}
              value={text}
              onChange={(event) => setText(event.target.value)}
            />
          </Labeled>
          <button type="submit" className="act" disabled={reply.isPending || text.trim() === ""}>
            No
          </button>
        </form>
      )}
      {reply.isError && <ProblemLine error={reply.error} />}
    </li>
  );
}

function Requests({ rows, timeZone }: { rows: CustomerList["requests"]; timeZone: string }) {
  return (
    <section aria-label="Requests by the form">
      <h2>Requests by the form</h2>
      {rows.length === 0 ? (
        <Empty>None so far. The form’s address stands under What they may do.</Empty>
      ) : (
        <table className="timetable">
          <thead>
            <tr>
              <th>Request</th>
              <th>Customer</th>
              <th>What</th>
              <th>Asked</th>
              <th>Answer to</th>
              <th className="text-right">Quoted</th>
              <th>By</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((each) => (
              <tr key={each.job}>
                <td>
                  <PageLink job={each.job} />
                </td>
                <td>{each.customer}</td>
                <td>{each.what}</td>
                <td className="figure">{moment(each.askedAt, timeZone)}</td>
                <td>{each.mail}</td>
                <td className="figure text-right">
                  {each.price ? `${each.price.amount} ${each.price.currency}` : "–"}
                </td>
                <td>
                  {each.service || (each.request ? <strong>a person answers</strong> : "taken as a job")}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

function Chosen({ rows, timeZone }: { rows: CustomerList["chosen"]; timeZone: string }) {
  return (
    <section aria-label="Chosen by customers">
      <h2>Chosen by customers</h2>
      {rows.length === 0 ? (
        <Empty>Nothing so far.</Empty>
      ) : (
        <table className="timetable">
          <thead>
            <tr>
              <th>Job</th>
              <th>Customer</th>
              <th>Goes by</th>
              <th className="text-right">Held to</th>
              <th>Chosen</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((each) => (
              <tr key={each.job}>
                <td>
                  <PageLink job={each.job} />
                </td>
                <td>{each.customer}</td>
                <td>{each.service}</td>
                <td className="figure text-right">
                  {each.price.amount} {each.price.currency}
                </td>
                <td className="figure">{moment(each.chosenAt, timeZone)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
