import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { useMay } from "../signin/who";
import { moment } from "../ui/format";
import { JobLink } from "../ui/JobLink";
import { Labeled } from "../ui/Labeled";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { WriteBackTabs } from "./WriteBackTabs";

type View = Schemas["subscription.SubscriptionsView"];
type Entry = Schemas["subscription.SubscriptionEntry"];
type Row = Schemas["subscription.SubscriptionView"];

const KEY = ["subscriptions"];
const NEW: Entry = { version: 0, name: "", active: true, moments: ["LABEL_BOUGHT", "VOID"], address: "" };

/** Who subscribes to which events, and what there was. */
export function Subscriptions({ timeZone }: { timeZone: string }) {
  useTitle("Events for others");
  const all = useQuery({ queryKey: KEY, queryFn: () => answer(api.GET("/api/v1/subscriptions")) });
  if (all.isPending) {
    return <Waiting what="The subscriptions" />;
  }
  if (all.isLoadingError) {
    return <Trouble error={all.error} again={() => void all.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <WriteBackTabs />
      <div className="mt-3 grid gap-x-10 gap-y-5 lg:grid-cols-2">
        <Subscribers view={all.data} />
        <EventLog view={all.data} timeZone={timeZone} />
      </div>
    </div>
  );
}

function Subscribers({ view }: { view: View }) {
  const may = useMay();
  const [chosen, setChosen] = useState<string | undefined>(view.rows[0]?.code);
  const [kept, setKept] = useState(false);
  const shown = view.rows.find((each) => each.code === chosen);
  return (
    <div className="min-w-0 space-y-4">
      {view.rows.length === 0 ? (
        <Empty>
          No system subscribes yet. One that does is called for each event, or comes for them and reads on
          from a number; either way what is said is signed.
        </Empty>
      ) : (
        <ul className="space-y-1">
          {view.rows.map((each) => (
            <li key={each.code} className={each.code === chosen ? "border-l-4 border-primary pl-3" : "pl-4"}>
              <button
                type="button"
                className="link font-bold"
                aria-pressed={each.code === chosen}
                onClick={() => {
                  setKept(false);
                  setChosen(each.code);
                }}
              >
                {each.entry.name}
              </button>{" "}
              <span className="quiet">
                {each.isCalled ? "is called" : "comes for them"}
                {!each.entry.active && ", does not count now"}
              </span>
            </li>
          ))}
        </ul>
      )}
      {may("SET_UP") && (
        <button type="button" className="act" onClick={() => setChosen("")}>
          Another subscriber
        </button>
      )}
      {shown && (
        <SubscriptionForm
          key={shown.code + shown.entry.version}
          view={view}
          row={shown}
          kept={kept}
          done={() => setKept(true)}
        />
      )}
      {chosen === "" && (
        <SubscriptionForm
          key="new"
          view={view}
          row={undefined}
          kept={false}
          done={(code) => setChosen(code)}
        />
      )}
    </div>
  );
}

interface FormProps {
  view: View;
  row: Row | undefined;
  /** Whether it was kept just now, as it is shown. */
  kept: boolean;
  done: (code: string | undefined) => void;
}

function SubscriptionForm({ view, row, kept, done }: FormProps) {
  const queries = useQueryClient();
  const may = useMay();
  const [entry, setEntry] = useState<Entry>(row?.entry ?? NEW);
  const keep = useMutation({
    mutationFn: (body: Entry) =>
      row
        ? answer(api.PUT("/api/v1/subscriptions/{code}", { params: { path: { code: row.code } }, body }))
        : answer(api.POST("/api/v1/subscriptions", { body })),
    onSuccess: (now) => {
      queries.setQueryData(KEY, now);
      const known = new Set(view.rows.map((each) => each.code));
      done(now.rows.find((each) => !known.has(each.code))?.code);
    },
  });
  const change = (part: Partial<Entry>) => setEntry({ ...entry, ...part });
  const toggle = (value: Entry["moments"][number]) =>
    change({
      moments: entry.moments.includes(value)
        ? entry.moments.filter((each) => each !== value)
        : [...entry.moments, value],
    });
  return (
    <form
      aria-label={entry.name || "Another subscriber"}
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate(entry);
      }}
    >
      <fieldset disabled={!may("SET_UP")} className="space-y-3">
        <Labeled text="Name">
          <input
            className="entry w-64"
            maxLength={60}
            value={entry.name}
            onChange={(event) => change({ name: event.target.value })}
          />
        </Labeled>
        <Labeled text="Called at (nothing: it comes for the events)">
          <input
            className="entry figure"
            maxLength={500}
            placeholder="https://tracker.example/nobrec"
            value={entry.address}
            onChange={(event) => change({ address: event.target.value })}
          />
        </Labeled>
        <Labeled text={row?.hasSecret ? "New secret" : "Secret that both sides know"}>
          <input
            type="password"
            className="entry w-64"
            maxLength={500}
            autoComplete="new-password"
            placeholder={row?.hasSecret ? "the kept one stays" : "none"}
            value={entry.secret ?? ""}
            onChange={(event) => change({ secret: event.target.value || undefined })}
          />
        </Labeled>
        <div className="flex flex-wrap gap-x-4 gap-y-1">
          {view.moments.map((each) => (
            <label key={each.value} className="flex items-center gap-2">
              <input
                type="checkbox"
                checked={entry.moments.includes(each.value as Entry["moments"][number])}
                onChange={() => toggle(each.value as Entry["moments"][number])}
              />
              {each.words}
            </label>
          ))}
        </div>
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={entry.active}
            onChange={(event) => change({ active: event.target.checked })}
          />
          It counts from now on
        </label>
        {may("SET_UP") ? (
          <div className="flex items-center gap-4">
            <button type="submit" className="act" disabled={keep.isPending || !entry.name.trim()}>
              {keep.isPending ? "Keeping …" : "Keep it"}
            </button>
            {kept && <span className="text-primary">✓ Kept.</span>}
          </div>
        ) : (
          <p className="quiet">An administrator changes it.</p>
        )}
      </fieldset>
      {keep.isError && <ProblemLine error={keep.error} />}
    </form>
  );
}

/** What there was, from a number on, and having it sent again. */
function EventLog({ view, timeZone }: { view: View; timeZone: string }) {
  const may = useMay();
  const [behind, setBehind] = useState(0);
  const log = useQuery({
    queryKey: ["events-log", behind],
    queryFn: () => answer(api.GET("/api/v1/events-log", { params: { query: { behind } } })),
  });
  const again = useMutation({
    mutationFn: ({ code, number }: { code: string; number: number }) =>
      answer(
        api.POST("/api/v1/subscriptions/{code}/again", { params: { path: { code } }, body: { number } }),
      ),
  });
  const called = view.rows.filter((each) => each.isCalled && each.entry.active);
  if (log.isPending) {
    return <Waiting what="The events" />;
  }
  if (log.isLoadingError) {
    return <ProblemLine error={log.error} />;
  }
  return (
    <section aria-label="Events" className="min-w-0">
      <div className="flex items-end gap-4">
        <h2>What there was</h2>
        <Labeled text="behind number">
          <input
            className="entry figure w-24"
            inputMode="numeric"
            maxLength={12}
            value={String(behind)}
            onChange={(event) => setBehind(Number(event.target.value.replace(/\D/g, "") || 0))}
          />
        </Labeled>
      </div>
      {again.isError && <ProblemLine error={again.error} />}
      {again.isSuccess && <p role="status">{again.data.events} are sent again; see Postings.</p>}
      {log.data.rows.length === 0 ? (
        <div className="mt-2">
          <Empty>Each label that is bought, each handover and each void stands here, numbered.</Empty>
        </div>
      ) : (
        <table className="timetable compact mt-2">
          <thead>
            <tr>
              <th>No.</th>
              <th>Event</th>
              <th>Job</th>
              <th>When</th>
              <th>From here on</th>
            </tr>
          </thead>
          <tbody>
            {log.data.rows.map((row) => (
              <tr key={row.number}>
                <td className="figure">{row.number}</td>
                <td>{view.moments.find((each) => each.value === row.moment)?.words}</td>
                <td className="figure">
                  <JobLink job={row.job} />
                </td>
                <td className="figure whitespace-nowrap">{moment(row.at, timeZone)}</td>
                <td>
                  {may("SET_UP") &&
                    called.map((each) => (
                      <button
                        key={each.code}
                        type="button"
                        className="link mr-2"
                        aria-label={`Send ${each.entry.name} all from ${row.number} again`}
                        disabled={again.isPending}
                        onClick={() => again.mutate({ code: each.code, number: row.number })}
                      >
                        {each.entry.name} again
                      </button>
                    ))}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {log.data.rows.length === 100 && (
        <button type="button" className="act mt-2" onClick={() => setBehind(log.data.next)}>
          The next ones
        </button>
      )}
    </section>
  );
}
