import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type ReactNode, useMemo, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { ColumnTable } from "../layouts/ColumnTable";
import { FixedTexts } from "../layouts/FixedTexts";
import { NotationFields } from "../layouts/NotationFields";
import { Labeled } from "../ui/Labeled";
import { documentOf, draftOf, type Field, useLayoutDraft } from "../layouts/useLayoutDraft";
import { useMay } from "../signin/who";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { Meanings } from "./Meanings";
import { type QueryTest, ViewQuery } from "./ViewQuery";

type SetUp = Schemas["source.SetUpView"];

const DEFAULTS = [
  { field: "SERVICE", label: "Service", kind: "SERVICE" },
  { field: "CARTON", label: "Package", kind: "PACKAGE" },
  { field: "TERMS", label: "Freight terms", kind: "TERMS" },
  { field: "SITE", label: "Site", kind: "SITE" },
] as const;

/** How a source is read and asked: statuses, sites, fields, and how often. */
export function SourceSetUp() {
  useTitle("Source");
  const code = useParams().code ?? "";
  // outlives the editor, which starts over once another SELECT gives other columns
  const [tried, setTried] = useState<QueryTest>();
  const setUp = useQuery({
    queryKey: ["source", code],
    queryFn: () => answer(api.GET("/api/v1/sources/{code}", { params: { path: { code } } })),
  });
  const layouts = useQuery({ queryKey: ["layouts"], queryFn: () => answer(api.GET("/api/v1/layouts")) });
  const words = useQuery({ queryKey: ["wordbook"], queryFn: () => answer(api.GET("/api/v1/wordbook")) });
  if (setUp.isLoadingError || layouts.isLoadingError || words.isLoadingError) {
    return (
      <Trouble
        error={setUp.error ?? layouts.error ?? words.error}
        again={() => void Promise.all([setUp.refetch(), layouts.refetch(), words.refetch()])}
      />
    );
  }
  if (setUp.isPending || layouts.isPending || words.isPending) {
    return <Waiting what="The source" />;
  }
  return (
    <Editor
      key={`${code} ${setUp.data.version}`}
      setUp={setUp.data}
      fields={layouts.data.fields}
      kinds={words.data.kinds}
      query={
        setUp.data.query === undefined ? null : (
          <ViewQuery code={code} query={setUp.data.query} tried={tried} setTried={setTried} />
        )
      }
    />
  );
}

interface Props {
  setUp: SetUp;
  fields: Field[];
  kinds: Schemas["wordbook.KindView"][];
  /** The SELECT of those that need one. */
  query: ReactNode;
}

function Editor({ setUp, fields, kinds, query }: Props) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { draft, change, changeColumn } = useLayoutDraft(draftOf(setUp.layout, setUp.columns));
  const [defaults, setDefaults] = useState<Record<string, string>>(setUp.defaults);
  const [everyMinutes, setEveryMinutes] = useState(setUp.everyMinutes);
  const save = useMutation({
    mutationFn: () =>
      answer(
        api.PUT("/api/v1/sources/{code}", {
          params: { path: { code: setUp.code } },
          body: {
            version: setUp.version,
            layout: { ...documentOf(draft, fields), name: setUp.name },
            defaults: Object.fromEntries(Object.entries(defaults).filter(([, text]) => text !== "")),
            everyMinutes,
          },
        }),
      ),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ["source", setUp.code] });
      await queries.invalidateQueries({ queryKey: ["sources"] });
      await navigate(`/sources/${setUp.code}`);
    },
  });
  const remove = useMutation({
    mutationFn: () =>
      answer(api.DELETE("/api/v1/sources/{code}", { params: { path: { code: setUp.code } } })),
    onSuccess: async (list) => {
      queries.setQueryData(["sources"], list);
      await navigate("/sources");
    },
  });
  const may = useMay();
  const { mutate } = save;
  useKeys(useMemo(() => [{ key: "F10", label: "Save how it is read", run: () => mutate() }], [mutate]));
  return (
    <div className="px-5 py-3">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <h1>{setUp.name}: how it is read and asked</h1>
        <span className="ml-auto flex gap-2">
          <button
            type="button"
            className="act bg-primary text-primary-content"
            disabled={save.isPending}
            onClick={() => mutate()}
          >
            Save <Key name="F10" />
          </button>
          {may("SET_UP") && (
            <button type="button" className="act" disabled={remove.isPending} onClick={() => remove.mutate()}>
              Remove the source
            </button>
          )}
          <Link to={`/sources/${setUp.code}`} className="act">
            Back without saving
          </Link>
        </span>
      </div>
      {save.isError && <ProblemLine error={save.error} />}
      {remove.isError && <ProblemLine error={remove.error} />}
      {query}
      <div className="mt-3 grid gap-x-8 gap-y-4 min-[1000px]:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]">
        <div className="space-y-4">
          <Meanings setUp={setUp} />
          <section aria-label="How often it is asked">
            <h2>How often it is asked</h2>
            <label className="mt-1 flex items-center gap-2">
              every
              <input
                type="number"
                min={0}
                max={10_080}
                className="entry w-20 font-mono"
                aria-label="Minutes between two times it is asked, 0 for by hand"
                value={everyMinutes}
                onChange={(event) => setEveryMinutes(Number(event.target.value))}
              />
              minutes, 0 for only by hand; what is new and ready comes in by itself
            </label>
          </section>
          <section aria-label="Where a record says nothing" className="space-y-2">
            <h2>Where a record says nothing</h2>
            <div className="flex flex-wrap gap-3">
              {DEFAULTS.map(({ field, label, kind }) => (
                <Labeled key={field} text={label}>
                  <select
                    className="entry w-44"
                    value={defaults[field] ?? ""}
                    onChange={(event) =>
                      setDefaults((before) => ({ ...before, [field]: event.target.value }))
                    }
                  >
                    <option value="">nothing</option>
                    {(kinds.find((each) => each.kind === kind)?.choices ?? []).map((choice) => (
                      <option key={choice.meaning} value={choice.meaning}>
                        {choice.label}
                      </option>
                    ))}
                  </select>
                </Labeled>
              ))}
            </div>
          </section>
        </div>
        <section aria-label="Fields">
          <h2>Which field feeds which of ours</h2>
          {!setUp.isRead && <p className="quiet">Guesses from the names and what stands in them.</p>}
          <div className="mt-2">
            <NotationFields draft={draft} change={change} records />
          </div>
          <div className="mt-2">
            <ColumnTable draft={draft} fields={fields} change={changeColumn} records />
          </div>
          <FixedTexts fixed={draft.fixed} fields={fields} change={(fixed) => change({ fixed })} />
        </section>
      </div>
    </div>
  );
}
