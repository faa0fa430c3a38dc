import { useTitle } from "../ui/useTitle";
import { Layouts } from "./Layouts";

/** Where work orders come from, and how their records are read. */
export function Sources() {
  useTitle("Sources");
  return (
    <div className="px-5 py-3">
      <h1>Sources</h1>
      <Layouts />
    </div>
  );
}
