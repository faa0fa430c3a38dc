import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo, useRef, useState } from "react";
import { NavLink, useLocation, useNavigate } from "react-router";
import { type Schemas, signOut } from "../api/client";
import { giveBadgeBack, printBadge } from "./badge";
import { Clock } from "./Clock";
import { Connection } from "./Connection";
import { FindField } from "./FindField";
import { KeyHelp } from "./KeyHelp";
import { useKeys } from "./keys";
import { SECTIONS } from "./sections";
import { changeTheme } from "./theme";
import { Unshown } from "./Unshown";

/** So many sections stand in one line with the field and the clock on a tablet. */
const ONE_LINE = 5;

/** So many fill the line of a usual screen as well. */
const FULL_LINE = 12;

function wrapping(sections: number): string {
  if (sections > FULL_LINE) {
    return "max-[1400px]:flex-wrap";
  }
  return sections > ONE_LINE ? "max-[1279px]:flex-wrap" : "";
}

/** What stands around every screen: the sections, the one field, the clock, who is signed in. */
export function Frame({ who, children }: { who: Schemas["account.WhoView"]; children: React.ReactNode }) {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const [help, setHelp] = useState(false);
  const main = useRef<HTMLElement>(null);
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
          group: "Anywhere",
          run: () => void navigate(section.path),
        })),
        {
          key: "?",
          label: "All keys that work here",
          group: "Anywhere",
          run: () => setHelp((shown) => !shown),
        },
      ],
      [navigate, sections],
    ),
  );

  // Another section: the next key belongs to it, not to the link that led here; where it has a field for it, to that.
  useEffect(() => {
    if (!main.current?.contains(document.activeElement)) {
      main.current?.focus({ preventScroll: true });
    }
  }, [pathname]);

  return (
    <div className="flex h-screen flex-col">
      <a href="#content" className="skip">
        Skip to content
      </a>
      <header
        className={
          "flex items-stretch gap-x-4 border-b-2 border-base-content px-5 max-[1400px]:gap-x-2.5 max-[900px]:gap-x-2 max-[900px]:px-3 " +
          wrapping(sections.length)
        }
      >
        <span className="self-center text-xl font-bold tracking-tight">Nobrec</span>
        <nav aria-label="Sections" className="flex max-[900px]:flex-wrap">
          {sections.map((section) => (
            <NavLink
              key={section.path}
              to={section.path}
              title={section.key}
              className={({ isActive }) =>
                "flex items-center border-b-4 px-2.5 pt-2 pb-1.5 max-[1400px]:px-1 " +
                (isActive ? "border-primary font-bold" : "border-transparent hover:border-base-300")
              }
            >
              {section.name}
            </NavLink>
          ))}
        </nav>
        <div className="ml-auto flex min-w-0 items-center gap-4 max-[1400px]:gap-2.5">
          <FindField />
          <Clock now={who.now} timeZone={who.timeZone} demo={who.demo} />
          <Person name={who.person?.displayName ?? ""} desk={who.desk} showKeys={() => setHelp(true)} />
        </div>
      </header>
      <Connection />
      <main
        id="content"
        ref={main}
        tabIndex={-1}
        className="relative min-h-0 flex-1 overflow-auto outline-none"
      >
        <Unshown place={pathname}>{children}</Unshown>
      </main>
      {help && <KeyHelp close={() => setHelp(false)} />}
    </div>
  );
}

/** Who is signed in, and what is hers: the look, the keys, signing out. */
function Person({
  name,
  desk,
  showKeys,
}: {
  name: string;
  /** Who has signed in here, while somebody else's badge counts. */
  desk: string | undefined;
  showKeys: () => void;
}) {
  const queries = useQueryClient();
  const menu = useRef<HTMLDetailsElement>(null);
  async function leave() {
    await signOut();
    queries.clear();
    window.location.assign("/");
  }
  function choose(act: () => void) {
    menu.current?.removeAttribute("open");
    act();
  }
  return (
    <details ref={menu} className="relative">
      <summary className="act list-none">
        {name.split(" ")[0]}
        {desk && <span className="quiet text-sm">at {desk.split(" ")[0]}’s desk</span>}
      </summary>
      <div className="absolute top-full right-0 z-20 mt-1 flex min-w-44 flex-col border border-base-content bg-base-100">
        <span className="quiet px-3 py-1.5">{name}</span>
        {desk ? (
          <button
            type="button"
            className="menu-line"
            onClick={() => choose(() => void giveBadgeBack().then(() => queries.invalidateQueries()))}
          >
            {desk} acts again
          </button>
        ) : (
          <button type="button" className="menu-line" onClick={() => choose(() => void printBadge())}>
            Print my badge
          </button>
        )}
        <button type="button" className="menu-line" onClick={() => choose(changeTheme)}>
          Light / dark
        </button>
        <button type="button" className="menu-line" onClick={() => choose(showKeys)}>
          Keys and scanner
        </button>
        <button type="button" className="menu-line" onClick={() => void leave()}>
          Sign out
        </button>
      </div>
    </details>
  );
}
