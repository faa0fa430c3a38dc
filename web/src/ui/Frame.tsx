import { useQueryClient } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { NavLink, useNavigate } from "react-router";
import { type Schemas, signOut } from "../api/client";
import type { Permission } from "../signin/who";
import { Clock } from "./Clock";
import { Connection } from "./Connection";
import { FindField } from "./FindField";
import { Key } from "./Key";
import { KeyHelp } from "./KeyHelp";
import { useKeys } from "./keys";
import { changeTheme } from "./theme";

/** A section keeps its key, whoever is signed in and sees which of them. */
const SECTIONS: { path: string; name: string; key: string; needs?: Permission }[] = [
  { path: "/departures", name: "Departures", key: "Alt+1" },
  { path: "/jobs", name: "Jobs", key: "Alt+2" },
  { path: "/bench", name: "Bench", key: "Alt+3" },
  { path: "/postings", name: "Postings", key: "Alt+4", needs: "SEE_CHARGES" },
  { path: "/rates", name: "Rates", key: "Alt+5" },
];

/** What stands around every screen: the sections, the one field, the clock, who is signed in. */
export function Frame({ who, children }: { who: Schemas["WhoView"]; children: React.ReactNode }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [help, setHelp] = useState(false);
  const permissions = who.person?.permissions;
  const sections = useMemo(
    () => SECTIONS.filter(({ needs }) => !needs || permissions?.includes(needs)),
    [permissions],
  );

  useKeys(
    useMemo(
      () => [
        ...sections.map((section) => ({
          key: section.key,
          label: section.name,
          run: () => void navigate(section.path),
        })),
        { key: "?", label: "Keys that work here", run: () => setHelp((shown) => !shown) },
      ],
      [navigate, sections],
    ),
  );

  async function leave() {
    await signOut();
    queries.clear();
    window.location.assign("/");
  }

  return (
    <div className="flex h-screen flex-col">
      <header className="flex flex-wrap items-stretch gap-x-6 border-b-2 border-base-content px-5">
        <span className="self-center text-xl font-bold tracking-tight">Nobrec</span>
        <nav aria-label="Sections" className="flex">
          {sections.map((section) => (
            <NavLink
              key={section.path}
              to={section.path}
              className={({ isActive }) =>
                "flex items-center gap-2 border-b-4 px-3 pt-2 pb-1.5 " +
                (isActive ? "border-primary font-bold" : "border-transparent hover:border-base-300")
              }
            >
              {section.name} <Key name={section.key} />
            </NavLink>
          ))}
        </nav>
        <div className="ml-auto flex items-center gap-5">
          <FindField />
          <Clock now={who.now} timeZone={who.timeZone} demo={who.demo} />
        </div>
      </header>
      <Connection />
      <main className="min-h-0 flex-1 overflow-auto">{children}</main>
      <footer className="quiet flex items-center gap-4 border-t border-base-300 px-5 py-1 text-sm">
        <span>{who.person?.displayName}</span>
        <button type="button" className="underline" onClick={() => void leave()}>
          Sign out
        </button>
        <button type="button" className="underline" onClick={changeTheme}>
          Paper or evening
        </button>
        <button type="button" className="ml-auto flex items-center gap-2" onClick={() => setHelp(true)}>
          Keys <Key name="?" />
        </button>
      </footer>
      {help && <KeyHelp close={() => setHelp(false)} />}
    </div>
  );
}
