import { useQuery } from "@tanstack/react-query";
import { useCallback, useMemo } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { clockTime, day } from "../ui/format";
import { Key } from "../ui/Key";
import { Empty, Trouble, Waiting } from "../ui/states";
import { useCursor } from "../ui/useCursor";
import { useTitle } from "../ui/useTitle";
import { Past } from "./Past";
import { handoverOf } from "./useHandover";

type Line = Schemas["handover.PickupLine"];

const LOOK_AGAIN_MS = 20_000;

/** The drivers of the day: which of them is here? */
export function Handover({ timeZone }: { timeZone: string }) {
  useTitle("Handover");
  const navigate = useNavigate();
  const list = useQuery({
    queryKey: ["handovers"],
    queryFn: () => answer(api.GET("/api/v1/handovers")),
    refetchInterval: LOOK_AGAIN_MS,
  });
  const pickups = useMemo(() => list.data?.pickups ?? [], [list.data]);
  const open = useCallback(
    (index: number) => {
      const line = pickups[index];
      if (line) {
        void navigate(addressOf(line));
      }
    },
    [pickups, navigate],
  );
  const [at, setAt] = useCursor(pickups.length, open);
  if (list.isPending) {
    return <Waiting what="The pickups" />;
  }
  if (list.isLoadingError) {
    return <Trouble error={list.error} again={() => void list.refetch()} />;
  }
  const severalSites = new Set(pickups.map((each) => each.siteCode)).size > 1;
  return (
    <div className="px-5 py-3">
      <div className="flex items-center gap-5">
        <h1>Handover</h1>
        <span className="quiet ml-auto flex items-center gap-1">
          <Key name="↑" /> <Key name="↓" /> choose <Key name="Enter" /> scan packages in
        </span>
      </div>
      {pickups.length === 0 ? (
        <Empty>No carrier comes here. Set a pickup up, and what is shipped waits for it here.</Empty>
      ) : (
        <table className="timetable mt-2">
          <thead>
            <tr>
              <th>Carrier</th>
              {severalSites && <th>Site</th>}
              <th>Pickup</th>
              <th className="text-right">Scanned in</th>
              <th className="text-right">Waiting</th>
              <th className="text-right">Weight</th>
              <th></th>
            </tr>
          </thead>
          <tbody>
            {pickups.map((line, index) => (
              <tr
                key={line.siteCode + line.carrierCode}
                className={index === at ? "at" : ""}
                onMouseDown={() => setAt(index)}
              >
                <td>
                  <Link to={addressOf(line)} className="font-bold underline-offset-2 hover:underline">
                    {line.carrier}
                  </Link>
                </td>
                {severalSites && <td>{line.site}</td>}
                <td>
                  {day(line.day)}
                  {line.cutOff && <span className="figure">, {clockTime(line.cutOff)}</span>}{" "}
                  {line.by === "DROP_OFF" && <strong>drop-off, </strong>}
                  <Left line={line} />
                </td>
                <td className="figure text-right">{line.inside}</td>
                <td className="figure text-right">{line.waiting}</td>
                <td className="figure text-right">
                  {line.inside + line.waiting > 0 ? line.weight.text : ""}
                </td>
                <td>
                  <State line={line} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <Past timeZone={timeZone} />
    </div>
  );
}

function addressOf(line: Line): string {
  return handoverOf({ site: line.siteCode, carrier: line.carrierCode });
}

function Left({ line }: { line: Line }) {
  if (line.minutesLeft === undefined || line.overdue) {
    return null;
  }
  const late = line.minutesLeft < 0;
  const minutes = Math.abs(line.minutesLeft);
  const words = minutes >= 60 ? `${Math.floor(minutes / 60)} h ${minutes % 60} min` : `${minutes} min`;
  return <span className="quiet">{late ? `cut-off ${words} ago` : `${words} left`}</span>;
}

function State({ line }: { line: Line }) {
  if (line.overdue) {
    return <strong className="text-error">Left open: close it, or move its packages</strong>;
  }
  if (line.state === "CLOSING") {
    return <span className="text-warning">Waits for the carrier’s manifest</span>;
  }
  return line.state === "OPEN" ? <span>Open</span> : null;
}
