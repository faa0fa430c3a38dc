import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useNavigate, useParams } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { ColumnTable } from "./ColumnTable";
import { FixedTexts } from "./FixedTexts";
import { NotationFields } from "./NotationFields";
import { Labeled } from "../ui/Labeled";
import { documentOf, draftOf, useLayoutDraft } from "./useLayoutDraft";

type Layouts = Schemas["layout.LayoutList"];
type Saved = Layouts["rows"][number];

/** A saved layout, without a file beside it. */
export function SavedLayout() {
  useTitle("Layout");
  const id = Number(useParams().id);
  const layouts = useQuery({ queryKey: ["layouts"], queryFn: () => answer(api.GET("/api/v1/layouts")) });
  if (layouts.isLoadingError) {
    return <Trouble error={layouts.error} again={() => void layouts.refetch()} />;
  }
  if (layouts.isPending) {
    return <Waiting what="The layout" />;
  }
  const saved = layouts.data.rows.find((each) => each.id === id);
  return saved ? (
    <Editor key={`${saved.id} ${saved.version}`} saved={saved} fields={layouts.data.fields} />
  ) : (
    <p className="p-6">This layout is not there any more.</p>
  );
}

function Editor({ saved, fields }: { saved: Saved; fields: Layouts["fields"] }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { draft, change, changeColumn } = useLayoutDraft(draftOf(saved.layout, []));
  const save = useMutation({
    mutationFn: () =>
      answer(
        api.PUT("/api/v1/layouts/{id}", {
          params: { path: { id: saved.id } },
          body: { version: saved.version, layout: documentOf(draft, fields) },
        }),
      ),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ["layouts"] });
      await navigate("/sources");
    },
  });
  return (
    <div className="max-w-4xl px-5 py-3">
      <h1>Layout {saved.layout.name}</h1>
      <div className="mt-2 flex items-end gap-3 border-y border-base-300 py-2">
        <Labeled text="Name of the layout">
          <input
            className="entry w-64"
            maxLength={60}
            value={draft.name}
            onChange={(event) => change({ name: event.target.value })}
          />
        </Labeled>
        <button type="button" className="act" disabled={save.isPending} onClick={() => save.mutate()}>
          Save
        </button>
      </div>
      {save.isError && <ProblemLine error={save.error} />}
      <div className="mt-3">
        <NotationFields draft={draft} change={change} />
      </div>
      <div className="mt-3">
        <ColumnTable draft={draft} fields={fields} change={changeColumn} />
      </div>
      <FixedTexts fixed={draft.fixed} fields={fields} change={(fixed) => change({ fixed })} />
    </div>
  );
}
