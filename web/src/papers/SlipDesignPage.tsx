import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { answer, api } from "../api/client";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { Labeled } from "../ui/Labeled";
import { SaveAsFile } from "../ui/SaveAsFile";
import { ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { BlocksEditor } from "./BlocksEditor";
import { ColumnsEditor } from "./ColumnsEditor";
import { LogoField } from "./LogoField";
import { OwnTemplate } from "./OwnTemplate";
import { PeelOffFields } from "./PeelOffFields";
import { copyAddress, type DesignView, designAddress, type SlipDesign } from "./slipDesign";
import { SlipPreview } from "./SlipPreview";

/** One slip design, or a copy of one that is to become a new one, beside what it prints. */
export function SlipDesignPage({ copy }: { copy: boolean }) {
  useTitle("Slip design");
  const [search] = useSearchParams();
  const name = search.get(copy ? "from" : "name") ?? "standard";
  const design = useQuery({
    queryKey: ["slip-design", name],
    queryFn: () => answer(api.GET("/api/v1/slip-designs/one", { params: { query: { name } } })),
    // what is being made is not replaced under somebody's hands
    staleTime: Infinity,
    gcTime: 0,
  });
  if (design.isPending) {
    return <Waiting what="The slip design" />;
  }
  if (design.isLoadingError) {
    return <Trouble error={design.error} again={() => void design.refetch()} />;
  }
  return <Editor key={`${name} ${copy}`} view={design.data} copy={copy} />;
}

function Editor({ view, copy }: { view: DesignView; copy: boolean }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const isNew = copy || view.id === 0;
  const [version, setVersion] = useState(view.version);
  const [design, setDesign] = useState<SlipDesign>({
    ...view.design,
    name: isNew ? `${view.design.name}, ours` : view.design.name,
  });
  const change = (part: Partial<SlipDesign>) => setDesign((before) => ({ ...before, ...part }));
  const save = useMutation({
    mutationFn: () =>
      answer(
        isNew
          ? api.POST("/api/v1/slip-designs", { body: design })
          : api.PUT("/api/v1/slip-designs/{id}", {
              params: { path: { id: view.id } },
              body: { version, design },
            }),
      ),
    onSuccess: async (kept) => {
      setVersion(kept.version);
      await queries.invalidateQueries({ queryKey: ["slip-designs"] });
      if (isNew) {
        await navigate(designAddress(kept.design.name));
      }
    },
  });
  const withdraw = useMutation({
    mutationFn: () =>
      answer(
        api.PUT("/api/v1/slip-designs/{id}/withdrawn", {
          params: { path: { id: view.id } },
          body: { version, withdrawn: !view.withdrawn },
        }),
      ),
    onSuccess: async (list) => {
      queries.setQueryData(["slip-designs"], list);
      await navigate("/papers");
    },
  });
  const { mutate } = save;
  useKeys(useMemo(() => [{ key: "F10", label: "Keep the design", run: () => mutate() }], [mutate]));
  return (
    <div className="px-5 py-3">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <h1>{copy ? "A new slip design" : view.design.name}</h1>
        <span className="ml-auto flex flex-wrap gap-2">
          <button
            type="button"
            className="act bg-primary text-primary-content"
            disabled={save.isPending}
            onClick={() => mutate()}
          >
            {isNew ? "Keep as a new design" : "Keep"} <Key name="F10" />
          </button>
          {!isNew && (
            <>
              <Link to={copyAddress(view.design.name)} className="act">
                Copy
              </Link>
              <button
                type="button"
                className="act"
                disabled={withdraw.isPending}
                onClick={() => withdraw.mutate()}
              >
                {view.withdrawn ? "Offer it again" : "Withdraw it"}
              </button>
            </>
          )}
          <SaveAsFile name={design.name} content={design} />
          <Link to="/papers" className="act">
            Back
          </Link>
        </span>
      </div>
      {view.id === 0 && !copy && (
        <p className="quiet">This design is always there. What you change of it is kept as a new one.</p>
      )}
      {save.isSuccess && !save.isPending && (
        <p role="status" className="text-success">
          Kept. The next slip is printed by it.
        </p>
      )}
      {save.isError && <ProblemLine error={save.error} />}
      {withdraw.isError && <ProblemLine error={withdraw.error} />}
      <div className="mt-2 grid gap-x-8 gap-y-4 min-[1000px]:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
        <section aria-label="How it is made up" className="space-y-4">
          <div className="flex flex-wrap items-end gap-3">
            <Labeled text={isNew ? "Name, by which house rules choose it" : "Name; rules choose it by that"}>
              <input
                // the first thing to be typed on a new one
                autoFocus={isNew}
                className="entry w-72"
                maxLength={60}
                readOnly={!isNew}
                value={design.name}
                onChange={(event) => change({ name: event.target.value })}
              />
            </Labeled>
            <Labeled text="Paper">
              <select
                className="entry"
                value={design.sheet}
                onChange={(event) => change({ sheet: event.target.value as SlipDesign["sheet"] })}
              >
                {view.sheets.map(({ sheet, label }) => (
                  <option key={sheet} value={sheet}>
                    {label}
                  </option>
                ))}
              </select>
            </Labeled>
            <LogoField logo={design.logo} change={(logo) => change({ logo })} />
          </div>
          <BlocksEditor blocks={design.blocks} kinds={view.blocks} change={(blocks) => change({ blocks })} />
          <ColumnsEditor
            columns={design.columns}
            kinds={view.columns}
            change={(columns) => change({ columns })}
          />
          <PeelOffFields peelOff={design.peelOff} change={(peelOff) => change({ peelOff })} />
          <OwnTemplate design={design} view={view} change={change} />
        </section>
        <SlipPreview design={design} />
      </div>
    </div>
  );
}
