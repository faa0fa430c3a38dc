import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Fragment, useCallback, useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { Key } from "../ui/Key";
import { Empty, Trouble, Waiting } from "../ui/states";
import { useCursor } from "../ui/useCursor";
import { useTitle } from "../ui/useTitle";
import { ConnectionForm } from "./ConnectionForm";

export type ConnectionData = Schemas["connection.ConnectionView"];
export type ConnectionChange = Schemas["connection.ConnectionChange"];

/** Systems and devices outside: where each is, how long it may take, and how we sign in to it. */
export function Connections() {
  useTitle("Connections");
  const list = useQuery({
    queryKey: ["connections"],
    queryFn: () => answer(api.GET("/api/v1/connections")),
  });
  if (list.isPending) {
    return <Waiting what="The connections" />;
  }
  if (list.isLoadingError) {
    return <Trouble error={list.error} again={() => void list.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <div className="flex items-center gap-5">
        <h1>Connections</h1>
        <span className="quiet">Passwords and tokens are kept encrypted and are never shown again.</span>
        <span className="quiet ml-auto flex items-center gap-1">
          <Key name="↑" /> <Key name="↓" /> choose <Key name="Enter" /> change
        </span>
      </div>
      {list.data.rows.length === 0 ? (
        <div className="mt-3">
          <Empty>Carriers, books, order desk and scale will appear here once they are set up.</Empty>
        </div>
      ) : (
        <ConnectionTable rows={list.data.rows} />
      )}
    </div>
  );
}

function ConnectionTable({ rows }: { rows: ConnectionData[] }) {
  const queries = useQueryClient();
  const [opened, setOpened] = useState<string>();
  const open = useCallback((index: number) => setOpened(rows[index]?.code), [rows]);
  const [at, setAt] = useCursor(rows.length, open);
  const change = useMutation({
    mutationFn: ({ code, body }: { code: string; body: ConnectionChange }) =>
      answer(api.PUT("/api/v1/connections/{code}", { params: { path: { code } }, body })),
    onSuccess: (list) => {
      queries.setQueryData(["connections"], list);
      setOpened(undefined);
    },
  });
  const { reset } = change;
  const close = useCallback(() => {
    reset();
    setOpened(undefined);
  }, [reset]);
  return (
    <table className="timetable mt-2">
      <thead>
        <tr>
          <th>Connection</th>
          <th>Address</th>
          <th>Time limit</th>
          <th>Signs in as</th>
          <th>Adapter</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row, index) => (
          <Fragment key={row.code}>
            <tr
              className={index === at ? "at" : ""}
              onClick={() => setAt(index)}
              onDoubleClick={() => open(index)}
            >
              <td className="font-bold">
                <button
                  type="button"
                  className="text-left font-bold"
                  aria-expanded={opened === row.code}
                  onClick={() => setOpened(opened === row.code ? undefined : row.code)}
                >
                  {row.name}
                </button>
              </td>
              <td className="figure break-all">
                {row.address}
                {row.leftAlone && (
                  <span className="text-error"> · did not answer lately, not called for a moment</span>
                )}
              </td>
              <td className="figure whitespace-nowrap">{row.timeLimitMillis} ms</td>
              <td>
                <SignedIn row={row} />
              </td>
              <td className="quiet whitespace-nowrap">{row.adapter}</td>
            </tr>
            {opened === row.code && (
              <tr>
                <td colSpan={5}>
                  <ConnectionForm
                    connection={row}
                    busy={change.isPending}
                    error={change.error}
                    keep={(body) => change.mutate({ code: row.code, body })}
                    close={close}
                  />
                </td>
              </tr>
            )}
          </Fragment>
        ))}
      </tbody>
    </table>
  );
}

function SignedIn({ row }: { row: ConnectionData }) {
  if (!row.hasSecret) {
    return <span className="quiet">no sign-in</span>;
  }
  return row.userName ? <>{row.userName}</> : <>a token</>;
}
