/** A refusal of the server (RFC 9457): the thing, the reason and the remedy, in the words a person reads. */
export interface Problem {
  thing: string;
  detail: string;
  remedy: string;
  status: number;
}

export function isProblem(error: unknown): error is Problem {
  return (
    typeof error === "object" && error !== null && "thing" in error && "detail" in error && "remedy" in error
  );
}

/** Any failure as a problem, so that every screen can say it in the same way. */
export function asProblem(error: unknown): Problem {
  if (isProblem(error)) {
    return error;
  }
  return {
    thing: "The server",
    detail: "It does not answer.",
    remedy: "Check that it runs, then try again.",
    status: 0,
  };
}
