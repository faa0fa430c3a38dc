import { useTitle } from "../ui/useTitle";
import { useQuery } from "@tanstack/react-query";
import { useCallback, useMemo } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api } from "../api/client";
import { benchOf, JobLink } from "../ui/JobLink";
import { useMay } from "../signin/who";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { Empty, Trouble, Waiting } from "../ui/states";
import { useCursor } from "../ui/useCursor";
import { ThisDesk } from "./ThisDesk";

/** The bench with nothing on it: what was begun and not finished, or scan a slip. */
export function BenchStart() {
  useTitle("Bench");
  const navigate = useNavigate();
  const begun = useQuery({
    queryKey: ["jobs", "begun"],
    queryFn: () => answer(api.GET("/api/v1/work-orders", { params: { query: { status: ["ON_BENCH"] } } })),
  });
  const rows = useMemo(() => begun.data?.rows ?? [], [begun.data]);
  const open = useCallback(
    (index: number) => void navigate(benchOf(rows[index]?.number ?? "")),
    [rows, navigate],
  );
  const [at, setAt] = useCursor(rows.length, open);
  const may = useMay();
  useKeys(
    useMemo(
      () => [{ key: "s", label: "Scan to ship", group: "Bench", run: () => void navigate("/bench/scan") }],
      [navigate],
    ),
  );
  if (begun.isPending) {
    return <Waiting what="The bench" />;
  }
  if (begun.isLoadingError) {
    return <Trouble error={begun.error} again={() => void begun.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <div className="flex items-center gap-4">
        <h1>Bench</h1>
        {may("PACK_AND_SHIP") && (
          <Link to="/bench/scan" className="act ml-auto">
            Scan to ship <Key name="S" />
          </Link>
        )}
      </div>
      <p className="my-3 text-lg">
        Scan a work order's barcode, or press <Key name="/" /> and type its number.
      </p>
      <h2 className="mt-6 mb-2">Started, not shipped</h2>
      {rows.length === 0 ? (
        <Empty>
          Nothing is open. A job appears here from the first thing done to it on the Bench until it is
          shipped.
        </Empty>
      ) : (
        <table className="timetable">
          <thead>
            <tr>
              <th>Job</th>
              <th>Customer</th>
              <th>To</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row, index) => (
              <tr key={row.number} className={index === at ? "at" : ""} onClick={() => setAt(index)}>
                <td className="figure">
                  <JobLink job={row.number} />
                </td>
                <td>{row.customer}</td>
                <td>{row.city}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {may("PACK_AND_SHIP") && <ThisDesk />}
    </div>
  );
}
