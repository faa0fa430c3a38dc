import { Navigate, Route, Routes, useParams } from "react-router";
import { NeedsAttention } from "./attention/NeedsAttention";
import { BenchSection } from "./bench/BenchSection";
import { Books } from "./books/Books";
import { Connections } from "./connections/Connections";
import { Customers } from "./customers/Customers";
import { CustomerSetUp } from "./customers/CustomerSetUp";
import { CustomsPage } from "./customs/CustomsPage";
import { ExportSetUp } from "./customs/ExportSetUp";
import { Departures } from "./departures/Departures";
import { EmailLook } from "./emails/EmailLook";
import { Emails } from "./emails/Emails";
import { EmailStops } from "./emails/EmailStops";
import { Asking } from "./enroute/Asking";
import { EnRoute } from "./enroute/EnRoute";
import { Handover } from "./handover/Handover";
import { HandoverPage } from "./handover/HandoverPage";
import { Items } from "./items/Items";

import { NewJob } from "./job/NewJob";
import { JobPage } from "./job/JobPage";
import { Jobs } from "./jobs/Jobs";
import { FileLayout } from "./layouts/FileLayout";
import { SavedLayout } from "./layouts/SavedLayout";
import { Papers } from "./papers/Papers";
import { Stickers } from "./papers/Stickers";
import { SlipDesignPage } from "./papers/SlipDesignPage";
import { Partners } from "./partners/Partners";
import { ShipNotices } from "./partners/ShipNotices";
import { PlacePage } from "./places/PlacePage";
import { Places } from "./places/Places";
import { Postings } from "./postings/Postings";
import { Printing } from "./printing/Printing";
import { Rates } from "./rates/Rates";
import { Returns } from "./returns/Returns";
import { RulePage } from "./rules/RulePage";
import { Rules } from "./rules/Rules";
import { StatusRules } from "./rules/StatusRules";
import { RunPage } from "./runs/RunPage";
import { Runs } from "./runs/Runs";
import { ScanToShip } from "./scan/ScanToShip";
import { SignIn } from "./signin/SignIn";
import { useWho } from "./signin/who";
import { SourcePage } from "./sources/SourcePage";
import { SourceSetUp } from "./sources/SourceSetUp";
import { Sources } from "./sources/Sources";
import { Frame } from "./ui/Frame";
import { benchOf } from "./ui/JobLink";
import { Wordbook } from "./wordbook/Wordbook";
import { Subscriptions } from "./writebacks/Subscriptions";
import { WriteBacks } from "./writebacks/WriteBacks";
import { Nowhere, Trouble, Waiting } from "./ui/states";

/** A bench's address as people type it. */
function TypedBench() {
  return <Navigate to={benchOf(useParams().job ?? "")} replace />;
}

export function App() {
  const who = useWho();
  if (who.isPending) {
    return <Waiting what="Nobrec" />;
  }
  if (who.isLoadingError) {
    return <Trouble error={who.error} again={() => void who.refetch()} />;
  }
  if (!who.data.signedIn) {
    return <SignIn demo={who.data.demo} />;
  }
  return (
    <Frame who={who.data}>
      <Routes>
        <Route path="/departures" element={<Departures />} />
        <Route path="/jobs" element={<Jobs />} />
        <Route path="/jobs/new" element={<NewJob />} />
        <Route path="/jobs/one" element={<JobPage />} />
        <Route path="/jobs/runs" element={<Runs timeZone={who.data.timeZone} />} />
        <Route path="/jobs/runs/one" element={<RunPage timeZone={who.data.timeZone} />} />
        <Route path="/jobs/returns" element={<Returns timeZone={who.data.timeZone} />} />
        <Route path="/jobs/customs" element={<CustomsPage />} />
        <Route path="/jobs/attention" element={<NeedsAttention />} />
        <Route path="/bench" element={<BenchSection />} />
        <Route path="/bench/:job" element={<TypedBench />} />
        <Route path="/bench/scan" element={<ScanToShip />} />
        <Route path="/handover" element={<Handover timeZone={who.data.timeZone} />} />
        <Route path="/handover/one" element={<HandoverPage timeZone={who.data.timeZone} />} />
        <Route path="/customers" element={<Customers timeZone={who.data.timeZone} />} />
        <Route path="/customers/set-up" element={<CustomerSetUp />} />
        <Route path="/emails" element={<Emails />} />
        <Route path="/emails/look" element={<EmailLook />} />
        <Route path="/emails/stops" element={<EmailStops timeZone={who.data.timeZone} />} />
        <Route path="/en-route" element={<EnRoute timeZone={who.data.timeZone} />} />
        <Route path="/en-route/asking" element={<Asking />} />
        <Route path="/postings" element={<Postings timeZone={who.data.timeZone} />} />
        <Route path="/rates" element={<Rates />} />
        <Route path="/sources" element={<Sources timeZone={who.data.timeZone} />} />
        <Route path="/sources/:code" element={<SourcePage />} />
        <Route path="/sources/:code/set-up" element={<SourceSetUp />} />
        <Route path="/jobs/files/:id" element={<FileLayout />} />
        <Route path="/sources/layouts/:id" element={<SavedLayout />} />
        <Route path="/sources/wordbook" element={<Wordbook />} />
        <Route path="/places" element={<Places />} />
        <Route path="/places/:id" element={<PlacePage />} />
        <Route path="/items" element={<Items />} />
        <Route path="/rules" element={<Rules />} />
        <Route path="/rules/events" element={<StatusRules />} />
        <Route path="/rules/:id" element={<RulePage />} />
        <Route path="/papers" element={<Papers />} />
        <Route path="/papers/stickers" element={<Stickers />} />
        <Route path="/papers/slip-design" element={<SlipDesignPage copy={false} />} />
        <Route path="/papers/new-slip-design" element={<SlipDesignPage copy />} />
        <Route path="/papers/abroad" element={<ExportSetUp />} />
        <Route path="/printers" element={<Printing />} />
        <Route path="/partners" element={<Partners />} />
        <Route path="/partners/notices" element={<ShipNotices timeZone={who.data.timeZone} />} />
        <Route path="/books" element={<Books />} />
        <Route path="/write-backs" element={<WriteBacks />} />
        <Route path="/write-backs/events" element={<Subscriptions timeZone={who.data.timeZone} />} />
        <Route path="/connections" element={<Connections />} />
        <Route path="/" element={<Navigate to="/departures" replace />} />
        <Route path="*" element={<Nowhere />} />
      </Routes>
    </Frame>
  );
}
