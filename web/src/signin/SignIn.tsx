import { useTitle } from "../ui/useTitle";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { signIn } from "../api/client";
import { asProblem } from "../api/problem";

/** The door. */
export function SignIn({ demo }: { demo: boolean }) {
  useTitle("Sign in");
  const queries = useQueryClient();
  const [refused, setRefused] = useState("");
  const [busy, setBusy] = useState(false);

  async function enter(form: FormData) {
    setBusy(true);
    setRefused("");
    try {
      await signIn(String(form.get("name")).trim(), String(form.get("password")));
      await queries.invalidateQueries({ queryKey: ["who"] });
      return;
    } catch (error) {
      const problem = asProblem(error);
      setRefused(`${problem.thing}: ${problem.detail} ${problem.remedy}`);
    }
    setBusy(false);
  }

  return (
    <main className="mx-auto flex min-h-screen max-w-md flex-col justify-center p-6">
      <h1 className="text-4xl">Nobrec</h1>
      <p className="quiet mt-1 mb-6 border-b-2 border-base-content pb-4">The shipping desk.</p>
      <form
        className="space-y-4"
        onSubmit={(event) => {
          event.preventDefault();
          void enter(new FormData(event.currentTarget));
        }}
      >
        <label className="block">
          Name
          <input
            name="name"
            required
            autoFocus
            autoComplete="username"
            className="entry block w-full text-lg"
          />
        </label>
        <label className="block">
          Password
          <input
            name="password"
            type="password"
            required
            autoComplete="current-password"
            className="entry block w-full text-lg"
          />
        </label>
        <p role="alert" className="text-error">
          {refused}
        </p>
        <button type="submit" disabled={busy} className="btn btn-primary w-full text-lg">
          Sign in
        </button>
      </form>
      {demo && (
        <p className="quiet mt-6">
          This is the demonstration: the coordinator is <span className="figure">ines</span>; the terminal
          that started Nobrec shows the password.
        </p>
      )}
    </main>
  );
}
