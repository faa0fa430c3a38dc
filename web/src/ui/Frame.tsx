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
import { Key } from "./Key";
import { type Section, SECTIONS } from "./sections";
import { changeTheme } from "./theme";
import { Unshown } from "./Unshown";

/** Who sees so few of them has room for them in one line on a tablet. */
const ONE_LINE = 5;

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
          (sections.length > ONE_LINE ? "max-[1100px]:flex-wrap" : "")
        }
      >
        <span className="self-center text-xl font-bold tracking-tight">Nobrec</span>
        <nav aria-label="Sections" className="flex max-[900px]:flex-wrap">
          {sections
            .filter((section) => !section.setUp)
            .map((section) => (
              <NavLink key={section.path} to={section.path} title={section.key} className={tab}>
                {section.name}
              </NavLink>
            ))}
          <SetUpMenu sections={sections.filter((section) => section.setUp)} pathname={pathname} />
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

function tab({ isActive }: { isActive: boolean }): string {
  return (
    "flex items-center border-b-4 px-2.5 pt-2 pb-1.5 whitespace-nowrap max-[1400px]:px-1.5 " +
    (isActive ? "border-primary font-bold" : "border-transparent hover:border-base-300")
  );
}

/** The sections in which the shop is set up; the one that is open stands in its place. */
function SetUpMenu({ sections, pathname }: { sections: Section[]; pathname: string }) {
  const menu = useRef<HTMLDetailsElement>(null);
  const open = sections.find((section) => pathname.startsWith(section.path));
  useEffect(() => menu.current?.removeAttribute("open"), [pathname]);
  useLeaving(menu);
  if (sections.length === 0) {
    return null;
  }
  return (
    <details ref={menu} className="relative flex">
      <summary className={"cursor-pointer list-none " + tab({ isActive: open !== undefined })}>
        <span className="max-w-48 overflow-hidden text-ellipsis max-[1400px]:max-w-36">
          Setup{open && `: ${open.name}`}
        </span>
        <span aria-hidden className="pl-1">
          ▾
        </span>
      </summary>
      <div className="absolute top-full left-0 z-20 flex min-w-44 flex-col border border-base-content bg-base-100">
        {sections.map((section) => (
          <NavLink
            key={section.path}
            to={section.path}
            className={({ isActive }) =>
              "menu-line flex items-center justify-between gap-6 " + (isActive ? "font-bold" : "")
            }
          >
            {section.name} <Key name={section.key.toUpperCase().replace("ALT", "Alt")} />
          </NavLink>
        ))}
      </div>
    </details>
  );
}

/** A menu closes when somebody clicks elsewhere or presses Escape. */
function useLeaving(menu: React.RefObject<HTMLDetailsElement | null>) {
  useEffect(() => {
    const leave = (event: Event) => {
      const elsewhere = !(event.target instanceof Node) || !menu.current?.contains(event.target);
      if (elsewhere || (event instanceof KeyboardEvent && event.key === "Escape")) {
        menu.current?.removeAttribute("open");
      }
    };
    document.addEventListener("click", leave);
    document.addEventListener("keydown", leave);
    return () => {
      document.removeEventListener("click", leave);
      document.removeEventListener("keydown", leave);
    };
  }, [menu]);
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
  useLeaving(menu);
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
    <details ref={menu} className="relative shrink-0">
      <summary className="act list-none">
        <span className="max-w-24 overflow-hidden text-ellipsis whitespace-nowrap">{name.split(" ")[0]}</span>
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
