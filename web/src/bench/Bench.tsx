import { useCallback, useState } from "react";
import { useTitle } from "../ui/useTitle";
import { useWide } from "../ui/useWide";
import { SourceChanges } from "./SourceChanges";
import { ProblemLine, Trouble, Waiting } from "../ui/states";
import { BenchFoot } from "./BenchFoot";
import { BenchHead } from "./BenchHead";
import { Charges } from "./Charges";
import { Contents } from "./Contents";
import { Offers } from "./Offers";
import { Packages } from "./Packages";
import { PaperPictures } from "./PaperPictures";
import { ShippedFoot } from "./ShippedFoot";
import { type BenchData, useAct, useBench } from "./useBench";

/** One shipment, whole. */
export function Bench({ job }: { job: string }) {
  const bench = useBench(job);
  useTitle(`Job ${job}`);
  if (bench.isPending) {
    return <Waiting what={`Job ${job}`} />;
  }
  if (bench.isLoadingError) {
    return <Trouble error={bench.error} again={() => void bench.refetch()} />;
  }
  return <Shipment key={bench.data.job} bench={bench.data} />;
}

function columns(editing: boolean, wide: boolean, shipped: boolean): string {
  if (shipped) {
    return "grid-cols-[17rem_minmax(0,2.4fr)_minmax(0,1fr)]";
  }
  if (wide) {
    return editing
      ? "grid-cols-[22rem_minmax(0,1.1fr)_minmax(0,1fr)_27rem]"
      : "grid-cols-[17rem_minmax(0,1.1fr)_minmax(0,1fr)_27rem]";
  }
  return editing
    ? "grid-cols-[22rem_minmax(0,1fr)_minmax(0,1.22fr)]"
    : "grid-cols-[17rem_minmax(0,1fr)_minmax(0,1.22fr)]";
}

function Shipment({ bench }: { bench: BenchData }) {
  const act = useAct(bench);
  const wide = useWide();
  const [preview, setPreview] = useState<BenchData>();
  const [editing, setEditing] = useState(false);
  const [opened, setOpened] = useState<string>();
  const edit = useCallback(() => setEditing(true), []);
  const shown = bench.state === "OPEN" ? (preview ?? bench) : bench;
  const shipped = bench.state === "SHIPPED";
  const charges = <Charges bench={shown} service={opened} />;
  return (
    <div className="flex h-full flex-col">
      <BenchHead bench={bench} />
      <div
        className={
          "grid min-h-0 flex-1 " +
          columns(editing, wide, shipped) +
          " max-[1150px]:grid-cols-[14rem_minmax(0,1fr)_minmax(0,1.3fr)] max-[900px]:auto-rows-max max-[900px]:grid-cols-1 max-[900px]:overflow-auto"
        }
      >
        <Contents bench={bench} act={act} editing={editing} setEditing={setEditing} />
        {shipped ? (
          <PaperPictures bench={bench} />
        ) : (
          <Packages bench={bench} act={act} setPreview={setPreview} />
        )}
        <section aria-label="Rates" className="overflow-auto px-4 py-2">
          {!shipped && (
            <Offers
              key={bench.state}
              bench={shown}
              guessed={preview !== undefined}
              act={act}
              opened={opened}
              open={setOpened}
            />
          )}
          {(!wide || shipped) && charges}
        </section>
        {wide && !shipped && (
          <section aria-label="Charges" className="overflow-auto border-l border-base-300 px-4 py-2">
            {charges}
          </section>
        )}
      </div>
      {act.isError && (
        <div className="px-5 pb-1">
          <ProblemLine error={act.error} />
        </div>
      )}
      <SourceChanges job={bench.job} />
      <Announcement bench={shown} />
      {bench.state === "OPEN" ? (
        <BenchFoot bench={shown} act={act} previewing={preview !== undefined} edit={edit} />
      ) : (
        <ShippedFoot bench={bench} act={act} />
      )}
    </div>
  );
}

/** What has changed, for those who hear the screen. */
function Announcement({ bench }: { bench: BenchData }) {
  const chosen = bench.offers.find((offer) => offer.chosen);
  const said =
    bench.state === "SHIPPED"
      ? `Job ${bench.job} is shipped.`
      : chosen?.total
        ? `${chosen.name} ${chosen.total.amount} ${chosen.total.currency}.`
        : "";
  return (
    <p aria-live="polite" className="sr-only">
      {said}
    </p>
  );
}
