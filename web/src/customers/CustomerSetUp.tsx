import { useState } from "react";
import { Link } from "react-router";
import { useMay } from "../signin/who";
import { Labeled } from "../ui/Labeled";
import { SectionTabs } from "../ui/SectionTabs";
import { ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { type CustomerSetting, type SettingView, TABS, useSetting, useSettingChange } from "./customerData";

/** What customers may see and choose without a sign-in. */
export function CustomerSetUp() {
  useTitle("What customers may do");
  const setting = useSetting();
  const [kept, setKept] = useState(false);
  if (setting.isPending) {
    return <Waiting what="What customers may do" />;
  }
  if (setting.isLoadingError) {
    return <Trouble error={setting.error} again={() => void setting.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <SectionTabs title="Customers" tabs={TABS} />
      <SettingForm key={setting.data.version} view={setting.data} kept={kept} done={() => setKept(true)} />
    </div>
  );
}

function toggled<T>(all: T[], one: T): T[] {
  return all.includes(one) ? all.filter((each) => each !== one) : [...all, one];
}

function SettingForm({ view, kept, done }: { view: SettingView; kept: boolean; done: () => void }) {
  const may = useMay();
  const [entry, setEntry] = useState<CustomerSetting>(view.setting);
  const change = useSettingChange();
  const check = (name: "page" | "looksAtAddresses" | "form" | "answersByItself", words: string) => (
    <label className="flex items-center gap-2">
      <input
        type="checkbox"
        checked={entry[name]}
        onChange={() => setEntry({ ...entry, [name]: !entry[name] })}
      />
      {words}
    </label>
  );
  return (
    <form
      aria-label="What they may do"
      className="mt-3"
      onSubmit={(event) => {
        event.preventDefault();
        change.mutate({ version: view.version, setting: entry }, { onSuccess: done });
      }}
    >
      <fieldset disabled={!may("SET_UP")} className="grid gap-x-10 gap-y-6 lg:grid-cols-2">
        <section aria-label="The customer’s page" className="space-y-3">
          <h2>The customer’s page</h2>
          {check("page", "Each job has a page for its customer, by a link that nobody can guess")}
          {!view.formAddress && (
            <p className="border-l-4 border-warning pl-3">
              Nobody has said where customers reach this server.{" "}
              <Link className="link" to="/emails/look">
                Say it on Emails, Look
              </Link>
              .
            </p>
          )}
          <p className="quiet">
            The link goes into an email as <code>{"{customer page}"}</code>. Until the label is bought the
            customer chooses there by day and price, and what is chosen is held to on the invoice.
          </p>
          <fieldset>
            <legend className="font-bold">Ways they may choose (none marked: all)</legend>
            <div className="grid gap-x-6 sm:grid-cols-2">
              {view.services.map((each) => (
                <label key={each.value} className="flex items-center gap-2">
                  <input
                    type="checkbox"
                    checked={entry.services.includes(each.value)}
                    onChange={() => setEntry({ ...entry, services: toggled(entry.services, each.value) })}
                  />
                  {each.words}
                </label>
              ))}
            </div>
          </fieldset>
          <fieldset>
            <legend className="font-bold">Papers they may download</legend>
            {view.papers.map((each) => (
              <label key={each.value} className="flex items-center gap-2">
                <input
                  type="checkbox"
                  checked={entry.papers.some((one) => one === each.value)}
                  onChange={() =>
                    setEntry({
                      ...entry,
                      papers: toggled(entry.papers, each.value as CustomerSetting["papers"][number]),
                    })
                  }
                />
                {each.words}
              </label>
            ))}
          </fieldset>
          {check("looksAtAddresses", "We look at each other address, also where the price stays the same")}
        </section>
        <section aria-label="The request form" className="space-y-3">
          <h2>The request form</h2>
          {check("form", "Anybody may ask what freight would cost")}
          {view.formAddress && (
            <p>
              To be linked:{" "}
              <a className="link" href={view.formAddress} target="_blank" rel="noreferrer">
                {view.formAddress}
              </a>
            </p>
          )}
          {check("answersByItself", "What has a price is quoted at once; else a person looks first")}
          {entry.form && view.quoteMails === 0 && (
            <p className="border-l-4 border-warning pl-3">
              No email is written at the moment quoted, so nobody gets an answer by mail.{" "}
              <Link className="link" to="/emails">
                Write one on Emails
              </Link>
              .
            </p>
          )}
          <Labeled text="A quote counts so many days">
            <input
              type="number"
              className="entry figure w-24"
              min={1}
              max={365}
              required
              value={entry.quoteDays}
              onChange={(event) => setEntry({ ...entry, quoteDays: Number(event.target.value) })}
            />
          </Labeled>
          <Labeled text="Above the form">
            <textarea
              className="entry w-full max-w-md"
              rows={4}
              maxLength={1000}
              value={entry.formWords}
              onChange={(event) => setEntry({ ...entry, formWords: event.target.value })}
            />
          </Labeled>
        </section>
      </fieldset>
      {may("SET_UP") ? (
        <div className="mt-4 flex items-center gap-4">
          <button type="submit" className="act" disabled={change.isPending}>
            Keep it
          </button>
          {kept && !change.isError && <span role="status">✓ Kept.</span>}
        </div>
      ) : (
        <p className="quiet mt-4">Who sets the shop up changes it.</p>
      )}
      {change.isError && <ProblemLine error={change.error} />}
    </form>
  );
}
