import { SectionTabs } from "../ui/SectionTabs";

const TABS = [
  { to: "/write-backs", name: "Systems that are told" },
  { to: "/write-backs/events", name: "Events for others" },
];

export function WriteBackTabs() {
  return <SectionTabs title="Write-backs" tabs={TABS} />;
}
