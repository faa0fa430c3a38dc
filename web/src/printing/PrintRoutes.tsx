import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";
import { useMay } from "../signin/who";
import { deskName } from "../ui/desk";
import { Labeled } from "../ui/Labeled";
import { ProblemLine, Trouble, Waiting } from "../ui/states";
import { type Printer, usePrintAct } from "./usePrinting";

type RoutesView = Schemas["printing.RoutesView"];
type Route = RoutesView["routes"]["rows"][number];

const COPIES = [1, 2, 3, 4, 5, 6, 7, 8, 9];

/** Which paper goes to which printer: at this desk, or at every desk that says nothing else. */
export function PrintRoutes({ printers }: { printers: Printer[] }) {
  const desk = deskName.use();
  const routes = useQuery({
    queryKey: ["printing", "routes", desk],
    queryFn: () => answer(api.GET("/api/v1/print-routes", { params: { query: { desk } } })),
  });
  return (
    <section aria-label="What goes where">
      <div className="flex flex-wrap items-end gap-4">
        <h2>What goes where</h2>
        <Labeled text="This desk is called">
          <input
            className="entry w-44"
            list="desks"
            maxLength={60}
            placeholder="any desk"
            value={desk}
            onChange={(event) => deskName.set(event.target.value)}
          />
        </Labeled>
        <datalist id="desks">
          {routes.data?.desks.map((each) => (
            <option key={each} value={each} />
          ))}
        </datalist>
      </div>
      {routes.isPending && <Waiting what="What goes where" />}
      {routes.isLoadingError && <Trouble error={routes.error} again={() => void routes.refetch()} />}
      {routes.data && <RouteTable key={desk} view={routes.data as RoutesView} printers={printers} />}
    </section>
  );
}

function RouteTable({ view, printers }: { view: RoutesView; printers: Printer[] }) {
  const may = useMay();
  const queries = useQueryClient();
  const save = usePrintAct(async (body: RoutesView["routes"]) => {
    const now = await answer(api.PUT("/api/v1/print-routes", { body }));
    queries.setQueryData(["printing", "routes", body.desk], now);
  });
  // What is being kept stands there already; the table itself stays, and with it the focus.
  const rows: Route[] = save.isPending ? save.variables.rows : view.routes.rows;
  const mayChange = may("PACK_AND_SHIP");
  const put = (kind: Route["kind"], part: Partial<Route>) => {
    const before = rows.find((row) => row.kind === kind) ?? { kind, printer: "", copies: 1, tray: "" };
    const others = rows.filter((row) => row.kind !== kind);
    const now = { ...before, ...part };
    const next = now.printer ? [...others, now] : others;
    save.mutate({ desk: view.routes.desk, rows: next });
  };
  return (
    <>
      <table className="timetable compact mt-1">
        <thead>
          <tr>
            <th>Paper</th>
            <th>Printer</th>
            <th>Copies</th>
            <th>Tray</th>
          </tr>
        </thead>
        <tbody>
          {view.kinds.map(({ kind, words }) => {
            const row = rows.find((each) => each.kind === kind);
            const printer = printers.find((each) => each.code === row?.printer);
            return (
              <tr key={kind}>
                <td>{words}</td>
                <td>
                  <select
                    aria-label={`Printer for ${words}`}
                    className="entry py-0"
                    disabled={!mayChange}
                    value={row?.printer ?? ""}
                    onChange={(event) => put(kind, { printer: event.target.value, tray: "" })}
                  >
                    <option value="">opens as PDF</option>
                    {printers.map((each) => (
                      <option key={each.code} value={each.code}>
                        {each.name}
                      </option>
                    ))}
                  </select>
                </td>
                <td>
                  {row && (
                    <select
                      aria-label={`Copies of ${words}`}
                      className="entry figure py-0"
                      disabled={!mayChange}
                      value={row.copies}
                      onChange={(event) => put(kind, { copies: Number(event.target.value) })}
                    >
                      {COPIES.map((copies) => (
                        <option key={copies}>{copies}</option>
                      ))}
                    </select>
                  )}
                </td>
                <td>
                  {row && printer && printer.trays.length > 1 && (
                    <select
                      aria-label={`Tray for ${words}`}
                      className="entry py-0"
                      disabled={!mayChange}
                      value={row.tray}
                      onChange={(event) => put(kind, { tray: event.target.value })}
                    >
                      <option value="">the usual one</option>
                      {printer.trays.map((tray) => (
                        <option key={tray}>{tray}</option>
                      ))}
                    </select>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {save.isError && <ProblemLine error={save.error} />}
      <p className="quiet mt-1">
        {view.routes.desk
          ? "A desk of its own; what it says nothing of goes as at any desk."
          : "For every desk that says nothing else."}
      </p>
    </>
  );
}
