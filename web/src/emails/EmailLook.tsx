import { useState } from "react";
import { answer, api, sendFile } from "../api/client";
import { useMay } from "../signin/who";
import { FileButton } from "../ui/FileButton";
import { Labeled } from "../ui/Labeled";
import { SectionTabs } from "../ui/SectionTabs";
import { ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { type EmailRuleList, type Look, TABS, useEmails, useFileAct, useLook, useLookAct } from "./emailData";

const KILO = 1_000;

/** Who writes emails, how they look, and the shop's files that can be attached. */
export function EmailLook() {
  useTitle("Look of emails");
  const look = useLook();
  const [kept, setKept] = useState(false);
  if (look.isPending) {
    return <Waiting what="How emails look" />;
  }
  if (look.isLoadingError) {
    return <Trouble error={look.error} again={() => void look.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <SectionTabs title="Emails" tabs={TABS} />
      <div className="mt-3 grid gap-x-10 gap-y-6 lg:grid-cols-2">
        <LookForm key={look.data.entry.version} view={look.data} kept={kept} done={() => setKept(true)} />
        <Files />
      </div>
    </div>
  );
}

function LookForm({ view, kept, done }: { view: Look; kept: boolean; done: () => void }) {
  const may = useMay();
  const [entry, setEntry] = useState(view.entry);
  const keep = useLookAct(() =>
    answer(api.PUT("/api/v1/emails/look", { body: entry })).then((now) => {
      done();
      return now;
    }),
  );
  const picture = useLookAct((file: File) => sendFile<Look>("/api/v1/emails/logo", file));
  const text = (name: keyof typeof entry, label: string, placeholder: string) => (
    <Labeled text={label}>
      <input
        className="entry w-full max-w-md"
        maxLength={254}
        placeholder={placeholder}
        value={String(entry[name])}
        onChange={(event) => setEntry({ ...entry, [name]: event.target.value })}
      />
    </Labeled>
  );
  return (
    <form
      aria-label="Look"
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate(undefined);
      }}
    >
      <fieldset disabled={!may("SET_UP")} className="space-y-3">
        {text("senderName", "Sender’s name", "Marrowby Cylinder & Seal")}
        {text("senderAddress", "Sender’s address (empty: nothing is sent)", "shipping@shop.example")}
        {text("replyTo", "Answers go to (empty: the sender)", "desk@shop.example")}
        {text(
          "publicAddress",
          "Where customers reach this server (empty: they do not)",
          "https://ship.shop.example",
        )}
        <Labeled text="Color">
          <input
            type="color"
            className="h-9 w-16"
            value={entry.color}
            onChange={(event) => setEntry({ ...entry, color: event.target.value })}
          />
        </Labeled>
        <Labeled text="Below every email">
          <textarea
            className="entry w-full max-w-md"
            rows={3}
            maxLength={1000}
            value={entry.closing}
            onChange={(event) => setEntry({ ...entry, closing: event.target.value })}
          />
        </Labeled>
        {view.logo && <img src={view.logo} alt="Above every email" className="max-h-20" />}
        {may("SET_UP") && (
          <div className="flex items-center gap-4">
            <button type="submit" className="act" disabled={keep.isPending}>
              Keep it
            </button>
            <FileButton
              label="Picture above every email"
              accept="image/png,image/jpeg"
              busy={picture.isPending}
              take={(file) => picture.mutate(file)}
            >
              Picture, PNG or JPEG …
            </FileButton>
            {kept && !keep.isError && <span role="status">✓ Kept.</span>}
          </div>
        )}
        {!may("SET_UP") && <p className="quiet">Who sets the shop up changes it.</p>}
        {keep.isError && <ProblemLine error={keep.error} />}
        {picture.isError && <ProblemLine error={picture.error} />}
      </fieldset>
    </form>
  );
}

function Files() {
  const may = useMay();
  const files = useEmails().data?.files ?? [];
  const add = useFileAct((file: File) => sendFile<EmailRuleList>("/api/v1/emails/files", file));
  const remove = useFileAct((id: number) =>
    answer(api.DELETE("/api/v1/emails/files/{id}", { params: { path: { id } } })),
  );
  return (
    <section aria-label="Files" className="space-y-2">
      <h2>Files of the shop’s that can be attached</h2>
      {files.length === 0 ? (
        <p className="quiet">None yet: a warranty, say, or a catalog, up to 5 MB each.</p>
      ) : (
        <table className="timetable">
          <tbody>
            {files.map((each) => (
              <tr key={each.id}>
                <td>{each.name}</td>
                <td className="figure text-right">{Math.ceil(each.size / KILO)} kB</td>
                <td>
                  {may("SET_UP") && (
                    <button type="button" className="link" onClick={() => remove.mutate(each.id)}>
                      Remove
                    </button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {may("SET_UP") && (
        <FileButton
          label="File to attach"
          accept="*/*"
          busy={add.isPending}
          take={(file) => add.mutate(file)}
        >
          Add a file …
        </FileButton>
      )}
      {add.isError && <ProblemLine error={add.error} />}
      {remove.isError && <ProblemLine error={remove.error} />}
    </section>
  );
}
