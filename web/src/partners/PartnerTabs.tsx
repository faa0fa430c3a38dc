import { SectionTabs } from "../ui/SectionTabs";

const TABS = [
  { to: "/partners", name: "What each demands" },
  { to: "/partners/notices", name: "Ship notices" },
];

export function PartnerTabs() {
  return <SectionTabs title="Partners" tabs={TABS} />;
}
