import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useParams } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { statusWord, TERMS } from "../jobs/listWords";
import { useMay, useWho } from "../signin/who";
import { count, day, moment } from "../ui/format";
import { JobLink } from "../ui/JobLink";
import { Labeled } from "../ui/Labeled";
import { PLACE_KINDS, placeKindWords } from "../ui/placeKinds";
import { ProblemLine, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { lineOf, nameOf } from "./address";
import { PlaceField, type Proposal } from "./PlaceProposals";

type Place = Schemas["placebook.PlaceView"];

/** One place: what the shop knows of it, what the check says, what went there and what it cost. */
export function PlacePage() {
  const id = Number(useParams().id ?? "0");
  const place = useQuery({
    queryKey: ["places", "one", id],
    queryFn: () => answer(api.GET("/api/v1/places/{id}", { params: { path: { id } } })),
  });
  useTitle(place.data ? nameOf(place.data.address) : "Place");
  if (place.isPending) {
    return <Waiting what="The place" />;
  }
  if (place.isLoadingError) {
    return <Trouble error={place.error} again={() => void place.refetch()} />;
  }
  return <Whole key={`${id}-${place.data?.version}`} place={place.data as Place} />;
}

function Whole({ place }: { place: Place }) {
  const may = useMay();
  const zone = useWho().data?.timeZone ?? "UTC";
  const address = place.address;
  return (
    <div className="px-5 py-3">
      <h1>{nameOf(address)}</h1>
      <p className="text-lg">
        {address.company && address.person && `${address.person}, `}
        {lineOf(address)}
        {address.country !== "United States" && `, ${address.country}`}
      </p>
      <section aria-label="Address check" className="mt-2">
        {place.findings.length === 0 && (
          <p>
            <strong className="text-primary">The address check finds nothing.</strong>{" "}
            <span className="quiet">Last checked {moment(place.checkedAt, zone)}.</span>
          </p>
        )}
        {place.findings.map((each) => (
          <p
            key={each.reason}
            className={"border-l-4 pl-3 " + (each.stops ? "border-error" : "border-warning")}
          >
            {each.reason} <em>{each.remedy}</em>
          </p>
        ))}
        {place.outside && (
          <p className={place.outside.deliverable === "NO" ? "border-l-4 border-warning pl-3" : ""}>
            The address service: {place.outside.words}. {place.outside.said}{" "}
            <span className="quiet">{moment(place.outside.at, zone)}.</span>
          </p>
        )}
        {place.accepted && (
          <p className="quiet">
            {place.accepted.by} accepted it as written, {moment(place.accepted.at, zone)}.
          </p>
        )}
      </section>
      <div className="mt-3 grid gap-x-8 gap-y-4 lg:grid-cols-2">
        <Described place={place} mayEdit={may("BRING_IN")} />
        {may("BRING_IN") && <Merge place={place} />}
      </div>
      <History place={place} />
    </div>
  );
}

function Described({ place, mayEdit }: { place: Place; mayEdit: boolean }) {
  const queries = useQueryClient();
  const [kind, setKind] = useState<string>(place.saidKind ?? "");
  const [phone, setPhone] = useState(place.phone);
  const [note, setNote] = useState(place.note);
  const save = useMutation({
    mutationFn: () =>
      answer(
        api.PUT("/api/v1/places/{id}", {
          params: { path: { id: place.id } },
          body: {
            version: place.version,
            phone,
            note,
            ...(kind ? { kind: kind as Place["kind"] } : {}),
          },
        }),
      ),
    onSuccess: (now) => {
      queries.setQueryData(["places", "one", place.id], now);
      void queries.invalidateQueries();
    },
  });
  if (!mayEdit) {
    return (
      <section aria-label="What the shop knows of it">
        <h2>What the shop knows of it</h2>
        <p>
          A {placeKindWords(place.kind)} <span className="quiet">by {place.kindBy}</span>
        </p>
        <p className="figure">{place.phone}</p>
        <p>{place.note}</p>
      </section>
    );
  }
  return (
    <form
      aria-label="What the shop knows of it"
      className="space-y-2"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate();
      }}
    >
      <h2 className="border-b-2 border-base-content">What the shop knows of it</h2>
      <Labeled text={place.saidKind ? `It is a, said by ${place.kindBy}` : "It is a"}>
        <select className="entry" value={kind} onChange={(event) => setKind(event.target.value)}>
          <option value="">
            {place.saidKind
              ? "told from the address"
              : `${placeKindWords(place.kind)}, told by ${place.kindBy}`}
          </option>
          {PLACE_KINDS.map((each) => (
            <option key={each.kind} value={each.kind}>
              {each.words}
            </option>
          ))}
        </select>
      </Labeled>
      <Labeled text="Phone, where a job has none">
        <input
          className="entry"
          value={phone}
          maxLength={120}
          onChange={(event) => setPhone(event.target.value)}
        />
      </Labeled>
      <Labeled text="Note for the driver">
        <input
          className="entry"
          value={note}
          maxLength={500}
          onChange={(event) => setNote(event.target.value)}
        />
      </Labeled>
      <button type="submit" className="act" disabled={save.isPending}>
        Save
      </button>
      {save.isSuccess && <span role="status"> Saved; jobs that have not left follow.</span>}
      {save.isError && <ProblemLine error={save.error} />}
    </form>
  );
}

/** Another place turned out to be this one. */
function Merge({ place }: { place: Place }) {
  const queries = useQueryClient();
  const [other, setOther] = useState<Proposal | undefined>();
  const merge = useMutation({
    mutationFn: (id: number) =>
      answer(
        api.POST("/api/v1/places/{id}/merges", {
          params: { path: { id: place.id } },
          body: { other: id },
        }),
      ),
    onSuccess: (now) => {
      setOther(undefined);
      queries.setQueryData(["places", "one", place.id], now);
      void queries.invalidateQueries();
    },
  });
  return (
    <section aria-label="Merge">
      <h2 className="border-b-2 border-base-content">Another place that is this one</h2>
      <div className="mt-2 flex flex-col">
        <span className="quiet">Part of its name</span>
        <PlaceField key={other?.id ?? 0} name="other" start="" label="Part of its name" take={setOther} />
      </div>
      {other && other.id !== place.id && (
        <p className="mt-2 flex flex-wrap items-center gap-3">
          <span>
            <strong>{nameOf(other.address)}</strong>, {lineOf(other.address)}
          </span>
          <button
            type="button"
            className="act"
            autoFocus
            disabled={merge.isPending}
            onClick={() => merge.mutate(other.id)}
          >
            Merge it into this one
          </button>
          <span className="quiet">This cannot be undone: its jobs become jobs of this place.</span>
        </p>
      )}
      {other && other.id === place.id && <p className="quiet mt-2">That is this place itself.</p>}
      {merge.isError && <ProblemLine error={merge.error} />}
      {merge.isSuccess && <p role="status">Merged.</p>}
    </section>
  );
}

function History({ place }: { place: Place }) {
  return (
    <section className="mt-4" aria-label="What went there">
      <h2>
        {place.history.length === 0
          ? "No job goes there"
          : count(place.history.length, "job", "jobs") + " there"}
      </h2>
      {place.history.length > 0 && (
        <table className="timetable compact">
          <caption className="sr-only">Jobs that go or went there</caption>
          <thead>
            <tr>
              <th>Job</th>
              <th>Customer</th>
              <th>Status</th>
              <th>Promised</th>
              <th>Shipped</th>
              <th>Service</th>
              <th>Cartons</th>
              <th>Terms</th>
              <th className="!text-right">Carrier charged</th>
              <th className="!text-right">Customer paid</th>
            </tr>
          </thead>
          <tbody>
            {place.history.map((each) => (
              <tr key={each.job}>
                <td className="figure">
                  <JobLink job={each.job} />
                </td>
                <td>{each.customer}</td>
                <td>{statusWord(each.status)}</td>
                <td className="figure">{each.promised ? day(each.promised) : ""}</td>
                <td className="figure">{each.shipped ? day(each.shipped) : ""}</td>
                <td>{each.service}</td>
                <td className="figure">{each.cartons}</td>
                <td>{TERMS.find((term) => term.value === each.terms)?.word}</td>
                <td className="figure text-right">
                  {each.freight && `${each.freight.amount} ${each.freight.currency}`}
                </td>
                <td className="figure text-right">
                  {each.customerPays && `${each.customerPays.amount} ${each.customerPays.currency}`}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
