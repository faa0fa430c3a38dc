import { NavLink } from "react-router";

const TABS = [
  { to: "/partners", name: "What each demands" },
  { to: "/partners/notices", name: "Ship notices" },
];

/** The section's heading, and its parts. */
export function PartnerTabs() {
  return (
    <div className="flex items-baseline gap-6">
      <h1>Partners</h1>
      <nav aria-label="Partners" className="flex gap-4">
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
