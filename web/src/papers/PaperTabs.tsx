import { SectionTabs } from "../ui/SectionTabs";

const TABS = [
  { to: "/papers", name: "Slip designs" },
  { to: "/papers/stickers", name: "Sticker sheets" },
  { to: "/papers/abroad", name: "Abroad" },
];

export function PaperTabs() {
  return <SectionTabs title="Papers" tabs={TABS} />;
}
