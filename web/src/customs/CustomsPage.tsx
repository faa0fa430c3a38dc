import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useMemo } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { answer, api } from "../api/client";
import { saveEntries, useJobAct } from "../job/useJob";
import { count } from "../ui/format";
import { benchOf, pageOf } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { CellField } from "./CellField";
import { LatinShipTo } from "./LatinShipTo";
import { type Customs, useCustoms } from "./useCustoms";

/** What is declared of one job that leaves the country, put right where it stands. */
export function CustomsPage() {
  const [query] = useSearchParams();
  const number = query.get("job") ?? "";
  useTitle(`Customs of job ${number}`);
  const customs = useCustoms(number);
  const navigate = useNavigate();
  useKeys(
    useMemo(
      () => [
        { key: "b", label: "To the bench", run: () => void navigate(benchOf(number)) },
        { key: "j", label: "To the job", run: () => void navigate(pageOf(number)) },
      ],
      [navigate, number],
    ),
  );
  if (customs.isPending) {
    return <Waiting what={`The customs of job ${number}`} />;
  }
  if (customs.isLoadingError) {
    return <Trouble error={customs.error} again={() => void customs.refetch()} />;
  }
  return <Declaration customs={customs.data} />;
}

function Declaration({ customs }: { customs: Customs }) {
  return (
    <div className="px-5 py-3">
      <header className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1>
          Customs of job <span className="figure">{customs.job}</span>
        </h1>
        <span className="text-lg">to {customs.country}</span>
        <span className="quiet">
          {customs.service ? `by ${customs.service}` : "no service is chosen yet"}
        </span>
        <Link to={pageOf(customs.job)} className="act ml-auto">
          To the job <Key name="J" />
        </Link>
        <Link to={benchOf(customs.job)} className="act">
          To the bench <Key name="B" />
        </Link>
      </header>
      {customs.abroad ? (
        <>
          <Problems customs={customs} />
          <Goods customs={customs} />
          <div className="mt-4 grid gap-x-8 gap-y-4 lg:grid-cols-[1.1fr_0.9fr_1fr]">
            <Terms customs={customs} />
            <LatinShipTo key={customs.notPrintable} customs={customs} />
            <PapersToCome customs={customs} />
          </div>
        </>
      ) : (
        <Empty>It stays in the country: nothing is declared of it.</Empty>
      )}
    </div>
  );
}

function Problems({ customs }: { customs: Customs }) {
  if (customs.problems.length === 0) {
    return (
      <p className="mt-2 text-primary">
        ✓ Customs has all it wants to know. <span className="text-base-content">{customs.notInPrices}</span>
      </p>
    );
  }
  return (
    <ul aria-label="What customs lacks" className="mt-2 space-y-0.5">
      {customs.problems.map((problem) => (
        <li
          key={problem.reason}
          className={"border-l-4 pl-3 " + (problem.stops ? "border-error" : "border-warning")}
        >
          <strong className={problem.stops ? "text-error" : "text-warning"}>
            {problem.stops ? "■ stop" : "△ caution"}:
          </strong>{" "}
          {problem.reason} <em>{problem.remedy}</em>
        </li>
      ))}
    </ul>
  );
}

function Goods({ customs }: { customs: Customs }) {
  const queries = useQueryClient();
  const teach = useMutation({
    mutationFn: (place: { job: string; line: number }) =>
      answer(api.POST("/api/v1/shipments/customs/items", { body: place })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["bench"] }),
  });
  return (
    <section aria-label="Goods" className="mt-3">
      <table className="timetable compact">
        <caption className="sr-only">Goods</caption>
        <thead>
          <tr>
            <th className="!text-right">Pieces</th>
            <th>Item</th>
            <th>Description for customs</th>
            <th>HS code</th>
            <th>Origin</th>
            <th className="!text-right">One is worth</th>
            <th className="!text-right">One weighs, {customs.weightUnit}</th>
            <th className="!text-right">Value, {customs.currency}</th>
            <th className="!text-right">Net weight</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {customs.lines.map((line) => (
            <tr key={`${line.job} ${line.line}`}>
              <td className="figure text-right">{line.quantity}</td>
              <td className="figure font-bold">
                {line.item || `line ${line.line}`}
                {line.job !== customs.job && <span className="quiet block text-sm">job {line.job}</span>}
              </td>
              {line.entries.map((entry) => (
                <CellField
                  key={entry.field}
                  job={line.job}
                  line={line.line}
                  entry={entry}
                  mayEdit={customs.mayEdit}
                />
              ))}
              <td className="figure text-right">{line.value}</td>
              <td className="figure text-right whitespace-nowrap">{line.net}</td>
              <td className="text-right">
                {customs.mayEdit && line.mayTeach && (
                  <button
                    type="button"
                    className="act"
                    aria-label={`Keep for item ${line.item}`}
                    disabled={teach.isPending}
                    onClick={() => teach.mutate({ job: line.job, line: line.line })}
                  >
                    Keep for the item
                  </button>
                )}
              </td>
            </tr>
          ))}
          <tr className="font-bold">
            <td colSpan={7} className="text-right">
              in all{customs.rate && <span className="quiet font-normal"> at {customs.rate}</span>}
            </td>
            <td className="figure text-right">{customs.value}</td>
            <td className="figure text-right whitespace-nowrap">{customs.net}</td>
            <td />
          </tr>
        </tbody>
      </table>
      {teach.isError && <ProblemLine error={teach.error} />}
    </section>
  );
}

/** On what terms it is declared: what the job says, else the shop's usual. */
function Terms({ customs }: { customs: Customs }) {
  const save = useJobAct(customs.job, (entry: { field: Customs["terms"][number]["field"]; text: string }) =>
    saveEntries(customs.job, [{ ...entry, line: 0 }]),
  );
  return (
    <section aria-label="Terms">
      <h2>Terms</h2>
      {customs.terms.map((term) => (
        <label key={term.field} className="flex items-center gap-3 py-0.5">
          <span className="quiet w-32 shrink-0">{term.label}</span>
          {customs.mayEdit ? (
            <select
              className="entry min-w-0 grow"
              value={term.said}
              disabled={save.isPending}
              onChange={(event) => save.mutate({ field: term.field, text: event.target.value })}
            >
              <option value="">{term.said ? "as usual" : `as usual: ${term.counts}`}</option>
              {term.choices.map((choice) => (
                <option key={choice.text} value={choice.text}>
                  {choice.words}
                </option>
              ))}
            </select>
          ) : (
            <span>{term.counts}</span>
          )}
        </label>
      ))}
      {save.isError && <ProblemLine error={save.error} />}
    </section>
  );
}

function PapersToCome({ customs }: { customs: Customs }) {
  return (
    <section aria-label="Packages and papers">
      <h2>Packages</h2>
      <table className="timetable compact">
        <thead>
          <tr>
            <th>Package</th>
            <th className="!text-right">Pieces</th>
            <th className="!text-right">Net</th>
            <th className="!text-right">Gross</th>
            <th className="!text-right">Value, {customs.currency}</th>
          </tr>
        </thead>
        <tbody>
          {customs.packages.map((packed) => (
            <tr key={packed.number}>
              <td className="figure">{packed.number}</td>
              <td className="figure text-right">{packed.pieces}</td>
              <td className="figure text-right whitespace-nowrap">{packed.net}</td>
              <td className="figure text-right whitespace-nowrap">
                {packed.gross}
                {!packed.weighed && <span className="block text-sm text-warning">expected, not weighed</span>}
              </td>
              <td className="figure text-right">
                {packed.value}
                {packed.form && (
                  <span className="quiet block text-left font-[inherit] text-sm">{packed.form}</span>
                )}
              </td>
            </tr>
          ))}
          <tr className="font-bold">
            <td colSpan={2}>in all</td>
            <td className="figure text-right whitespace-nowrap">{customs.net}</td>
            <td className="figure text-right whitespace-nowrap">{customs.gross}</td>
            <td className="figure text-right">{customs.value}</td>
          </tr>
        </tbody>
      </table>
      <h2 className="mt-3">Papers it leaves with</h2>
      {customs.papers.length === 0 ? (
        <p className="quiet">
          {customs.service
            ? `${customs.service} asks for none besides the label.`
            : "They follow the service."}
        </p>
      ) : (
        <ul>
          {customs.papers.map((paper) => (
            <li key={paper.words}>
              {paper.words}, {count(paper.copies, "copy", "copies")}
            </li>
          ))}
        </ul>
      )}
      <p className="quiet">
        {customs.signer ? `Signed by ${customs.signer}.` : "Nobody is named to sign: the line stays empty."}{" "}
        <Link to="/papers/abroad" className="underline">
          Who signs, usual terms, exchange rates
        </Link>
      </p>
    </section>
  );
}
