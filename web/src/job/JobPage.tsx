import { useMemo } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { AcceptAddress } from "../attention/AcceptAddress";
import { SourceChanges } from "../bench/SourceChanges";
import { JobCustomer } from "../customers/JobCustomer";
import { statusWord } from "../jobs/listWords";
import { pickAddress } from "../jobs/PickPapers";
import { useMay, useWho } from "../signin/who";
import { day, moment } from "../ui/format";
import { benchOf, customsOf } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { EntryField } from "./EntryField";
import { fieldLabel } from "./fieldLabel";
import { JobHistory } from "./JobHistory";
import { JobHold } from "./JobHold";
import { JobLines } from "./JobLines";
import { JobNotes } from "./JobNotes";
import { JobQuotes } from "./JobQuotes";
import { JobReturns } from "./JobReturns";
import { JobPostings, JobShipments } from "./JobShipments";
import { type Job, useJob } from "./useJob";
import { useChoices, WordChoices } from "./WordChoices";

const GROUPS = [
  { group: "SHIP_TO", title: "Ship to" },
  { group: "WAY", title: "How it goes" },
  { group: "TEXTS", title: "Customer and texts" },
  { group: "BILL_TO", title: "Bill to" },
] as const;

/** Everything about one job, on one page. */
export function JobPage() {
  const [query] = useSearchParams();
  const number = query.get("job") ?? "";
  useTitle(`Job ${number}`);
  const job = useJob(number);
  const navigate = useNavigate();
  useKeys(
    useMemo(
      () => [
        { key: "b", label: "To the bench", run: () => void navigate(benchOf(number)) },
        {
          key: "p",
          label: "Pick slip",
          run: () => void window.open(pickAddress("pick-slips", [number], "LETTER"), "_blank"),
        },
      ],
      [navigate, number],
    ),
  );
  if (job.isPending) {
    return <Waiting what={`Job ${number}`} />;
  }
  if (job.isLoadingError) {
    return <Trouble error={job.error} again={() => void job.refetch()} />;
  }
  return <Whole key={number} job={job.data as Job} />;
}

function Whole({ job }: { job: Job }) {
  const zone = useWho().data?.timeZone ?? "UTC";
  const may = useMay();
  return (
    <div className="px-5 pt-3 pb-8">
      <header className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1>
          Job <span className="figure">{job.number}</span>
        </h1>
        <span className="text-lg">{job.customer}</span>
        <strong className={job.status === "SHIPPED" ? "text-primary" : ""}>{statusWord(job.status)}</strong>
        {job.shopStatus && <strong className="border border-base-content px-1.5">{job.shopStatus}</strong>}
        <span>
          promised <span className="figure">{job.promiseDate ? day(job.promiseDate) : "for no day"}</span>
        </span>
        <span className="quiet">
          from {job.source}, in since {moment(job.cameIn, zone)}
        </span>
        {job.status !== "SHIPPED" && (
          <a
            href={pickAddress("pick-slips", [job.number], "LETTER")}
            target="_blank"
            rel="noreferrer"
            className="act ml-auto"
          >
            Pick slip <Key name="P" />
          </a>
        )}
        <Link to={benchOf(job.number)} className={"act " + (job.status === "SHIPPED" ? "ml-auto" : "")}>
          To the bench <Key name="B" />
        </Link>
      </header>
      <JobHold job={job} />
      {job.attention.length > 0 && (
        <ul aria-label="What keeps it from going" className="mt-2 border-l-4 border-warning pl-3">
          {job.attention
            .filter((each) => each.kind !== "HOLD")
            .map((each) => (
              <li key={each.kind + each.line + (each.field ?? "")}>
                {each.reason} <em>{each.remedy}</em>{" "}
                {each.kind === "CUSTOMS" && (
                  <Link to={customsOf(job.number)} className="underline">
                    Customs
                  </Link>
                )}
                {each.kind === "ADDRESS" && job.mayEdit && <AcceptAddress job={job.number} />}
              </li>
            ))}
        </ul>
      )}
      <div className="-mx-5 mt-2">
        <SourceChanges job={job.number} />
      </div>
      <JobLines job={job} />
      <JobQuotes job={job} />
      {may("SEE_CHARGES") && <JobCustomer job={job.number} zone={zone} />}
      <div className="mt-4 grid gap-x-8 gap-y-4 lg:grid-cols-2 2xl:grid-cols-3">
        <Fields job={job} />
        <JobNotes job={job} zone={zone} />
      </div>
      <JobShipments job={job} zone={zone} />
      <JobReturns job={job} />
      {may("SEE_CHARGES") && <JobPostings job={job.number} zone={zone} />}
      {job.rules.length > 0 && (
        <section className="mt-4" aria-label="House rules">
          <h2>House rules that acted</h2>
          <ul>
            {job.rules.map((each) => (
              <li key={each.name}>
                <strong>{each.name}</strong>: {each.does} <span className="quiet">because {each.why}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <JobHistory job={job} zone={zone} />
    </div>
  );
}

function Fields({ job }: { job: Job }) {
  const choices = useChoices();
  const empty = (group: string) => job.fields.every((each) => each.group !== group || !each.text);
  return (
    <>
      <WordChoices choices={choices} />
      {GROUPS.map(({ group, title }) => (
        <section key={group} aria-label={title} className="min-w-0">
          <details open={group !== "BILL_TO" || !empty(group)}>
            <summary className="border-b-2 border-base-content font-bold">
              {title}
              {group === "SHIP_TO" && <span className="quiet font-normal"> · a {job.placeKind}</span>}
              {group === "BILL_TO" && empty(group) && (
                <span className="quiet font-normal"> · the ship-to</span>
              )}
            </summary>
            {job.fields
              .filter((each) => each.group === group)
              .map((each) => (
                <EntryField
                  key={each.field}
                  job={job.number}
                  field={each.field}
                  line={0}
                  label={fieldLabel(each.label)}
                  text={each.text}
                  counts={each.byRule}
                  by="by house rule"
                  mayEdit={job.mayEdit}
                  choices={
                    choices.some((one) => one.id === `choices-${each.field}`)
                      ? `choices-${each.field}`
                      : undefined
                  }
                />
              ))}
          </details>
        </section>
      ))}
    </>
  );
}
