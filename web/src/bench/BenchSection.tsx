import { useSearchParams } from "react-router";
import { Bench } from "./Bench";
import { BenchStart } from "./BenchStart";

/** The bench of the job in the address, or the bench with nothing on it. */
export function BenchSection() {
  const job = useSearchParams()[0].get("job") ?? "";
  return job ? <Bench key={job} job={job} /> : <BenchStart />;
}
