import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";
import { deskNow } from "../ui/desk";

export type BenchData = Schemas["bench.BenchView"];

const LOOK_AGAIN_MS = 1_500;

/** The shipment of a job, or how it would be packed: a look leaves no trace, the first act opens it. */
export function useBench(job: string) {
  return useQuery({
    queryKey: ["bench", job],
    queryFn: () => answer(api.GET("/api/v1/shipments", { params: { query: { job } } })),
    refetchInterval: (query) =>
      query.state.data?.waitingFor || query.state.data?.quotesAwaited ? LOOK_AGAIN_MS : false,
  });
}

/** An act on the bench; the server answers with the whole bench as it is then. */
export type BenchAct = (id: number) => Promise<BenchData>;

const inPath = (id: number, number: number) => ({ params: { path: { id, number } } });

export const acts = {
  /** @param sure confirms a weight that is far from what is expected */
  typeWeight:
    (number: number, text: string, sure: boolean): BenchAct =>
    (id) =>
      answer(
        api.PUT("/api/v1/shipments/{id}/packages/{number}/weight", {
          ...inPath(id, number),
          body: { text, sure },
        }),
      ),
  readScale:
    (number: number): BenchAct =>
    (id) =>
      answer(
        api.POST("/api/v1/shipments/{id}/packages/{number}/scale-reading", {
          ...inPath(id, number),
          body: deskNow(),
        }),
      ),
  changeCarton:
    (number: number, text: string): BenchAct =>
    (id) =>
      answer(
        api.PUT("/api/v1/shipments/{id}/packages/{number}/carton", { ...inPath(id, number), body: { text } }),
      ),
  typeSize:
    (number: number, text: string): BenchAct =>
    (id) =>
      answer(
        api.PUT("/api/v1/shipments/{id}/packages/{number}/size", { ...inPath(id, number), body: { text } }),
      ),
  chooseService:
    (text: string): BenchAct =>
    (id) =>
      answer(api.PUT("/api/v1/shipments/{id}/service", { params: { path: { id } }, body: { text } })),
  correctPhone:
    (text: string): BenchAct =>
    (id) =>
      answer(api.PUT("/api/v1/shipments/{id}/phone", { params: { path: { id } }, body: { text } })),
  correctShipTo:
    (body: Schemas["bench.ShipToEntry"]): BenchAct =>
    (id) =>
      answer(api.PUT("/api/v1/shipments/{id}/ship-to", { params: { path: { id } }, body })),
  correctAccount:
    (text: string): BenchAct =>
    (id) =>
      answer(api.PUT("/api/v1/shipments/{id}/account", { params: { path: { id } }, body: { text } })),
  chooseAccessorials:
    (accessorials: Schemas["bench.Accessorials"]["accessorials"]): BenchAct =>
    (id) =>
      answer(
        api.PUT("/api/v1/shipments/{id}/accessorials", { params: { path: { id } }, body: { accessorials } }),
      ),
  shipOn:
    (day: string): BenchAct =>
    (id) =>
      answer(api.PUT("/api/v1/shipments/{id}/ship-day", { params: { path: { id } }, body: { day } })),
  leaveFrom:
    (text: string): BenchAct =>
    (id) =>
      answer(api.PUT("/api/v1/shipments/{id}/site", { params: { path: { id } }, body: { text } })),
  /** On a later day, by the service that costs less then. */
  leaveLater:
    (day: string, service: string): BenchAct =>
    async (id) => {
      await acts.shipOn(day)(id);
      return acts.chooseService(service)(id);
    },
  move:
    (body: Schemas["bench.Move"]): BenchAct =>
    (id) =>
      answer(api.POST("/api/v1/shipments/{id}/moves", { params: { path: { id } }, body })),
  addPackage:
    (text: string): BenchAct =>
    (id) =>
      answer(api.POST("/api/v1/shipments/{id}/packages", { params: { path: { id } }, body: { text } })),
  repeat:
    (number: number): BenchAct =>
    (id) =>
      answer(api.POST("/api/v1/shipments/{id}/packages/{number}/repeat", inPath(id, number))),
  merge:
    (number: number, into: number): BenchAct =>
    (id) =>
      answer(
        api.POST("/api/v1/shipments/{id}/packages/{number}/merge", { ...inPath(id, number), body: { into } }),
      ),
  countByEye:
    (number: number, line: number): BenchAct =>
    (id) =>
      answer(
        api.POST("/api/v1/shipments/{id}/packages/{number}/counted", {
          ...inPath(id, number),
          body: { line },
        }),
      ),
  keepItemWeight:
    (number: number): BenchAct =>
    (id) =>
      answer(api.POST("/api/v1/shipments/{id}/packages/{number}/item-weight", inPath(id, number))),
  planAgain:
    (all: boolean): BenchAct =>
    (id) =>
      answer(api.POST("/api/v1/shipments/{id}/plan", { params: { path: { id } }, body: { all } })),
  addJob:
    (job: string): BenchAct =>
    (id) =>
      answer(api.POST("/api/v1/shipments/{id}/jobs", { params: { path: { id } }, body: { job } })),
  takeOutJob:
    (job: string): BenchAct =>
    (id) =>
      answer(api.POST("/api/v1/shipments/{id}/jobs-out", { params: { path: { id } }, body: { job } })),
  takeBack:
    (body: Schemas["bench.Pieces"]): BenchAct =>
    (id) =>
      answer(api.POST("/api/v1/shipments/{id}/taken-back", { params: { path: { id } }, body })),
  leaveBehind:
    (body: Schemas["bench.Pieces"]): BenchAct =>
    (id) =>
      answer(api.POST("/api/v1/shipments/{id}/left-behind", { params: { path: { id } }, body })),
  askCarrier: (): BenchAct => (id) =>
    answer(api.POST("/api/v1/shipments/{id}/carrier-question", { params: { path: { id } } })),
  makeVoid: (): BenchAct => (id) =>
    answer(api.POST("/api/v1/shipments/{id}/void", { params: { path: { id } } })),
  makePackageVoid:
    (number: number): BenchAct =>
    (id) =>
      answer(api.POST("/api/v1/shipments/{id}/packages/{number}/void", { params: { path: { id, number } } })),
  /** @param again whether carriers that gave no price are asked once more */
  askForQuotes:
    (again: boolean): BenchAct =>
    (id) =>
      answer(
        api.POST("/api/v1/shipments/{id}/carrier-quotes", { params: { path: { id } }, body: { again } }),
      ),
  ship:
    (body: Schemas["bench.ShipOrder"]): BenchAct =>
    (id) =>
      answer(api.POST("/api/v1/shipments/{id}/ship", { params: { path: { id } }, body })),
};

/** The id of the shipment, which is opened now if it was only looked at. */
export async function opened(bench: BenchData): Promise<number> {
  return bench.opened
    ? bench.id
    : (await answer(api.POST("/api/v1/shipments", { body: { job: bench.job } }))).id;
}

/** What the bench would show with a weight that is still being typed. */
export async function previewWeight(
  bench: BenchData,
  number: number,
  text: string,
  signal: AbortSignal,
): Promise<BenchData> {
  const id = await opened(bench);
  return answer(
    api.POST("/api/v1/shipments/{id}/packages/{number}/weight-preview", {
      ...inPath(id, number),
      body: { text },
      signal,
    }),
  );
}

/** Carries acts out one after the other and shows what comes back. */
export function useAct(bench: BenchData) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (act: BenchAct) => act(await opened(bench)),
    onSuccess: (data) => {
      queries.setQueryData(["bench", bench.job], data);
      void queries.invalidateQueries({ queryKey: ["departures"] });
      void queries.invalidateQueries({ queryKey: ["jobs"] });
    },
    onError: () => void queries.invalidateQueries({ queryKey: ["bench", bench.job] }),
  });
}
