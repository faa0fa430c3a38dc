import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { clockTime, count, day } from "../ui/format";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { useScanTaker } from "../ui/scanTaker";
import { useSounds } from "../ui/sounds";
import { ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { CloseHandover } from "./CloseHandover";
import { Missing, Scanned } from "./HandoverPackages";
import { PickupRequests } from "./PickupRequests";
import { ClosedTable } from "./Past";
import { ScanWord } from "./ScanWord";
import { type At, type HandoverData, useHandover, useHandoverAct } from "./useHandover";

/** Packages are scanned in; the count fills; what is missing is named; closing it is the end. */
export function HandoverPage({ timeZone }: { timeZone: string }) {
  const [words] = useSearchParams();
  const at = { site: words.get("site") ?? "", carrier: words.get("carrier") ?? "" };
  const handover = useHandover(at);
  useTitle(handover.data ? `Handover to ${handover.data.carrier}` : "Handover");
  if (handover.isPending) {
    return <Waiting what="The handover" />;
  }
  if (handover.isLoadingError) {
    return <Trouble error={handover.error} again={() => void handover.refetch()} />;
  }
  return <Open key={at.site + at.carrier} at={at} view={handover.data} timeZone={timeZone} />;
}

function Open({ at, view, timeZone }: { at: At; view: HandoverData; timeZone: string }) {
  const { act, scan: lastScan } = useHandoverAct(at);
  const { mutate } = act;
  const field = useRef<HTMLInputElement>(null);
  const [closing, setClosing] = useState(false);
  const [gone, setGone] = useState<string | undefined>();
  const mayScan = view.mayScan && view.state === "OPEN";
  const scan = useCallback(
    (text: string) => {
      if (mayScan && text.trim()) {
        mutate((all) => all.scan(text.trim()));
      }
    },
    [mayScan, mutate],
  );
  useScanTaker(scan);
  const last = view.scanned[0]?.trackingNumber;
  useKeys(
    useMemo(
      () =>
        mayScan
          ? [
              ...(last
                ? [
                    {
                      key: "Alt+z",
                      label: "Take out what was scanned last",
                      group: "Handover",
                      run: () => mutate((all) => all.takeOut(last)),
                    },
                  ]
                : []),
              ...(view.inside > 0
                ? [
                    {
                      key: "F10",
                      label: "Close the handover",
                      group: "Handover",
                      run: () => setClosing(true),
                    },
                  ]
                : []),
              ...(view.mayCloseUnscanned
                ? [
                    {
                      key: "Alt+a",
                      label: "Put all in without scanning",
                      group: "Handover",
                      run: () => mutate((all) => all.takeAll()),
                    },
                  ]
                : []),
              ...(view.overdue
                ? [
                    {
                      key: "Alt+m",
                      label: "Move its packages to today",
                      group: "Handover",
                      run: () => mutate((all) => all.moveToToday()),
                    },
                  ]
                : []),
            ]
          : [],
      [mayScan, last, view.inside, view.mayCloseUnscanned, view.overdue, mutate],
    ),
  );
  // The next scan or key belongs to the field.
  useEffect(() => {
    if (!closing) {
      field.current?.focus();
    }
  }, [closing]);
  const all = view.inside + view.waiting;
  return (
    <div className="px-5 py-3">
      <Head view={view} />
      {view.overdue && (
        <p role="status" className="my-1 border-l-4 border-error pl-3">
          <strong className="text-error">Left open since {day(view.day)}.</strong> Close it as it is, or{" "}
          <button type="button" className="act" onClick={() => mutate((acts) => acts.moveToToday())}>
            move its packages to today <Key name="Alt+M" />
          </button>
        </p>
      )}
      {view.refused && (
        <p role="status" className="my-1 border-l-4 border-warning pl-3">
          <strong className="text-warning">The carrier refused the manifest.</strong> {view.refused} Take that
          out, then close again.
        </p>
      )}
      <div className="mt-2 grid grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)] gap-x-8 max-[900px]:grid-cols-1">
        <section aria-label="Scan">
          <p className="flex items-baseline gap-3">
            <span className="figure text-7xl leading-none font-bold">{view.inside}</span>
            <span className="text-xl">
              of <span className="figure">{all}</span> in
              {view.inside > 0 && <span className="figure quiet">, {view.insideWeight.text}</span>}
            </span>
          </p>
          <div className="my-2 h-3 border border-base-content" aria-hidden="true">
            <div
              className="h-full bg-primary"
              style={{ width: `${all === 0 ? 0 : (100 * view.inside) / all}%` }}
            />
          </div>
          {mayScan && (
            <form
              className="flex items-center gap-2"
              onSubmit={(event) => {
                event.preventDefault();
                scan(field.current?.value ?? "");
                if (field.current) {
                  field.current.value = "";
                }
              }}
            >
              <input
                ref={field}
                data-takes-scans
                aria-label="Scan a package"
                placeholder="Scan a package"
                maxLength={120}
                autoComplete="off"
                className="entry w-full max-w-md py-2 text-xl"
              />
              {last && (
                <button type="button" className="act" onClick={() => mutate((acts) => acts.takeOut(last))}>
                  Take out <Key name="Alt+Z" />
                </button>
              )}
            </form>
          )}
          {view.state === "CLOSING" && (
            <p role="status" className="border-l-4 border-warning pl-3">
              <strong className="text-warning">Closed.</strong> The carrier has not given its manifest yet; it
              is asked again by itself.
            </p>
          )}
          {gone && !lastScan && (
            <p role="status" className="my-3 min-h-24 border-l-8 border-primary pl-4 text-primary">
              <strong className="block text-5xl leading-tight">✓ Closed</strong>
              <span className="text-base-content">
                {gone} went with {view.carrier}. Print the manifest below.
              </span>
            </p>
          )}
          {(!gone || lastScan) && <ScanWord scan={lastScan} pending={act.isPending} />}
          {act.isError && <ProblemLine error={act.error} />}
          {mayScan &&
            (closing ? (
              <CloseHandover
                view={view}
                close={(leavesBy, driver) => {
                  setClosing(false);
                  mutate((acts) => acts.close(leavesBy, driver, view.inside), {
                    onSuccess: () => setGone(count(view.inside, "package", "packages")),
                  });
                }}
                leave={() => setClosing(false)}
              />
            ) : (
              <div className="mt-3 flex flex-wrap gap-3">
                <button
                  type="button"
                  className="btn btn-primary btn-lg gap-3 px-6 disabled:bg-base-300 disabled:text-base-content"
                  disabled={view.inside === 0 || act.isPending}
                  onClick={() => setClosing(true)}
                >
                  Close the handover <Key name="F10" />
                </button>
                {view.mayCloseUnscanned && (
                  <button
                    type="button"
                    className="act"
                    disabled={act.isPending}
                    onClick={() => mutate((acts) => acts.takeAll())}
                  >
                    All {view.waiting} without scanning <Key name="Alt+A" />
                  </button>
                )}
              </div>
            ))}
          <Scanned lines={view.scanned} timeZone={timeZone} />
        </section>
        <div>
          <Missing view={view} />
          <PickupRequests view={view} />
        </div>
      </div>
      {view.closed.length > 0 && (
        <section aria-label="Closed today" className="mt-4">
          <h2>Closed for this pickup</h2>
          <ClosedTable rows={view.closed} timeZone={timeZone} />
        </section>
      )}
    </div>
  );
}

function Head({ view }: { view: HandoverData }) {
  const [sounds, changeSounds] = useSounds();
  return (
    <div className="flex items-baseline gap-4">
      <h1>Handover to {view.carrier}</h1>
      <p>
        {view.site}, {day(view.day)}
        {view.cutOff && <span className="figure">, {clockTime(view.cutOff)}</span>}
        {view.by === "DROP_OFF" && <strong>, dropped off at its counter</strong>}
        {view.supplement > 0 && <strong>, supplement {view.supplement}</strong>}
      </p>
      <span className="ml-auto flex gap-3">
        <button type="button" className="act py-0 text-sm" aria-pressed={sounds} onClick={changeSounds}>
          {sounds ? "Sounds on" : "Sounds off"}
        </button>
        <Link to="/handover" className="act py-0 text-sm">
          All pickups
        </Link>
      </span>
    </div>
  );
}
