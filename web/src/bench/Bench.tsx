import { useCallback, useState } from "react";
import { ProblemLine, Trouble, Waiting } from "../ui/states";
import { BenchFoot } from "./BenchFoot";
import { BenchHead } from "./BenchHead";
import { Contents } from "./Contents";
import { Offers } from "./Offers";
import { Packages } from "./Packages";
import { ShippedFoot } from "./ShippedFoot";
import { type BenchData, useAct, useBench } from "./useBench";

/** One shipment, whole. */
export function Bench({ job }: { job: string }) {
  const bench = useBench(job);
  if (bench.isPending) {
    return <Waiting what={`Job ${job}`} />;
  }
  if (bench.isLoadingError) {
    return <Trouble error={bench.error} again={() => void bench.refetch()} />;
  }
  return <Shipment key={bench.data.job} bench={bench.data} />;
}

function Shipment({ bench }: { bench: BenchData }) {
  const act = useAct(bench);
  const [preview, setPreview] = useState<BenchData>();
  const [editing, setEditing] = useState(false);
  const edit = useCallback(() => setEditing(true), []);
  const shown = bench.state === "OPEN" ? (preview ?? bench) : bench;
  return (
    <div className="flex h-full flex-col">
      <BenchHead bench={bench} />
      <div
        className={
          "grid min-h-0 flex-1 " +
          (editing ? "grid-cols-[22rem_1fr_1fr] " : "grid-cols-[15.5rem_1fr_1.35fr] ") +
          "max-[900px]:auto-rows-max max-[900px]:grid-cols-1 max-[900px]:overflow-auto"
        }
      >
        <Contents bench={bench} act={act} editing={editing} setEditing={setEditing} />
        <Packages bench={bench} act={act} setPreview={setPreview} />
        <Offers key={bench.state} bench={shown} guessed={preview !== undefined} act={act} />
      </div>
      {act.isError && (
        <div className="px-5 pb-1">
          <ProblemLine error={act.error} />
        </div>
      )}
      {bench.state === "OPEN" ? (
        <BenchFoot bench={shown} act={act} previewing={preview !== undefined} edit={edit} />
      ) : (
        <ShippedFoot bench={bench} act={act} />
      )}
    </div>
  );
}
