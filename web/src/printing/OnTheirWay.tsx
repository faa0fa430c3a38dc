import { Link } from "react-router";
import { count } from "../ui/format";
import { ProblemLine } from "../ui/states";

interface Props {
  print: {
    data: { queued: number; printers: string[] } | undefined;
    isError: boolean;
    error: unknown;
  };
}

/** What became of papers that were to be printed. */
export function OnTheirWay({ print }: Props) {
  return (
    <>
      {print.data && print.data.queued > 0 && (
        <span role="status">
          {count(print.data.queued, "paper", "papers")} to {print.data.printers.join(", ")}.{" "}
          <Link to="/printers" className="underline">
            Printers
          </Link>
        </span>
      )}
      {print.isError && <ProblemLine error={print.error} />}
    </>
  );
}
