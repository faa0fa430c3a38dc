import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { useMay } from "../signin/who";
import { FileButton } from "../ui/FileButton";
import { count } from "../ui/format";
import { readJson } from "../ui/readJson";
import { SaveAsFile } from "../ui/SaveAsFile";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";

type Saved = Schemas["layout.LayoutView"];

/** The saved layouts: by which files are read whose heading is known. */
export function Layouts() {
  const queries = useQueryClient();
  const may = useMay();
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
          body: await readJson<Saved["layout"]>(file, "layout"),
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
          <span className="ml-auto">
            <FileButton label="File with a layout" accept=".json" take={(file) => add.mutate(file)}>
              Bring in a layout
            </FileButton>
          </span>
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
                  <SaveAsFile name={row.layout.name} content={row.layout} />{" "}
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
