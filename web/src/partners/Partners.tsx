import { useState } from "react";
import { useMay } from "../signin/who";
import { Empty, Trouble, Waiting } from "../ui/states";
import { useTitle } from "../ui/useTitle";
import { OurNumbers } from "./OurNumbers";
import { PartnerForm } from "./PartnerForm";
import { PartnerTabs } from "./PartnerTabs";
import { NEW_PARTNER, type PartnersView, type PartnerView, usePartners } from "./usePartners";

const NEW = "";

/** Customers that demand labels and notices: what each gets, and by which numbers they know the shop. */
export function Partners() {
  useTitle("Partners");
  const partners = usePartners();
  if (partners.isPending) {
    return <Waiting what="The partners" />;
  }
  if (partners.isLoadingError) {
    return <Trouble error={partners.error} again={() => void partners.refetch()} />;
  }
  return (
    <div className="px-5 py-3">
      <PartnerTabs />
      <Both view={partners.data} />
    </div>
  );
}

function Both({ view }: { view: PartnersView }) {
  const may = useMay();
  const [chosen, setChosen] = useState<string | undefined>(view.partners[0]?.code);
  const shown = view.partners.find((each) => each.code === chosen);
  return (
    <div className="mt-3 grid gap-x-10 gap-y-5 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.25fr)]">
      <div className="space-y-5">
        <PartnerTable view={view} chosen={chosen} choose={setChosen} />
        {may("SET_UP") && (
          <button type="button" className="act" onClick={() => setChosen(NEW)}>
            A new partner
          </button>
        )}
        <OurNumbers key={view.numbers.version} view={view} />
      </div>
      {shown && (
        <PartnerForm
          key={shown.code + shown.partner.version}
          view={view}
          code={shown.code}
          entry={shown.partner}
          hasSecret={shown.hasSecret}
          done={() => undefined}
        />
      )}
      {chosen === NEW && (
        <PartnerForm
          key="new"
          view={view}
          code={undefined}
          entry={NEW_PARTNER}
          hasSecret={false}
          done={(after) => {
            const known = new Set(view.partners.map((each) => each.code));
            setChosen(after.partners.find((each) => !known.has(each.code))?.code);
          }}
        />
      )}
    </div>
  );
}

interface TableProps {
  view: PartnersView;
  chosen: string | undefined;
  choose: (code: string) => void;
}

function PartnerTable({ view, chosen, choose }: TableProps) {
  if (view.partners.length === 0) {
    return (
      <Empty>
        No partner yet. A customer that wants a label of its own on each package, or to be told what is in
        which package, is set up here.
      </Empty>
    );
  }
  return (
    <table className="timetable compact">
      <thead>
        <tr>
          <th>Partner</th>
          <th>Gets</th>
          <th>How</th>
        </tr>
      </thead>
      <tbody>
        {view.partners.map((each) => (
          <tr key={each.code} className={each.code === chosen ? "at" : ""}>
            <td>
              <button
                type="button"
                className="link text-left font-bold"
                aria-pressed={each.code === chosen}
                onClick={() => choose(each.code)}
              >
                {each.partner.name}
              </button>
              {!each.partner.active && <span className="quiet block">does not count now</span>}
            </td>
            <td>{gets(each, view)}</td>
            <td>{each.partner.form === "NONE" ? "" : each.wayInWords}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function gets({ partner }: PartnerView, view: PartnersView): string {
  const form = view.forms.find((each) => each.value === partner.form)?.words ?? "";
  const parts = [partner.label && "logistics label", partner.form !== "NONE" && form].filter(
    (part) => part !== false,
  );
  return parts.join(", ") + (partner.test && partner.form === "X12" ? " (test)" : "");
}
