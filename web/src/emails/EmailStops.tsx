import { useState } from "react";
import { answer, api } from "../api/client";
import { useMay } from "../signin/who";
import { moment } from "../ui/format";
import { Labeled } from "../ui/Labeled";
import { SectionTabs } from "../ui/SectionTabs";
import { Empty, ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { CameBack } from "./CameBack";
import { TABS, useStopAct, useStops } from "./emailData";

/** Addresses that get no emails about shipments. */
export function EmailStops({ timeZone }: { timeZone: string }) {
  useTitle("Who wants no emails");
  const may = useMay();
  const stops = useStops();
  const [address, setAddress] = useState("");
  const stop = useStopAct((of: string) =>
    answer(api.POST("/api/v1/emails/stops", { body: { address: of } })),
  );
  const unstop = useStopAct((of: string) =>
    answer(api.POST("/api/v1/emails/stops/removal", { body: { address: of } })),
  );
  if (stops.isPending) {
    return <Waiting what="Who wants no emails" />;
  }
  if (stops.isLoadingError) {
    return <Trouble error={stops.error} again={() => void stops.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <SectionTabs title="Emails" tabs={TABS} />
      {may("KEEP_RULES") && (
        <form
          className="mt-3 flex items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            stop.mutate(address, { onSuccess: () => setAddress("") });
          }}
        >
          <Labeled text="No more to">
            <input
              className="entry w-72"
              maxLength={254}
              value={address}
              onChange={(event) => setAddress(event.target.value)}
            />
          </Labeled>
          <button type="submit" className="act" disabled={stop.isPending || !address.trim()}>
            Write it down
          </button>
        </form>
      )}
      {stop.isError && <ProblemLine error={stop.error} />}
      {unstop.isError && <ProblemLine error={unstop.error} />}
      {stops.data.rows.length === 0 ? (
        <div className="mt-3">
          <Empty>
            Everybody is written to. Each email has a link by which its receiver says that it wants no more,
            once it is set under Look where customers reach this server.
          </Empty>
        </div>
      ) : (
        <table className="timetable mt-3 max-w-3xl">
          <thead>
            <tr>
              <th>Address</th>
              <th>Since</th>
              <th>Said by</th>
              <th>
                <span className="sr-only">Undo</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {stops.data.rows.map((each) => (
              <tr key={each.address}>
                <td>{each.address}</td>
                <td className="figure">{moment(each.at, timeZone)}</td>
                <td>{each.byReceiver ? "the receiver" : "one of us"}</td>
                <td>
                  {may("KEEP_RULES") && (
                    <button type="button" className="link" onClick={() => unstop.mutate(each.address)}>
                      Write to it again
                    </button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <CameBack />
    </div>
  );
}
