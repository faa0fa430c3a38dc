import { useEffect, useState } from "react";
import { answer, api } from "../api/client";
import { useMay, useWho } from "../signin/who";
import { moment } from "../ui/format";
import { Labeled } from "../ui/Labeled";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { PrintQueue } from "./PrintQueue";
import { PrintRoutes } from "./PrintRoutes";
import { type Printer, usePrintAct, usePrinters } from "./usePrinting";

const STATES = {
  IDLE: { words: "ready", color: "text-primary", sign: "✓" },
  PRINTING: { words: "printing", color: "text-primary", sign: "…" },
  STOPPED: { words: "stopped", color: "text-error", sign: "■" },
  UNREACHABLE: { words: "no answer", color: "text-error", sign: "■" },
  UNKNOWN: { words: "not asked yet", color: "quiet", sign: "?" },
} as const;

/** Printers: what they do, what goes to which at this desk, and what is on its way. */
export function Printing() {
  useTitle("Printers");
  const printers = usePrinters();
  const zone = useWho().data?.timeZone ?? "UTC";
  if (printers.isPending) {
    return <Waiting what="The printers" />;
  }
  if (printers.isLoadingError) {
    return <Trouble error={printers.error} again={() => void printers.refetch()} />;
  }
  const rows = printers.data.rows;
  return (
    <div className="px-5 py-3">
      <h1>Printers</h1>
      <div className="mt-2 grid gap-x-10 gap-y-5 lg:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)]">
        <PrinterTable rows={rows} zone={zone} />
        <PrintRoutes printers={rows} />
      </div>
      <PrintQueue printers={rows} zone={zone} />
    </div>
  );
}

function PrinterTable({ rows, zone }: { rows: Printer[]; zone: string }) {
  const may = useMay();
  const acts = usePrintAct(({ code, act }: { code: string; act: "look" | "test-page" }) =>
    act === "look"
      ? answer(api.POST("/api/v1/printers/{code}/look", { params: { path: { code } } }))
      : answer(api.POST("/api/v1/printers/{code}/test-page", { params: { path: { code } } })),
  );
  // One that was never asked is asked once, by whoever may.
  const never = rows.find((row) => row.state === "UNKNOWN")?.code;
  const { mutate } = acts;
  const mayAsk = may("PACK_AND_SHIP");
  useEffect(() => {
    if (never && mayAsk) {
      mutate({ code: never, act: "look" });
    }
  }, [never, mayAsk, mutate]);
  return (
    <section aria-label="The shop’s printers">
      {rows.length === 0 ? (
        <Empty>
          No printer yet: papers open as PDF. An administrator adds one by its address, as
          ipp://10.0.0.12/ipp/print.
        </Empty>
      ) : (
        <table className="timetable compact">
          <thead>
            <tr>
              <th>Printer</th>
              <th>State</th>
              <th>Takes</th>
              <th className="!text-right">On its way</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.code}>
                <td className="font-bold">{row.name}</td>
                <td>
                  <strong className={STATES[row.state].color}>
                    <span aria-hidden>{STATES[row.state].sign}</span> {STATES[row.state].words}
                  </strong>
                  {row.said && <span className="block">{row.said}</span>}
                  {row.lookedAt && (
                    <span className="quiet block text-sm">heard {moment(row.lookedAt, zone)}</span>
                  )}
                </td>
                <td>{takes(row)}</td>
                <td className="figure text-right">{row.open}</td>
                <td className="text-right whitespace-nowrap">
                  {may("PACK_AND_SHIP") && (
                    <>
                      <button
                        type="button"
                        className="act"
                        aria-label={`Ask ${row.name} now`}
                        disabled={acts.isPending}
                        onClick={() => acts.mutate({ code: row.code, act: "look" })}
                      >
                        Ask now
                      </button>{" "}
                      <button
                        type="button"
                        className="act"
                        aria-label={`Test page on ${row.name}`}
                        disabled={acts.isPending}
                        onClick={() => acts.mutate({ code: row.code, act: "test-page" })}
                      >
                        Test page
                      </button>
                    </>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {acts.isError && <ProblemLine error={acts.error} />}
      {may("SET_UP") && <NewPrinter />}
    </section>
  );
}

function takes(row: Printer): string {
  const forms = [
    row.formats.includes("image/pwg-raster") && (row.resolution ? `dots at ${row.resolution} dpi` : "dots"),
    row.formats.includes("application/pdf") && "PDF",
  ].filter((form) => form !== false);
  return row.formats.length === 0 ? "not known yet" : forms.join(", ") || "neither dots nor PDF";
}

function NewPrinter() {
  const [name, setName] = useState("");
  const [address, setAddress] = useState("");
  const add = usePrintAct((body: { name: string; address: string }) =>
    answer(api.POST("/api/v1/printers", { body })),
  );
  return (
    <form
      aria-label="A new printer"
      className="mt-3 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        add.mutate(
          { name, address },
          {
            onSuccess: () => {
              setName("");
              setAddress("");
            },
          },
        );
      }}
    >
      <Labeled text="A new printer’s name">
        <input
          className="entry w-52"
          maxLength={60}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </Labeled>
      <Labeled text="Address">
        <input
          className="entry figure w-72"
          maxLength={500}
          placeholder="ipp://10.0.0.12/ipp/print"
          value={address}
          onChange={(event) => setAddress(event.target.value)}
        />
      </Labeled>
      <button type="submit" className="act" disabled={add.isPending || !name.trim() || !address.trim()}>
        {add.isPending ? "Asking it …" : "Add it"}
      </button>
      {add.isError && <ProblemLine error={add.error} />}
    </form>
  );
}
