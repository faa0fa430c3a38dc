import { useQuery } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

export type Customs = Schemas["bench.CustomsView"];

/** What is declared of a job; asked again whenever something on its bench has changed. */
export function useCustoms(job: string) {
  return useQuery({
    queryKey: ["bench", "customs", job],
    queryFn: () => answer(api.GET("/api/v1/shipments/customs", { params: { query: { job } } })),
    enabled: job !== "",
  });
}
