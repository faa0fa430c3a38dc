import { NavLink } from "react-router";

const TABS = [
  { to: "/papers", name: "Slip designs" },
  { to: "/papers/stickers", name: "Sticker sheets" },
  { to: "/papers/abroad", name: "Abroad" },
];

/** The section's heading, and its parts. */
export function PaperTabs() {
  return (
    <div className="flex items-baseline gap-6">
      <h1>Papers</h1>
      <nav aria-label="Papers" className="flex gap-4">
        {TABS.map(({ to, name }) => (
          <NavLink
            key={to}
            to={to}
            end
            className={({ isActive }) => (isActive ? "border-b-2 border-primary font-bold" : "quiet")}
          >
            {name}
          </NavLink>
        ))}
      </nav>
    </div>
  );
}
