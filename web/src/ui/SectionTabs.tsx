import { NavLink } from "react-router";

/** A section's heading, and its parts. */
export function SectionTabs({ title, tabs }: { title: string; tabs: { to: string; name: string }[] }) {
  return (
    <div className="flex items-baseline gap-6">
      <h1>{title}</h1>
      <nav aria-label={title} className="flex gap-4">
        {tabs.map(({ to, name }) => (
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
