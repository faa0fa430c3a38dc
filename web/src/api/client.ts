import createClient from "openapi-fetch";
import { asProblem, isProblem, type Problem } from "./problem";
import type { components, paths } from "./schema";

export type Schemas = components["schemas"];

function csrfToken(): string {
  const cookie = document.cookie.split("; ").find((each) => each.startsWith("XSRF-TOKEN="));
  return cookie ? decodeURIComponent(cookie.slice("XSRF-TOKEN=".length)) : "";
}

/** The server's API, with the token it wants on everything that changes something. */
export const api = createClient<paths>({ baseUrl: "/" });

api.use({
  onRequest({ request }) {
    if (request.method !== "GET") {
      request.headers.set("X-XSRF-TOKEN", csrfToken());
    }
    return request;
  },
});

/** The answer of a call, or its problem thrown. */
export async function answer<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  const { data, error, response } = await call;
  if (!response.ok) {
    throw refusal(error, response.status);
  }
  return data as T;
}

function refusal(error: unknown, status: number): Problem {
  return isProblem(error) ? error : { ...asProblem(error), status };
}

/** Signs in with a form, as the server's sign-in wants it; a refusal is thrown. */
export async function signIn(name: string, password: string): Promise<void> {
  const response = await fetch("/api/v1/sign-in", {
    method: "POST",
    headers: { "X-XSRF-TOKEN": csrfToken() },
    body: new URLSearchParams({ username: name, password }),
  });
  if (!response.ok) {
    const said: unknown = await response.json().catch(() => undefined);
    throw asProblem(said);
  }
}

export async function signOut(): Promise<void> {
  await fetch("/api/v1/sign-out", { method: "POST", headers: { "X-XSRF-TOKEN": csrfToken() } });
}

/** Sends a file to where files of its kind are taken in. */
export async function sendFile<T>(path: string, file: File): Promise<T> {
  const body = new FormData();
  body.append("file", file);
  const response = await fetch(path, {
    method: "POST",
    headers: { "X-XSRF-TOKEN": csrfToken() },
    body,
  });
  const said: unknown = await response.json().catch(() => undefined);
  if (!response.ok) {
    throw refusal(said, response.status);
  }
  return said as T;
}
