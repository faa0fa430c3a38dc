import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { answer, api } from "../api/client";
import { deskName, useDesk } from "../ui/desk";
import { Labeled } from "../ui/Labeled";
import { useSounds } from "../ui/sounds";
import { ProblemLine } from "../ui/states";

const CARDS = [
  { address: "/api/v1/scanner/act-card", name: "Card of acts" },
  { address: "/api/v1/scanner/carton-card", name: "Card of cartons" },
] as const;

/** What stands at this desk. It is kept in the browser, for whoever works here. */
export function ThisDesk() {
  const [desk, change] = useDesk();
  const name = deskName.use();
  const [sounds, changeSounds] = useSounds();
  const devices = useQuery({
    queryKey: ["devices"],
    queryFn: () => answer(api.GET("/api/v1/devices")),
  });
  const scales = devices.data?.filter((each) => each.kind === "SCALE") ?? [];
  const frames = devices.data?.filter((each) => each.kind === "FRAME") ?? [];
  return (
    <section aria-label="This desk" className="mt-6">
      <h2>This desk</h2>
      {devices.isError && <ProblemLine error={devices.error} />}
      <div className="mt-1 flex flex-wrap items-end gap-4">
        <Labeled text="Scale">
          <select
            className="entry"
            value={desk.scale ?? ""}
            onChange={(event) => change({ ...desk, scale: event.target.value || undefined })}
          >
            <option value="">the shop’s usual one</option>
            {scales.map((each) => (
              <option key={each.code} value={each.code}>
                {each.name}
              </option>
            ))}
          </select>
        </Labeled>
        <Labeled text="Measuring frame">
          <select
            className="entry"
            value={desk.frame ?? ""}
            onChange={(event) => change({ ...desk, frame: event.target.value || undefined })}
          >
            <option value="">none</option>
            {frames.map((each) => (
              <option key={each.code} value={each.code}>
                {each.name}
              </option>
            ))}
          </select>
        </Labeled>
        <Labeled text="Called">
          <input
            className="entry w-36"
            maxLength={60}
            placeholder="any desk"
            value={name}
            onChange={(event) => deskName.set(event.target.value)}
          />
        </Labeled>
        <Link to="/printers" className="act">
          Its printers
        </Link>
        <button type="button" className="act" aria-pressed={sounds} onClick={changeSounds}>
          {sounds ? "Sounds on" : "Sounds off"}
        </button>
        {CARDS.map((card) => (
          <a key={card.address} href={card.address} target="_blank" rel="noreferrer" className="act">
            {card.name}
          </a>
        ))}
      </div>
    </section>
  );
}
