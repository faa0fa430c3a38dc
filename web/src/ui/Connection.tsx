import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { answer, api } from "../api/client";
import { asProblem } from "../api/problem";

const ASK_AGAIN_MS = 3_000;
const BAD_GATEWAY = 502;

/** Whether what failed is the connection, and not what was asked for. */
function isAway(error: unknown): boolean {
  const { status } = asProblem(error);
  return status === 0 || status >= BAD_GATEWAY;
}

/**
 * While the server or its database does not answer, says so in one line above the screen, which keeps what it showed, and
 * asks again until it answers; then everything that is shown is brought up to date. Nothing is sent by itself.
 */
export function Connection() {
  const queries = useQueryClient();
  const [lost, setLost] = useState<{ thing: string; detail: string }>();

  useEffect(
    () =>
      queries.getQueryCache().subscribe((event) => {
        if (event.type === "updated" && event.action.type === "error" && isAway(event.action.error)) {
          setLost(asProblem(event.action.error));
        }
      }),
    [queries],
  );

  useEffect(() => {
    if (!lost) {
      return undefined;
    }
    const timer = setInterval(() => {
      void answer(api.GET("/api/v1/who")).then(
        () => {
          setLost(undefined);
          void queries.invalidateQueries();
        },
        (error: unknown) => setLost(asProblem(error)),
      );
    }, ASK_AGAIN_MS);
    return () => clearInterval(timer);
  }, [lost, queries]);

  return (
    <div role="status" aria-live="polite">
      {lost && (
        <p className="border-b-2 border-warning px-5 py-1">
          <strong className="text-warning">No connection.</strong> {lost.thing}: {lost.detail} What you see is
          as it was last; nothing you do now is sent later by itself. It comes back by itself.
        </p>
      )}
    </div>
  );
}
