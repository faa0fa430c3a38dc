import { useCallback, useMemo } from "react";
import { JobLink } from "../ui/JobLink";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { CombineAndHoldBack } from "./CombineAndHoldBack";
import { Options } from "./Options";
import { ShipToForm } from "./ShipToForm";
import { Together } from "./Together";
import { placeKindWords } from "../ui/placeKinds";
import { acts, type BenchData, type useAct } from "./useBench";

interface Props {
  bench: BenchData;
  act: ReturnType<typeof useAct>;
  editing: boolean;
  setEditing: (editing: boolean) => void;
}

/** What goes, where to, and how. */
export function Contents({ bench, act, editing, setEditing }: Props) {
  const open = bench.mayAct;
  const close = useCallback(() => setEditing(false), [setEditing]);
  useKeys(
    useMemo(
      () =>
        open
          ? [{ key: "F6", label: "Correct the ship-to", group: "Shipment", run: () => setEditing(true) }]
          : [],
      [open, setEditing],
    ),
  );
  return (
    <section
      aria-label="What goes"
      className="overflow-auto border-r border-base-300 px-5 py-2 max-[1150px]:px-3 max-[900px]:order-last"
    >
      <div className="flex items-center justify-between">
        <h2>Ship to</h2>
        {open && !editing && (
          <button type="button" className="act" onClick={() => setEditing(true)}>
            Correct <Key name="F6" />
          </button>
        )}
      </div>
      {open && editing ? <ShipToForm bench={bench} act={act} close={close} /> : <ShipTo bench={bench} />}
      {open && !editing && bench.shipTo.proposed && (
        <Proposed to={bench.shipTo} proposed={bench.shipTo.proposed} act={act} />
      )}
      <h2 className="mt-3">Items</h2>
      {bench.otherJobs.length > 0 && <OtherJobs bench={bench} act={act} />}
      <ul className="mt-0.5">
        {bench.lines.map((line) => (
          <Item key={line.id} bench={bench} line={line} act={act} />
        ))}
      </ul>
      {open && <Options bench={bench} act={act} />}
      {open && <Together bench={bench} act={act} />}
      {open && <CombineAndHoldBack bench={bench} act={act} />}
    </section>
  );
}

/** Who, where, and the city line: three lines, and what stands there. */
function ShipTo({ bench }: { bench: BenchData }) {
  const to = bench.shipTo;
  const joined = (...parts: string[]) => parts.filter(Boolean).join(", ");
  return (
    <address className="mt-1 leading-snug not-italic">
      <span className="block">{joined(to.company, to.person)}</span>
      <span className="block">{joined(to.street, to.street2)}</span>
      <span className="block">
        <strong>
          {to.city}, {to.state} {to.postalCode}
        </strong>
        {to.country !== "United States" && `, ${to.country}`}
      </span>
      <span className="quiet block">
        {to.kindEffect ?? placeKindWords(to.kind)}
        {to.phone && <span className="figure inline-block">, {to.phone}</span>}
      </span>
      {to.note && <span className="block">Driver: {to.note}</span>}
    </address>
  );
}

/** What city, state and code were probably meant to be; what differs stands out. */
function Proposed({
  to,
  proposed,
  act,
}: {
  to: BenchData["shipTo"];
  proposed: NonNullable<BenchData["shipTo"]["proposed"]>;
  act: Props["act"];
}) {
  const { mutate } = act;
  const take = useCallback(
    () =>
      mutate(
        acts.correctShipTo({
          company: to.company,
          person: to.person,
          street: to.street,
          street2: to.street2,
          city: proposed.city,
          state: proposed.state,
          postalCode: proposed.postalCode,
          country: to.country,
        }),
      ),
    [mutate, to, proposed],
  );
  useKeys(
    useMemo(
      () => [{ key: "Alt+a", label: "Take the proposed address", group: "Shipment", run: take }],
      [take],
    ),
  );
  return (
    <div role="group" aria-label="Proposed address" className="mt-1 border-l-4 border-warning pl-2">
      <p className="leading-snug">
        <span className="quiet">Meant? </span>
        <Marked text={proposed.city} differs={proposed.city !== to.city} />,{" "}
        <Marked text={proposed.state} differs={proposed.state !== to.state} />{" "}
        <Marked text={proposed.postalCode} differs={proposed.postalCode !== to.postalCode} />
      </p>
      <p className="quiet leading-snug">{proposed.reason}</p>
      <button type="button" className="act mt-1" disabled={act.isPending} onClick={take}>
        Take it <Key name="Alt+A" />
      </button>
    </div>
  );
}

function Marked({ text, differs }: { text: string; differs: boolean }) {
  return differs ? <mark className="bg-base-300 font-bold text-base-content">{text}</mark> : <>{text}</>;
}

function OtherJobs({ bench, act }: { bench: BenchData; act: Props["act"] }) {
  return (
    <p className="quiet">
      combined with{" "}
      {bench.otherJobs.map((job) => (
        <span key={job} className="mr-2">
          <JobLink job={job} />
          {bench.mayAct && (
            <button
              type="button"
              className="ml-1 underline"
              disabled={act.isPending}
              onClick={() => act.mutate(acts.takeOutJob(job))}
            >
              take out
            </button>
          )}
        </span>
      ))}
    </p>
  );
}

/** One line an item; weight, size and handling of a piece are told by its title, what must be minded stands below. */
function Item({
  bench,
  line,
  act,
}: {
  bench: BenchData;
  line: BenchData["lines"][number];
  act: Props["act"];
}) {
  const ofJob = bench.otherJobs.length > 0 ? [`job ${line.job}`] : [];
  const known = [line.unitWeight && `${line.unitWeight.text} each`, line.unitSize?.text].filter(Boolean);
  const missing = [!line.unitWeight && "weight not known", !line.unitSize && "size not known"].filter(
    Boolean,
  );
  const fromItem = line.fromItem.length > 0 ? [`from the item list: ${line.fromItem.join(", ")}`] : [];
  const minded = [...missing, ...fromItem, ...ofJob];
  return (
    <li className="border-b border-base-300 py-0.5 leading-snug" title={[...known, ...minded].join(", ")}>
      <span className="flex items-baseline gap-2">
        <span className={"figure " + (line.placed < line.quantity ? "font-bold text-warning" : "")}>
          {line.placed === line.quantity ? line.quantity : `${line.placed} of ${line.quantity}`}
        </span>
        <span className="figure">{line.item}</span>
        <span className="min-w-0 flex-1 truncate">{line.description}</span>
      </span>
      {minded.length > 0 && <span className="quiet block text-sm">{minded.join(", ")}</span>}
      {line.handling.length > 0 && <strong className="block text-sm">{line.handling.join(", ")}</strong>}
      {line.staysBehind > 0 && (
        <span className="block text-warning">
          {line.elsewhere
            ? `${line.staysBehind} go to ${line.elsewhere}: another shipment`
            : `${line.staysBehind} held back for another shipment`}
          {bench.mayAct && !line.elsewhere && (
            <button
              type="button"
              className="ml-2 underline"
              disabled={act.isPending}
              onClick={() => act.mutate(acts.takeBack({ line: line.id, quantity: line.staysBehind }))}
            >
              take back
            </button>
          )}
        </span>
      )}
    </li>
  );
}
