import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { day } from "../ui/format";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { Labeled } from "../ui/Labeled";
import { ProblemLine } from "../ui/states";
import type { Job } from "./useJob";

type Quote = Schemas["bench.FreightQuoteView"];
const VALID_DAYS = 14;

/** What freight was quoted to the customer, and what a quote would say now. */
export function JobQuotes({ job }: { job: Job }) {
  const queries = useQueryClient();
  const list = useQuery({
    queryKey: ["job", job.number, "quotes"],
    queryFn: () => answer(api.GET("/api/v1/freight-quotes", { params: { query: { job: job.number } } })),
  });
  const today = list.data?.today ?? "";
  const [chosenDay, setChosenDay] = useState<string>();
  const validUntil = chosenDay ?? (today && later(today));
  const [open, setOpen] = useState(false);
  const now = list.data?.now;
  const keep = useMutation({
    mutationFn: () =>
      answer(
        api.POST("/api/v1/freight-quotes", {
          body: { job: job.number, customerPays: now?.customerPays.amount ?? "", validUntil },
        }),
      ),
    onSuccess: () => setOpen(false),
    onSettled: () => queries.invalidateQueries({ queryKey: ["job"] }),
  });
  const asJob = useMutation({
    mutationFn: () =>
      answer(api.POST("/api/v1/freight-quotes/requests-taken", { body: { job: job.number } })),
    onSettled: () => queries.invalidateQueries(),
  });
  const isRequest = job.status === "REQUEST";
  const mayQuote = job.mayEdit && now !== undefined;
  const { mutate } = asJob;
  useKeys(
    useMemo(
      () => [
        ...(mayQuote ? [{ key: "q", label: "Keep a freight quote", run: () => setOpen(true) }] : []),
        ...(isRequest && job.mayEdit
          ? [{ key: "j", label: "Take the request as a job", run: () => mutate() }]
          : []),
      ],
      [isRequest, job.mayEdit, mayQuote, mutate],
    ),
  );
  const rows = list.data?.rows ?? [];
  if (rows.length === 0 && !mayQuote && !isRequest) {
    return null;
  }
  return (
    <section aria-label="Freight quotes" className="mt-4">
      <h2>Freight quotes</h2>
      {isRequest && (
        <p className="mt-1 border-l-4 border-warning pl-3">
          <strong>A request:</strong> nothing is promised to go.{" "}
          {job.mayEdit && (
            <button type="button" className="act" disabled={asJob.isPending} onClick={() => mutate()}>
              Take it as a job <Key name="J" />
            </button>
          )}
        </p>
      )}
      {asJob.isError && <ProblemLine error={asJob.error} />}
      {now && (
        <p className="mt-1">
          Now: {now.packages} by {now.service}, the customer pays{" "}
          <strong className="figure">
            {now.customerPays.amount} {now.customerPays.currency}
          </strong>{" "}
          {mayQuote && !open && (
            <button type="button" className="act" onClick={() => setOpen(true)}>
              Keep it as a quote <Key name="Q" />
            </button>
          )}
        </p>
      )}
      {open && (
        <form
          className="mt-1 flex items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            keep.mutate();
          }}
        >
          <Labeled text="Valid until">
            <input
              type="date"
              className="entry"
              autoFocus
              required
              value={validUntil}
              onChange={(event) => setChosenDay(event.target.value)}
              onKeyDown={(event) => {
                if (event.key === "Escape") {
                  event.stopPropagation();
                  setOpen(false);
                }
              }}
            />
          </Labeled>
          <button type="submit" className="act" disabled={keep.isPending}>
            Keep <Key name="Enter" />
          </button>
        </form>
      )}
      {keep.isError && <ProblemLine error={keep.error} />}
      {rows.length > 0 && (
        <table className="timetable compact mt-1">
          <caption className="sr-only">Freight quotes</caption>
          <thead>
            <tr>
              <th>Made for</th>
              <th>Goes by</th>
              <th>What was priced</th>
              <th className="!text-right">Customer pays</th>
              <th>Valid until</th>
              <th>By</th>
              <th>Into a job</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((each) => (
              <QuoteRow key={each.id} quote={each} job={job} over={each.validUntil < today} />
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

function later(today: string): string {
  const date = new Date(`${today}T12:00:00Z`);
  date.setUTCDate(date.getUTCDate() + VALID_DAYS);
  return date.toISOString().slice(0, 10);
}

function QuoteRow({ quote, job, over }: { quote: Quote; job: Job; over: boolean }) {
  return (
    <tr>
      <td className="figure">{quote.madeFor}</td>
      <td>{quote.service}</td>
      <td>{quote.packages}</td>
      <td className="figure text-right">
        {quote.customerPays.amount} {quote.customerPays.currency}
      </td>
      <td className={"figure " + (over && !quote.takenInto ? "text-warning" : "")}>
        {day(quote.validUntil)}
        {over && !quote.takenInto && ", over"}
      </td>
      <td>{quote.madeBy}</td>
      <td>
        {quote.takenInto ? (
          <>
            <span className="figure">{quote.takenInto}</span>, {quote.held ? "held to" : "as an estimate"}
          </>
        ) : (
          job.mayEdit && !over && <TakeQuote quote={quote} job={job} />
        )}
      </td>
    </tr>
  );
}

function TakeQuote({ quote, job }: { quote: Quote; job: Job }) {
  const queries = useQueryClient();
  const [into, setInto] = useState(job.status === "REQUEST" ? "" : job.number);
  const [held, setHeld] = useState(true);
  const take = useMutation({
    mutationFn: () =>
      answer(
        api.POST("/api/v1/freight-quotes/{id}/taken", {
          params: { path: { id: quote.id } },
          body: { job: into, held },
        }),
      ),
    onSettled: () => queries.invalidateQueries(),
  });
  return (
    <form
      className="flex flex-wrap items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        take.mutate();
      }}
    >
      <input
        aria-label="Job that the quote goes into"
        className="entry figure w-28 py-0"
        value={into}
        maxLength={120}
        placeholder="number"
        onChange={(event) => setInto(event.target.value)}
      />
      <label className="flex items-center gap-1">
        <input type="checkbox" checked={held} onChange={(event) => setHeld(event.target.checked)} />
        held to
      </label>
      <button type="submit" className="act py-0" disabled={take.isPending || into.trim() === ""}>
        Take
      </button>
      {take.isError && <ProblemLine error={take.error} />}
    </form>
  );
}
