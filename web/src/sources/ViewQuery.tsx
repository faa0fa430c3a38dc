import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { useMay } from "../signin/who";
import { ProblemLine } from "../ui/states";

export type QueryTest = Schemas["source.QueryTest"];

interface Props {
  code: string;
  query: string;
  /** What came of the last try. */
  tried: QueryTest | undefined;
  setTried: (tried: QueryTest) => void;
}

/** The SELECT that a database is read by, tried with ten rows; one that gives them counts from then on. */
export function ViewQuery({ code, query, tried, setTried }: Props) {
  const queries = useQueryClient();
  const may = useMay();
  const [text, setText] = useState(query);
  const test = useMutation({
    mutationFn: () =>
      answer(api.PUT("/api/v1/sources/{code}/query", { params: { path: { code } }, body: { query: text } })),
    onSuccess: async (result) => {
      setTried(result);
      if (result.answers) {
        await queries.invalidateQueries({ queryKey: ["source", code] });
      }
    },
  });
  return (
    <section aria-label="The SELECT it is read by" className="mt-3 space-y-2">
      <h2>The SELECT it is read by</h2>
      <p className="quiet">
        A row a line of a job. It needs the columns <span className="figure">number</span> and{" "}
        <span className="figure">changed_at</span>; <span className="figure">status</span>,{" "}
        <span className="figure">site</span> and <span className="figure">cancelled</span> count where there
        are such. Its user must be allowed to read and nothing else.
      </p>
      <textarea
        aria-label="SELECT"
        className="entry w-full font-mono text-sm"
        rows={5}
        maxLength={10_000}
        spellCheck={false}
        readOnly={!may("SET_UP")}
        placeholder={"SELECT job_no AS number, updated AS changed_at, state AS status, …\nFROM order_lines"}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      {may("SET_UP") && (
        <button type="button" className="act" disabled={test.isPending} onClick={() => test.mutate()}>
          {test.isPending ? "One moment …" : "Test with ten rows and read by it"}
        </button>
      )}
      {test.isError && <ProblemLine error={test.error} />}
      {tried && !tried.answers && (
        <p role="alert" className="border-l-4 border-error py-1 pl-3">
          <strong className="text-error">{tried.text}</strong> <em>{tried.remedy}</em>
        </p>
      )}
      {tried?.answers && (
        <>
          <p role="status">{tried.text}</p>
          <div className="overflow-x-auto">
            <table className="timetable compact">
              <thead>
                <tr>
                  {tried.columns.map((column) => (
                    <th key={column}>{column}</th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {tried.rows.map((row, index) => (
                  <tr key={index}>
                    {row.map((cell, place) => (
                      <td key={place} className="figure">
                        {cell}
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </>
      )}
    </section>
  );
}
