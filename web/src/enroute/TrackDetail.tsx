import { useState } from "react";
import { Link } from "react-router";
import { answer, api } from "../api/client";
import { WriteEmail } from "../emails/WriteEmail";
import { useMay } from "../signin/who";
import { day, moment } from "../ui/format";
import { pageOf } from "../ui/JobLink";
import { Labeled } from "../ui/Labeled";
import { ProblemLine } from "../ui/states";
import { type NoteKind, type Track, useTrackAct } from "./enRouteData";
import { localTime, offset } from "./localTime";

/** All that is known of a package, and what somebody can do about it. */
export function TrackDetail({ track, timeZone }: { track: Track; timeZone: string }) {
  const may = useMay();
  return (
    <div className="grid gap-x-8 gap-y-3 border-l-4 border-primary py-2 pl-4 lg:grid-cols-[minmax(0,1.3fr)_minmax(0,1fr)]">
      <Events track={track} timeZone={timeZone} />
      <div className="space-y-3">
        <p>
          {track.forecast && `Expected ${day(track.forecast)}. `}
          {track.forecastReason}{" "}
          {track.onTime && (
            <span className="quiet">
              {track.service}: {track.onTime}.
            </span>
          )}
        </p>
        <Notes track={track} timeZone={timeZone} />
        {may("BRING_IN") && (
          <>
            <Acts key={track.notes.length} track={track} />
            <WriteEmail jobs={[track.job]} />
          </>
        )}
      </div>
    </div>
  );
}

function Events({ track, timeZone }: { track: Track; timeZone: string }) {
  return (
    <div>
      <h2>What {track.carrier} has said</h2>
      {track.events.length === 0 ? (
        <p className="quiet">Nothing so far. It is asked once the package is in its hands.</p>
      ) : (
        <table className="timetable">
          <tbody>
            {[...track.events].reverse().map((each) => (
              <tr key={each.at + each.kind}>
                <td className="figure">
                  {localTime(each.at)} <span className="quiet">{offset(each.at)}</span>
                </td>
                <td className={each.trouble ? "font-bold text-error" : ""}>
                  {each.text || each.words}
                  {each.trouble && each.text && <span className="quiet font-normal"> ({each.words})</span>}
                </td>
                <td>{each.place}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <p className="quiet mt-1 text-sm">
        {track.askedAt && `Asked ${moment(track.askedAt, timeZone)}. `}
        {track.askAt ? `Asked next ${moment(track.askAt, timeZone)}.` : "It is asked no more."}
        {track.fault && <span className="text-error"> {track.fault}</span>}
      </p>
    </div>
  );
}

function Notes({ track, timeZone }: { track: Track; timeZone: string }) {
  return (
    <>
      {track.notes.map((each) => (
        <p key={each.madeAt + each.kind}>
          <strong>{each.madeBy}</strong> {each.words}
          {each.amount && (
            <span className="figure">
              {" "}
              {each.amount.amount} {each.amount.currency}
            </span>
          )}
          : {each.text} <span className="quiet">{moment(each.madeAt, timeZone)}</span>
        </p>
      ))}
    </>
  );
}

const ACTS: { kind: NoteKind; name: string; placeholder: string }[] = [
  { kind: "CALL", name: "Called", placeholder: "who said what" },
  { kind: "CLAIM", name: "Claimed", placeholder: "what was lost or broken" },
  { kind: "CLOSED", name: "Needs nothing more", placeholder: "why" },
];

function Acts({ track }: { track: Track }) {
  const [kind, setKind] = useState<NoteKind>("CALL");
  const [text, setText] = useState("");
  const [amount, setAmount] = useState("");
  const path = { params: { path: { id: track.id } } };
  const note = useTrackAct(() =>
    answer(
      api.POST("/api/v1/en-route/packages/{id}/notes", {
        ...path,
        body: { kind, text, amount: kind === "CLAIM" ? amount : undefined },
      }),
    ),
  );
  const ask = useTrackAct(() => answer(api.POST("/api/v1/en-route/packages/{id}/question", path)));
  return (
    <form
      className="space-y-2"
      onSubmit={(event) => {
        event.preventDefault();
        note.mutate(undefined);
      }}
    >
      <div role="group" aria-label="What was done" className="flex flex-wrap gap-4">
        {ACTS.filter((each) => each.kind !== "CLOSED" || !track.closedBy).map((each) => (
          <label key={each.kind} className="flex items-center gap-1.5">
            <input
              type="radio"
              name={"act" + track.id}
              checked={kind === each.kind}
              onChange={() => setKind(each.kind)}
            />
            {each.name}
          </label>
        ))}
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <Labeled text="In words">
          <input
            className="entry w-64"
            required
            maxLength={1000}
            placeholder={ACTS.find((each) => each.kind === kind)?.placeholder}
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
        </Labeled>
        {kind === "CLAIM" && (
          <Labeled text="Amount claimed">
            <input
              className="entry figure w-28"
              maxLength={40}
              value={amount}
              onChange={(event) => setAmount(event.target.value)}
            />
          </Labeled>
        )}
        <button type="submit" className="act" disabled={note.isPending || text.trim() === ""}>
          Write it down
        </button>
      </div>
      {note.isError && <ProblemLine error={note.error} />}
      {ask.isError && <ProblemLine error={ask.error} />}
      <div className="flex flex-wrap items-center gap-4">
        {track.askAt && (
          <button
            type="button"
            className="act"
            disabled={ask.isPending}
            onClick={() => ask.mutate(undefined)}
          >
            Ask {track.carrier} now
          </button>
        )}
        <Link className="link" to={pageOf(track.job)}>
          Job {track.job}: replace what is lost, ask for a return
        </Link>
      </div>
      {ask.isSuccess && <p role="status">It is asked within a few seconds.</p>}
    </form>
  );
}
