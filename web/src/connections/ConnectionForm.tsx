import { Labeled } from "../ui/Labeled";
import { type FormEvent, useEffect, useMemo, useRef } from "react";
import { isProblem } from "../api/problem";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { ProblemLine } from "../ui/states";
import type { ConnectionChange, ConnectionData } from "./Connections";

const CONFLICT = 409;

interface Props {
  connection: ConnectionData;
  busy: boolean;
  error: unknown;
  keep: (change: ConnectionChange) => void;
  close: () => void;
}

/** One connection, changed in place. */
export function ConnectionForm({ connection, busy, error, keep, close }: Props) {
  const first = useRef<HTMLInputElement>(null);
  // A refusal that somebody who knows better may set aside: the same again counts.
  const doubted = isProblem(error) && error.status === CONFLICT;
  useEffect(() => first.current?.focus(), []);
  useKeys(
    useMemo(
      () => [{ key: "Escape", label: "Close without a change", whileTyping: true, run: close }],
      [close],
    ),
  );
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const text = (name: string) => String(form.get(name) ?? "");
    keep({
      address: text("address"),
      timeLimitMillis: Number(text("timeLimitMillis")),
      userName: text("userName"),
      ...(text("secret") ? { secret: text("secret") } : {}),
      ...(doubted ? { sure: true } : {}),
    });
  };
  return (
    <form aria-label={connection.name} className="space-y-2 py-2" onSubmit={submit}>
      <div className="flex flex-wrap items-end gap-4">
        <Labeled text="Address">
          <input
            ref={first}
            name="address"
            required
            maxLength={500}
            defaultValue={connection.address}
            className="entry w-96 font-mono"
          />
        </Labeled>
        <Labeled text="Time limit, ms">
          <input
            name="timeLimitMillis"
            type="number"
            required
            min={200}
            max={30000}
            defaultValue={connection.timeLimitMillis}
            className="entry w-28 font-mono"
          />
        </Labeled>
        <Labeled text="User name, none for a token">
          <input
            name="userName"
            maxLength={120}
            autoComplete="off"
            defaultValue={connection.userName}
            className="entry w-44"
          />
        </Labeled>
        <Labeled text={connection.hasSecret ? "New password or token" : "Password or token"}>
          <input
            name="secret"
            type="password"
            maxLength={500}
            autoComplete="new-password"
            placeholder={connection.hasSecret ? "the kept one stays" : "none"}
            className="entry w-52"
          />
        </Labeled>
        <button type="submit" className="act" disabled={busy}>
          {doubted ? "Save all the same" : "Save"} <Key name="Enter" />
        </button>
        <button type="button" className="act" onClick={close}>
          Close <Key name="Esc" />
        </button>
      </div>
      {error !== null && <ProblemLine error={error} />}
    </form>
  );
}
