import { useTitle } from "../ui/useTitle";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas, sendFile } from "../api/client";
import { useMay } from "../signin/who";
import { BringIn } from "../ui/BringIn";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { CarrierPricing } from "./CarrierPricing";
import { PrepaidAccounts } from "./PrepaidAccounts";
import { SheetTable } from "./SheetTable";
import { TakenSheet } from "./TakenSheet";

/** The rate sheets of all services; a file dropped anywhere brings the next one in. */
export function Rates() {
  useTitle("Rates");
  const queries = useQueryClient();
  const mayBringIn = useMay()("BRING_IN");
  const list = useQuery({ queryKey: ["rates"], queryFn: () => answer(api.GET("/api/v1/rate-sheets")) });
  const bringIn = useMutation({
    mutationFn: (file: File) => sendFile<Schemas["carrier.SheetTaken"]>("/api/v1/rate-sheets", file),
    onSettled: () => queries.invalidateQueries(),
  });
  if (list.isPending) {
    return <Waiting what="The rate sheets" />;
  }
  if (list.isLoadingError) {
    return <Trouble error={list.error} again={() => void list.refetch()} />;
  }
  return (
    <BringIn what="Rate sheet" may={mayBringIn} busy={bringIn.isPending} take={bringIn.mutate}>
      {(button) => (
        <>
          <div className="flex items-center gap-5">
            <h1>Rates</h1>
            <span className="quiet">
              A shipment costs what the sheet of its day says, later too: a sheet is never changed, only
              followed by the next.
            </span>
            <span className="ml-auto">{button}</span>
          </div>
          {bringIn.isError && (
            <div className="mt-3">
              <ProblemLine error={bringIn.error} />
            </div>
          )}
          {bringIn.data && <TakenSheet sheet={bringIn.data} close={bringIn.reset} />}
          {list.data.services.length === 0 ? (
            <div className="mt-3">
              <Empty>The services that are set up will appear here, each with its rate sheets.</Empty>
            </div>
          ) : (
            <SheetTable services={list.data.services} />
          )}
          <CarrierPricing />
          <PrepaidAccounts />
        </>
      )}
    </BringIn>
  );
}
