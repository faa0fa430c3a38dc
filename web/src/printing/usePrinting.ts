import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";
import { deskName } from "../ui/desk";

export type Printer = Schemas["printing.PrinterView"];
export type PrintJob = Schemas["printing.JobView"];
export type Asked = Schemas["printing.Asked"];

const OFTEN_MS = 2_000;

export function usePrinters() {
  return useQuery({
    queryKey: ["printing", "printers"],
    queryFn: () => answer(api.GET("/api/v1/printers")),
    refetchInterval: OFTEN_MS,
  });
}

export function usePrintJobs(state: PrintJob["state"] | undefined) {
  return useQuery({
    queryKey: ["printing", "jobs", state],
    queryFn: () => answer(api.GET("/api/v1/print-jobs", { params: { query: state ? { state } : {} } })),
    refetchInterval: OFTEN_MS,
  });
}

/** An act after which all that is shown of printing is asked again. */
export function usePrintAct<T, R>(act: (value: T) => Promise<R>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: act,
    onSettled: () => queries.invalidateQueries({ queryKey: ["printing"] }),
  });
}

/** Prints papers, by their addresses, at this desk; what no printer is set for here is opened instead. */
export function usePrint() {
  return usePrintAct(async ({ of, papers }: { of: string; papers: string[] }) => {
    const asked = await answer(
      api.POST("/api/v1/print-jobs", { body: { desk: deskName.now(), of, papers: papers.map(numberOf) } }),
    );
    papers
      .filter((paper) => asked.asPdf.includes(numberOf(paper)))
      .forEach((paper) => window.open(paper, "_blank"));
    return asked;
  });
}

/** Of a paper, as its address ends. */
function numberOf(address: string): number {
  return Number(address.slice(address.lastIndexOf("/") + 1));
}

/** Prints the papers of a run likewise; what no printer is set for is opened as one document. */
export function usePrintRun(run: number) {
  return usePrintAct(async () => {
    const asked = await answer(
      api.POST("/api/v1/runs/{id}/print", {
        params: { path: { id: run } },
        body: { desk: deskName.now() },
      }),
    );
    if (asked.asPdf.length > 0) {
      window.open(`/api/v1/runs/${run}/papers?kinds=${asked.asPdf.join(",")}`, "_blank");
    }
    return asked;
  });
}
