import { SectionTabs } from "../ui/SectionTabs";

const TABS = [
  { to: "/rules", name: "On each job" },
  { to: "/rules/events", name: "On events" },
];

export function RuleTabs() {
  return <SectionTabs title="House rules" tabs={TABS} />;
}
