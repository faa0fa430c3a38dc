import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import { answer, api } from "../api/client";
import { useMay } from "../signin/who";
import { FileButton } from "../ui/FileButton";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { ProblemLine, Trouble, Waiting } from "../ui/states";
import { readJson } from "../ui/readJson";
import { SaveAsFile } from "../ui/SaveAsFile";
import { useTitle } from "../ui/useTitle";
import { PaperTabs } from "./PaperTabs";
import { StickerForm } from "./StickerForm";
import { StickerPreview } from "./StickerPreview";
import { type SheetList, type SheetView, type StickerSheet, stickersPdf } from "./stickerSheet";

const CHOSEN = "nobrec.sticker-sheet";

/** Stickers: of the jobs in the address, or of a sample; on a sheet that is there, or one that is made here. */
export function Stickers() {
  useTitle("Stickers");
  const sheets = useQuery({
    queryKey: ["sticker-sheets"],
    queryFn: () => answer(api.GET("/api/v1/sticker-sheets")),
  });
  if (sheets.isPending) {
    return <Waiting what="The sticker sheets" />;
  }
  if (sheets.isLoadingError) {
    return <Trouble error={sheets.error} again={() => void sheets.refetch()} />;
  }
  return <Maker list={sheets.data} />;
}

function Maker({ list }: { list: SheetList }) {
  const queries = useQueryClient();
  const may = useMay();
  const [search] = useSearchParams();
  const jobs = useMemo(() => search.getAll("job"), [search]);
  const [name, setName] = useState(search.get("sheet") ?? localStorage.getItem(CHOSEN) ?? "");
  const kept = list.rows.find((row) => row.sheet.name === name) ?? list.rows[0];
  const [changed, setChanged] = useState<StickerSheet>();
  const [first, setFirst] = useState(1);
  const [each, setEach] = useState(1);
  const sheet = changed ?? kept?.sheet;
  const choose = (to: string) => {
    setName(to);
    setChanged(undefined);
    setFirst(1);
    localStorage.setItem(CHOSEN, to);
  };
  const keep = useMutation({
    mutationFn: (body: StickerSheet) =>
      answer(
        kept && kept.id !== 0 && kept.sheet.name === body.name
          ? api.PUT("/api/v1/sticker-sheets/{id}", {
              params: { path: { id: kept.id } },
              body: { version: kept.version, sheet: body },
            })
          : api.POST("/api/v1/sticker-sheets", { body }),
      ),
    onSuccess: (now, body) => {
      queries.setQueryData(["sticker-sheets"], now);
      choose(body.name);
    },
  });
  const withdraw = useMutation({
    mutationFn: ({ id, version, withdrawn }: SheetView) =>
      answer(
        api.PUT("/api/v1/sticker-sheets/{id}/withdrawn", {
          params: { path: { id } },
          body: { version, withdrawn: !withdrawn },
        }),
      ),
    onSuccess: (now) => queries.setQueryData(["sticker-sheets"], now),
  });
  const mayPrint = jobs.length > 0 && !changed && kept !== undefined;
  const print = () =>
    mayPrint ? window.open(stickersPdf(kept.sheet.name, jobs, first, each), "_blank") : undefined;
  useKeys([{ key: "F9", label: "Print the stickers", run: print }]);
  if (!sheet || !kept) {
    return null;
  }
  const bringIn = async (file: File) => keep.mutate(await readJson<StickerSheet>(file, "sticker sheet"));
  return (
    <div className="px-5 py-3">
      <PaperTabs />
      <div className="mt-1 flex flex-wrap items-end gap-x-4 gap-y-2">
        {jobs.length > 0 && (
          <h2 className="pb-1">Of {jobs.length === 1 ? `job ${jobs[0]}` : `${jobs.length} jobs`}</h2>
        )}
        <label className="flex flex-col">
          <span className="quiet">Sheet</span>
          <select className="entry" value={kept.sheet.name} onChange={(event) => choose(event.target.value)}>
            {list.rows
              .filter((row) => !row.withdrawn || row === kept)
              .map((row) => (
                <option key={row.sheet.name} value={row.sheet.name}>
                  {row.sheet.name}
                  {row.withdrawn ? ", withdrawn" : ""}
                </option>
              ))}
          </select>
        </label>
        <Count label="First free sticker" value={first} most={sheet.rows * sheet.columns} change={setFirst} />
        {jobs.length > 0 && <Count label="How many of each" value={each} most={5000} change={setEach} />}
        <button
          type="button"
          className="act bg-primary text-primary-content"
          disabled={!mayPrint}
          onClick={print}
        >
          Print <Key name="F9" />
        </button>
        <a
          className="act"
          href={`/api/v1/sticker-test?sheet=${encodeURIComponent(kept.sheet.name)}`}
          target="_blank"
          rel="noreferrer"
        >
          Test page with frames
        </a>
        {may("KEEP_RULES") && (
          <span className="ml-auto flex gap-2">
            <SaveAsFile name={sheet.name} content={sheet} />
            <FileButton label="File with a sticker sheet" accept=".json" take={(file) => void bringIn(file)}>
              Bring in a sheet
            </FileButton>
          </span>
        )}
      </div>
      {jobs.length === 0 && (
        <p className="quiet">
          Shown with a sample. Choose jobs on Jobs, <Key name="P" />, then Stickers, to print theirs.
        </p>
      )}
      {changed && jobs.length > 0 && <p className="text-warning">Keep the changed sheet, then print.</p>}
      {keep.isError && <ProblemLine error={keep.error} />}
      {withdraw.isError && <ProblemLine error={withdraw.error} />}
      <div className="mt-3 grid gap-x-8 gap-y-4 min-[1000px]:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]">
        {may("KEEP_RULES") ? (
          <StickerForm
            sheet={sheet}
            isKept={kept.id !== 0 && kept.sheet.name === sheet.name}
            fields={list.fields}
            papers={list.papers}
            busy={keep.isPending}
            change={setChanged}
            keep={() => keep.mutate(sheet)}
            withdraw={kept.id === 0 ? undefined : () => withdraw.mutate(kept)}
            withdrawn={kept.withdrawn}
          />
        ) : (
          <p className="quiet">How sheets are made up, whoever keeps the rules decides.</p>
        )}
        <StickerPreview sheet={sheet} jobs={jobs} first={first} each={each} />
      </div>
    </div>
  );
}

function Count(props: { label: string; value: number; most: number; change: (to: number) => void }) {
  const { label, value, most, change } = props;
  return (
    <label className="flex flex-col">
      <span className="quiet">{label}</span>
      <input
        type="number"
        className="entry figure w-24"
        min={1}
        max={most}
        value={value}
        onChange={(event) => change(Math.min(most, Math.max(1, Math.round(Number(event.target.value) || 1))))}
      />
    </label>
  );
}
