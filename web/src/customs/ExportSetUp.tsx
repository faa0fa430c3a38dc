import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { PaperTabs } from "../papers/PaperTabs";
import { useMay } from "../signin/who";
import { dayWithYear } from "../ui/format";
import { Labeled } from "../ui/Labeled";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";

type SetUpView = Schemas["customs.SetUpView"];
type SetUp = SetUpView["setUp"];

const KEY = ["export-set-up"];

/** How the shop declares: who signs, the usual terms, exchange rates, and what each service needs. */
export function ExportSetUp() {
  useTitle("Abroad");
  const setUp = useQuery({ queryKey: KEY, queryFn: () => answer(api.GET("/api/v1/export-set-up")) });
  if (setUp.isPending) {
    return <Waiting what="How the shop declares" />;
  }
  if (setUp.isLoadingError) {
    return <Trouble error={setUp.error} again={() => void setUp.refetch()} />;
  }
  const view = setUp.data as SetUpView;
  return (
    <div className="px-5 py-3">
      <PaperTabs />
      <div className="mt-3 grid gap-x-10 gap-y-5 lg:grid-cols-2">
        <Signer key={view.setUp.version} view={view} />
        <Rates view={view} />
      </div>
      <ServicePapers view={view} />
    </div>
  );
}

function useSetUpAct<T>(act: (value: T) => Promise<SetUpView>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: act,
    onSuccess: (now) => {
      queries.setQueryData(KEY, now);
      return queries.invalidateQueries({ queryKey: ["bench"] });
    },
  });
}

function Signer({ view }: { view: SetUpView }) {
  const [set, setSet] = useState<SetUp>(view.setUp);
  const may = useMay();
  const save = useSetUpAct((body: SetUp) => answer(api.PUT("/api/v1/export-set-up", { body })));
  const text = (field: "signer" | "signerTitle" | "taxNumber", label: string) => (
    <Labeled text={label}>
      <input
        className="entry"
        maxLength={120}
        value={set[field]}
        onChange={(event) => setSet({ ...set, [field]: event.target.value })}
      />
    </Labeled>
  );
  return (
    <form
      aria-label="How the shop declares"
      className="space-y-2"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(set);
      }}
    >
      <h2>What papers say where a job says nothing else</h2>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2">
        {text("signer", "Signed by")}
        {text("signerTitle", "who is")}
        {text("taxNumber", "Our tax number")}
        <Labeled text="Usual incoterm">
          <select
            className="entry"
            value={set.incoterm}
            onChange={(event) => setSet({ ...set, incoterm: event.target.value as SetUp["incoterm"] })}
          >
            {view.incoterms.map((each) => (
              <option key={each.value} value={each.value}>
                {each.value}, {each.words}
              </option>
            ))}
          </select>
        </Labeled>
        <Labeled text="Usual reason for export">
          <select
            className="entry"
            value={set.reason}
            onChange={(event) => setSet({ ...set, reason: event.target.value as SetUp["reason"] })}
          >
            {view.reasons.map((each) => (
              <option key={each.value} value={each.value}>
                {each.words}
              </option>
            ))}
          </select>
        </Labeled>
      </div>
      <Labeled text="Letters of instruction go to (name and address; the carrier itself where nothing is written)">
        <textarea
          className="entry"
          rows={3}
          maxLength={900}
          value={set.forwarder.join("\n")}
          onChange={(event) => setSet({ ...set, forwarder: event.target.value.split("\n") })}
        />
      </Labeled>
      {may("KEEP_RULES") && (
        <button type="submit" className="act" disabled={save.isPending}>
          {save.isPending ? "Keeping …" : "Keep it"}
        </button>
      )}
      {save.isSuccess && <span className="ml-3 text-primary">✓ Kept.</span>}
      {save.isError && <ProblemLine error={save.error} />}
    </form>
  );
}

function Rates({ view }: { view: SetUpView }) {
  return (
    <section aria-label="Exchange rates">
      <h2>What one costs in {view.ours}</h2>
      {view.rates.length === 0 ? (
        <Empty>No rate yet. Values can be declared in {view.ours} only, and postal items bear a CN 23.</Empty>
      ) : (
        <table className="timetable compact">
          <thead>
            <tr>
              <th>Currency</th>
              <th />
              <th className="!text-right">{view.ours}</th>
              <th>as of</th>
            </tr>
          </thead>
          <tbody>
            {view.rates.map((rate) => (
              <tr key={rate.currency}>
                <td className="figure font-bold">{rate.currency}</td>
                <td>{rate.name}</td>
                <td className="figure text-right">{rate.rate}</td>
                <td className={rate.old ? "font-bold text-warning" : ""}>
                  {dayWithYear(rate.day)}
                  {rate.old && ", over a month old"}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <NewRate key={view.rates.map((rate) => rate.currency + rate.rate + rate.day).join()} view={view} />
      <p className="quiet mt-1">
        A declaration takes the newest rate of its day. XDR are special drawing rights: the post asks for a CN
        23 above 300 of them.
      </p>
    </section>
  );
}

function NewRate({ view }: { view: SetUpView }) {
  const may = useMay();
  const [entry, setEntry] = useState({ currency: "", day: view.today, rate: "" });
  const save = useSetUpAct((body: typeof entry) => answer(api.POST("/api/v1/export-set-up/rates", { body })));
  if (!may("KEEP_RULES")) {
    return null;
  }
  return (
    <form
      aria-label="A new rate"
      className="mt-2 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate(entry);
      }}
    >
      <Labeled text="Currency">
        <input
          className="entry figure w-20"
          maxLength={10}
          value={entry.currency}
          onChange={(event) => setEntry({ ...entry, currency: event.target.value })}
        />
      </Labeled>
      <Labeled text={`costs, ${view.ours}`}>
        <input
          className="entry figure w-28"
          maxLength={40}
          value={entry.rate}
          onChange={(event) => setEntry({ ...entry, rate: event.target.value })}
        />
      </Labeled>
      <Labeled text="as of">
        <input
          type="date"
          className="entry figure"
          max={view.today}
          value={entry.day}
          onChange={(event) => setEntry({ ...entry, day: event.target.value })}
        />
      </Labeled>
      <button
        type="submit"
        className="act"
        disabled={save.isPending || entry.currency.trim() === "" || entry.rate.trim() === ""}
      >
        Add the rate
      </button>
      {save.isError && <ProblemLine error={save.error} />}
    </form>
  );
}

function ServicePapers({ view }: { view: SetUpView }) {
  return (
    <section aria-label="What services need" className="mt-5">
      <h2>What each way of sending needs</h2>
      <table className="timetable compact">
        <thead>
          <tr>
            <th>Service</th>
            <th>Papers besides the label</th>
            <th>Goes to</th>
          </tr>
        </thead>
        <tbody>
          {view.services.map((service) => (
            <tr key={service.service}>
              <td className="font-bold whitespace-nowrap">{service.service}</td>
              <td>{service.papers.join("; ") || <span className="quiet">none</span>}</td>
              <td className="figure">{service.countries}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
