import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { FilterChoice } from "../ui/FilterChoice";
import { Labeled } from "../ui/Labeled";
import { ProblemLine } from "../ui/states";
import type { EmailRule, EmailTried } from "./emailData";

type Width = "phone" | "desk" | "text";

/** What would be written of a job, as a phone and a desk show it; a test goes to whom one likes. */
export function EmailPreview({ rule, looked }: { rule: EmailRule; looked: (job: string) => void }) {
  const [job, setJob] = useState(rule.triedOn ?? "");
  const [to, setTo] = useState("");
  const [width, setWidth] = useState<Width>("desk");
  const look = useMutation({
    mutationFn: () => answer(api.POST("/api/v1/emails/trials", { body: { job: job.trim(), rule } })),
    onSuccess: () => looked(job.trim()),
  });
  const test = useMutation({
    mutationFn: () =>
      answer(api.POST("/api/v1/emails/tests", { body: { job: job.trim(), rule, to: to.trim() } })),
  });
  return (
    <section aria-label="As it would look" className="space-y-2">
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          look.mutate();
        }}
      >
        <Labeled text="On job">
          <input
            className="entry figure w-32"
            maxLength={120}
            value={job}
            onChange={(event) => setJob(event.target.value)}
          />
        </Labeled>
        <button type="submit" className="act" disabled={look.isPending || !job.trim() || !rule.name.trim()}>
          Look at it
        </button>
        <Labeled text="A test to">
          <input
            type="email"
            className="entry w-48"
            maxLength={254}
            value={to}
            onChange={(event) => setTo(event.target.value)}
          />
        </Labeled>
        <button
          type="button"
          className="act"
          disabled={test.isPending || !job.trim() || !to.trim() || !rule.name.trim()}
          onClick={() => test.mutate()}
        >
          {test.isPending ? "Sending …" : "Send the test"}
        </button>
      </form>
      {look.isError && <ProblemLine error={look.error} />}
      {test.isError && <ProblemLine error={test.error} />}
      {test.isSuccess && (
        <p role="status" className={test.data.sent ? "text-primary" : "text-error"}>
          {test.data.sent ? "✓" : "■"} {test.data.said}
        </p>
      )}
      {look.isSuccess && <Shown tried={look.data} width={width} setWidth={setWidth} />}
    </section>
  );
}

interface ShownProps {
  tried: EmailTried;
  width: Width;
  setWidth: (width: Width) => void;
}

function Shown({ tried, width, setWidth }: ShownProps) {
  return (
    <>
      <p>
        {tried.to.length > 0 ? (
          <>
            To <strong>{tried.to.join(", ")}</strong>.
          </>
        ) : (
          <span className="text-warning">It would not be written: {tried.why}</span>
        )}
        {tried.stopped.length > 0 &&
          tried.to.length > 0 &&
          ` Not to ${tried.stopped.join(", ")}: wants none.`}
        {!tried.left && " The job has not left: what is known only then is left out."}
        {tried.attached.length > 0 && ` Attached: ${tried.attached.join(", ")}.`}
      </p>
      <div role="group" aria-label="As seen on" className="flex gap-3">
        <FilterChoice name="at a desk" on={width === "desk"} choose={() => setWidth("desk")} />
        <FilterChoice name="on a phone" on={width === "phone"} choose={() => setWidth("phone")} />
        <FilterChoice name="as text" on={width === "text"} choose={() => setWidth("text")} />
      </div>
      <p className="border border-base-300 bg-base-200 px-3 py-1 font-bold">{tried.subject}</p>
      {width === "text" ? (
        <pre className="figure max-h-[32rem] overflow-auto border border-base-300 p-3 whitespace-pre-wrap!">
          {tried.text}
        </pre>
      ) : (
        <iframe
          title="The email"
          sandbox=""
          srcDoc={tried.html}
          className="h-[30rem] border border-base-300 bg-white"
          style={{ width: width === "phone" ? 375 : "100%" }}
        />
      )}
    </>
  );
}
