import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useEffect, useMemo, useRef } from "react";
import { useNavigate } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { Labeled } from "../ui/Labeled";
import { Key } from "../ui/Key";
import { useKeys } from "../ui/keys";
import { ProblemLine } from "../ui/states";

interface Props {
  kinds: Schemas["source.SourceKind"][];
  close: () => void;
}

/** Connects a record system: name, address, key. */
export function ConnectForm({ kinds, close }: Props) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const first = useRef<HTMLInputElement>(null);
  useEffect(() => first.current?.focus(), []);
  useKeys(
    useMemo(() => [{ key: "Escape", label: "Close the form", whileTyping: true, run: close }], [close]),
  );
  const connect = useMutation({
    mutationFn: (body: Schemas["source.NewSourceView"]) => answer(api.POST("/api/v1/sources", { body })),
    onSuccess: async ({ code }) => {
      await queries.invalidateQueries({ queryKey: ["sources"] });
      await navigate(`/sources/${code}?test=1`);
    },
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const text = (name: string) => String(form.get(name) ?? "");
    connect.mutate({
      name: text("name"),
      adapter: text("adapter"),
      address: text("address"),
      userName: text("userName"),
      secret: text("secret"),
    });
  };
  return (
    <form
      aria-label="Connect a system"
      className="mt-2 space-y-2 border-y border-base-300 py-2"
      onSubmit={submit}
    >
      <div className="flex flex-wrap items-end gap-3">
        <Labeled text="Name">
          <input ref={first} name="name" required maxLength={60} className="entry w-44" />
        </Labeled>
        <Labeled text="Kind">
          <select name="adapter" className="entry">
            {kinds.map((kind) => (
              <option key={kind.adapter} value={kind.adapter}>
                {kind.label}
              </option>
            ))}
          </select>
        </Labeled>
        <Labeled text="Address">
          <input
            name="address"
            required
            maxLength={500}
            placeholder="https:// or jdbc:mariadb://host/database"
            className="entry w-80 font-mono"
          />
        </Labeled>
        <Labeled text="User name, none for a token">
          <input name="userName" maxLength={120} autoComplete="off" className="entry w-44" />
        </Labeled>
        <Labeled text="Key or password">
          <input
            name="secret"
            type="password"
            maxLength={500}
            autoComplete="new-password"
            className="entry w-44"
          />
        </Labeled>
        <button type="submit" className="act bg-primary text-primary-content" disabled={connect.isPending}>
          Connect and test <Key name="Enter" />
        </button>
        <button type="button" className="act" onClick={close}>
          Close <Key name="Esc" />
        </button>
      </div>
      {connect.isError && <ProblemLine error={connect.error} />}
    </form>
  );
}
