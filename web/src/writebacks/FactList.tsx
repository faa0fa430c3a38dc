import type { Fact } from "./writeBackData";

const SCOPES = { SHIPMENT: "Of the shipment", PACKAGE: "Of each package", LINE: "Of each line" } as const;

/** What can be asked for; one that is chosen goes where somebody wrote last. */
export function FactList({ facts, choose }: { facts: Fact[]; choose: (text: string) => void }) {
  return (
    <details>
      <summary className="cursor-pointer font-bold">What can be written, {facts.length} facts</summary>
      <p className="quiet mt-1">
        <span className="figure">{"{origin number or job}"}</span> is the first that is known;{" "}
        <span className="figure">{"{ship date | MM/dd/yyyy}"}</span> writes it in another form;{" "}
        <span className="figure">{"{field: NAME}"}</span> is a field of the job’s own; what stands in{" "}
        <span className="figure">[ ]</span> is left out where a fact in it is not known.
      </p>
      {(Object.keys(SCOPES) as Fact["scope"][]).map((scope) => (
        <section key={scope} className="mt-2">
          <h3 className="font-bold">{SCOPES[scope]}</h3>
          <ul className="columns-2 gap-6 text-sm xl:columns-3">
            {facts
              .filter((each) => each.scope === scope)
              .map((each) => (
                <li key={each.word} className="break-inside-avoid">
                  <button type="button" className="link figure" onClick={() => choose(`{${each.word}}`)}>
                    {each.word}
                  </button>{" "}
                  <span className="quiet">{each.about}</span>
                </li>
              ))}
          </ul>
        </section>
      ))}
    </details>
  );
}
