import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef } from "react";
import { Link } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { useMay } from "../signin/who";
import { count } from "../ui/format";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";

type Saved = Schemas["layout.LayoutView"];

/** The saved layouts: by which files are read whose heading is known. */
export function Layouts() {
  const queries = useQueryClient();
  const may = useMay();
  const chosen = useRef<HTMLInputElement>(null);
  const layouts = useQuery({ queryKey: ["layouts"], queryFn: () => answer(api.GET("/api/v1/layouts")) });
  const refresh = () => queries.invalidateQueries({ queryKey: ["layouts"] });
  const remove = useMutation({
    mutationFn: (id: number) => answer(api.DELETE("/api/v1/layouts/{id}", { params: { path: { id } } })),
    onSettled: refresh,
  });
  const add = useMutation({
    mutationFn: async (file: File) =>
      answer(
        api.POST("/api/v1/layouts", {
          body: parsed(file.name, await file.text()),
        }),
      ),
    onSettled: refresh,
  });
  if (layouts.isPending) {
    return <Waiting what="The layouts" />;
  }
  if (layouts.isLoadingError) {
    return <Trouble error={layouts.error} again={() => void layouts.refetch()} />;
  }
  return (
    <section aria-label="Layouts" className="mt-6">
      <div className="flex items-baseline gap-4">
        <h2>Layouts of files</h2>
        <span className="quiet">
          A file whose heading is known is read at once; drop an unknown one on Jobs to make its layout.
        </span>
        {may("BRING_IN") && (
          <>
            <button type="button" className="act ml-auto" onClick={() => chosen.current?.click()}>
              Bring in a layout
            </button>
            <input
              ref={chosen}
              type="file"
              accept=".json"
              aria-label="File with a layout"
              className="hidden"
              onChange={(event) => {
                const file = event.target.files?.[0];
                if (file) {
                  add.mutate(file);
                }
                event.target.value = "";
              }}
            />
          </>
        )}
      </div>
      {add.isError && <ProblemLine error={add.error} />}
      {remove.isError && <ProblemLine error={remove.error} />}
      {layouts.data.rows.length === 0 ? (
        <Empty>Layouts will appear here as files are dropped whose headings nobody knows yet.</Empty>
      ) : (
        <table className="timetable mt-1">
          <thead>
            <tr>
              <th>Layout</th>
              <th>One row is</th>
              <th>Reads</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {layouts.data.rows.map((row) => (
              <tr key={row.id}>
                <td>
                  <Link to={`/sources/layouts/${row.id}`} className="font-bold">
                    {row.layout.name}
                  </Link>
                </td>
                <td>{row.layout.shape === "LINE_A_ROW" ? "one line of a job" : "a whole job"}</td>
                <td>{count(row.layout.columns.length, "column", "columns")}</td>
                <td className="text-right">
                  <a
                    className="act"
                    href={
                      "data:application/json;charset=utf-8," +
                      encodeURIComponent(JSON.stringify(row.layout, null, 2))
                    }
                    download={`${row.layout.name}.json`}
                  >
                    Save as a file
                  </a>{" "}
                  {may("BRING_IN") && (
                    <button type="button" className="act" onClick={() => remove.mutate(row.id)}>
                      Remove
                    </button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

/** A layout from a file, to be checked by the server. */
function parsed(name: string, text: string): Saved["layout"] {
  try {
    return JSON.parse(text) as Saved["layout"];
  } catch {
    throw {
      thing: `File “${name}”`,
      detail: "It holds no layout.",
      remedy: "Choose a file that was saved here.",
      status: 0,
      title: "",
    };
  }
}
