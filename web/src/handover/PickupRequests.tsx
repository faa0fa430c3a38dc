import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { clockTime, day } from "../ui/format";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { ProblemLine } from "../ui/states";
import type { HandoverData } from "./useHandover";

type Pickup = Schemas["pickup.PickupView"];

const KEY = ["pickups"];

/** Pickups that this carrier was asked for here, and asking for one. */
export function PickupRequests({ view }: { view: HandoverData }) {
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const list = useQuery({ queryKey: KEY, queryFn: () => answer(api.GET("/api/v1/pickups")) });
  const act = useMutation({
    mutationFn: (run: () => Promise<Schemas["pickup.PickupList"]>) => run(),
    onSuccess: (fresh) => {
      queries.setQueryData(KEY, fresh);
      setAsking(false);
    },
    onError: () => void queries.invalidateQueries({ queryKey: KEY }),
  });
  useKeys(
    useMemo(
      () =>
        view.mayScan
          ? [{ key: "Alt+p", label: "Ask for a pickup", group: "Handover", run: () => setAsking(true) }]
          : [],
      [view.mayScan],
    ),
  );
  const own =
    list.data?.rows.filter((row) => row.siteCode === view.siteCode && row.carrierCode === view.carrierCode) ??
    [];
  return (
    <section aria-label="Pickups asked for" className="mt-4">
      <div className="flex items-baseline gap-3">
        <h2>Pickups asked for</h2>
        {own.length === 0 && <span className="quiet">none</span>}
        {view.mayScan && !asking && (
          <button type="button" className="act py-0 text-sm" onClick={() => setAsking(true)}>
            Ask for one <Key name="Alt+P" />
          </button>
        )}
      </div>
      {own.map((row) => (
        <p key={row.id} className="flex flex-wrap items-baseline gap-x-3">
          <span>
            {day(row.day)}, <span className="figure">{clockTime(row.readyAt)}</span> to{" "}
            <span className="figure">{clockTime(row.closesAt)}</span>
            {row.stands && `, at ${row.stands}`}, {row.packages} {row.packages === 1 ? "package" : "packages"}
            , <span className="figure">{row.weight.text}</span>
          </span>
          <State row={row} />
          {view.mayScan && row.state === "CONFIRMED" && (
            <button
              type="button"
              className="act py-0 text-sm"
              disabled={act.isPending}
              onClick={() =>
                act.mutate(() =>
                  answer(api.POST("/api/v1/pickups/{id}/call-off", { params: { path: { id: row.id } } })),
                )
              }
            >
              Call it off
            </button>
          )}
        </p>
      ))}
      {asking && (
        <Wish
          view={view}
          busy={act.isPending}
          leave={() => setAsking(false)}
          ask={(wish) => act.mutate(() => answer(api.POST("/api/v1/pickups", { body: wish })))}
        />
      )}
      {act.isError && <ProblemLine error={act.error} />}
    </section>
  );
}

function State({ row }: { row: Pickup }) {
  switch (row.state) {
    case "CONFIRMED":
      return (
        <strong className="text-primary">
          confirmed <span className="figure">{row.confirmation}</span>
        </strong>
      );
    case "ASKED":
      return (
        <strong className="text-warning">the carrier has not answered; it is asked again by itself</strong>
      );
    case "CALLING_OFF":
      return <strong className="text-warning">being called off</strong>;
    case "CALLED_OFF":
      return <span className="quiet">called off</span>;
    default:
      return <strong className="text-error">refused: {row.said}</strong>;
  }
}

interface WishProps {
  view: HandoverData;
  busy: boolean;
  leave: () => void;
  ask: (wish: Schemas["pickup.Wish"]) => void;
}

/** When, where and how much; what waits is filled in. */
function Wish({ view, busy, leave, ask }: WishProps) {
  useKeys(
    useMemo(
      () => [{ key: "Escape", label: "Ask for none", group: "Handover", run: leave, whileTyping: true }],
      [leave],
    ),
  );
  const all = view.inside + view.waiting;
  return (
    <form
      aria-label="Ask for a pickup"
      className="mt-1 flex flex-wrap items-end gap-3 border-2 border-base-content p-2"
      onSubmit={(event) => {
        event.preventDefault();
        const data = new FormData(event.currentTarget);
        const text = (name: string) => String(data.get(name) ?? "").trim();
        ask({
          site: view.siteCode,
          carrier: view.carrierCode,
          day: text("day"),
          readyAt: text("readyAt"),
          closesAt: text("closesAt"),
          stands: text("stands"),
          packages: Number(text("packages")),
          weight: text("weight"),
        });
      }}
    >
      <Field name="day" label="Day" type="date" start={view.day} />
      <Field name="readyAt" label="Ready at" type="time" start="14:00" />
      <Field name="closesAt" label="Until" type="time" start="17:00" />
      <Field name="stands" label="Where it stands" type="text" start="" wide />
      <Field name="packages" label="Packages" type="number" start={String(Math.max(1, all))} />
      <Field name="weight" label="Weight" type="text" start={all > 0 ? view.waitingWeight.text : ""} />
      <button type="submit" className="act border-2 font-bold" disabled={busy}>
        Ask <Key name="Enter" />
      </button>
      <button type="button" className="act" onClick={leave}>
        Cancel <Key name="Esc" />
      </button>
    </form>
  );
}

interface FieldProps {
  name: string;
  label: string;
  type: string;
  start: string;
  wide?: boolean;
}

function Field({ name, label, type, start, wide }: FieldProps) {
  return (
    <label className="flex flex-col">
      <span className="quiet text-sm">{label}</span>
      <input
        name={name}
        type={type}
        defaultValue={start}
        required={name !== "stands"}
        min={type === "number" ? 1 : undefined}
        maxLength={80}
        autoFocus={name === "day"}
        className={"entry " + (wide ? "w-40" : type === "number" ? "w-20" : "")}
      />
    </label>
  );
}
