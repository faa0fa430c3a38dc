import { Navigate, Route, Routes } from "react-router";
import { Bench } from "./bench/Bench";
import { BenchStart } from "./bench/BenchStart";
import { Departures } from "./departures/Departures";
import { Jobs } from "./jobs/Jobs";
import { Postings } from "./postings/Postings";
import { Rates } from "./rates/Rates";
import { SignIn } from "./signin/SignIn";
import { useWho } from "./signin/who";
import { Frame } from "./ui/Frame";
import { Trouble, Waiting } from "./ui/states";

export function App() {
  const who = useWho();
  if (who.isPending) {
    return <Waiting what="Nobrec" />;
  }
  if (who.isError) {
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
        <Route path="/bench" element={<BenchStart />} />
        <Route path="/bench/:job" element={<Bench />} />
        <Route path="/postings" element={<Postings timeZone={who.data.timeZone} />} />
        <Route path="/rates" element={<Rates />} />
        <Route path="*" element={<Navigate to="/departures" replace />} />
      </Routes>
    </Frame>
  );
}
