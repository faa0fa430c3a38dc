import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { ColumnTable } from "./ColumnTable";
import { FixedTexts } from "./FixedTexts";
import { NotationFields } from "./NotationFields";
import { Labeled } from "../ui/Labeled";
import { Preview } from "./Preview";
import { documentOf, draftOf, useLayoutDraft } from "./useLayoutDraft";

type Columns = Schemas["orderfile.ColumnsView"];
type Layouts = Schemas["layout.LayoutList"];

/** A file nobody has seen before: which column feeds what. */
export function FileLayout() {
  useTitle("Layout");
  const id = Number(useParams().id);
  const columns = useQuery({
    queryKey: ["columns", id],
    queryFn: () => answer(api.GET("/api/v1/imports/{id}/columns", { params: { path: { id } } })),
    staleTime: Infinity,
  });
  const layouts = useQuery({ queryKey: ["layouts"], queryFn: () => answer(api.GET("/api/v1/layouts")) });
  if (columns.isLoadingError || layouts.isLoadingError) {
    return (
      <Trouble
        error={columns.error ?? layouts.error}
        again={() => void Promise.all([columns.refetch(), layouts.refetch()])}
      />
    );
  }
  if (columns.isPending || layouts.isPending) {
    return <Waiting what="The file" />;
  }
  return <Editor key={id} id={id} file={columns.data} layouts={layouts.data} />;
}

function Editor({ id, file, layouts }: { id: number; file: Columns; layouts: Layouts }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [from, setFrom] = useState<Layouts["rows"][number]>();
  const { draft, change, changeColumn, begin } = useLayoutDraft(draftOf(file.guess, file.columns));
  const layout = useMemo(() => documentOf(draft, layouts.fields), [draft, layouts.fields]);
  const read = useMutation({
    mutationFn: (save: boolean) =>
      answer(
        api.POST("/api/v1/imports/{id}/reading", {
          params: { path: { id } },
          body: {
            layout,
            save,
            ...(save && from?.layout.name === layout.name
              ? { replaces: { id: from.id, version: from.version } }
              : {}),
          },
        }),
      ),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ["layouts"] });
      await navigate(`/jobs?report=${id}`);
    },
  });
  const discard = useMutation({
    mutationFn: () => answer(api.DELETE("/api/v1/imports/{id}", { params: { path: { id } } })),
    onSuccess: () => navigate("/jobs"),
  });
  const { mutate } = read;
  useKeys(
    useMemo(
      () => [{ key: "F10", label: "Save the layout and read the file", run: () => mutate(true) }],
      [mutate],
    ),
  );
  return (
    <div className="px-5 py-3">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <h1>How is this file read?</h1>
        <span className="figure">{file.fileName}</span>
        <span className="quiet">
          {file.rows.toLocaleString("en-US")} rows, {file.format}. Only the job number is required.
        </span>
      </div>
      <div className="mt-2 flex flex-wrap items-end gap-3 border-y border-base-300 py-2">
        <Labeled text="Name of the layout">
          <input
            className="entry w-64"
            maxLength={60}
            value={draft.name}
            onChange={(event) => change({ name: event.target.value })}
          />
        </Labeled>
        {layouts.rows.length > 0 && (
          <Labeled text="Begin with">
            <select
              className="entry"
              value={from?.id ?? ""}
              onChange={(event) => {
                const saved = layouts.rows.find((each) => String(each.id) === event.target.value);
                setFrom(saved);
                begin(draftOf(saved?.layout ?? file.guess, file.columns));
              }}
            >
              <option value="">what the headings say</option>
              {layouts.rows.map((each) => (
                <option key={each.id} value={each.id}>
                  {each.layout.name}
                </option>
              ))}
            </select>
          </Labeled>
        )}
        <button
          type="button"
          className="act bg-primary text-primary-content"
          disabled={read.isPending}
          onClick={() => mutate(true)}
        >
          Save and read <Key name="F10" />
        </button>
        <button type="button" className="act" disabled={read.isPending} onClick={() => mutate(false)}>
          Read only this once
        </button>
        <button type="button" className="act" disabled={discard.isPending} onClick={() => discard.mutate()}>
          Discard the file
        </button>
      </div>
      {read.isError && <ProblemLine error={read.error} />}
      {discard.isError && <ProblemLine error={discard.error} />}
      <div className="mt-3 grid gap-x-8 gap-y-4 min-[1000px]:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <div>
          <NotationFields draft={draft} change={change} />
          <div className="mt-3">
            <ColumnTable draft={draft} fields={layouts.fields} change={changeColumn} />
          </div>
          <FixedTexts fixed={draft.fixed} fields={layouts.fields} change={(fixed) => change({ fixed })} />
        </div>
        <section
          aria-label="How the first jobs would stand here"
          className="self-start min-[1000px]:sticky min-[1000px]:top-0"
        >
          <h2>How the first jobs would stand here</h2>
          <Preview importId={id} layout={layout} />
        </section>
      </div>
    </div>
  );
}
