import { type DesignView, type SlipDesign } from "./slipDesign";

interface Props {
  design: SlipDesign;
  view: DesignView;
  change: (part: Partial<SlipDesign>) => void;
}

/** What is under the hood: a template and a style sheet, for who wants more than blocks give. */
export function OwnTemplate({ design, view, change }: Props) {
  return (
    <details open={design.markup !== "" || design.style !== ""}>
      <summary className="cursor-pointer font-bold">Template and style sheet</summary>
      <p className="quiet mt-1">
        The template is XHTML with names in double braces (mustache); it goes through the blocks above, unless
        you write them out. The style sheet comes after ours. Neither reads a file or an address. A job on
        which they fail is printed by ours, and the list of designs says so.
      </p>
      <div className="mt-2 flex gap-2">
        {design.markup === "" ? (
          <button type="button" className="act" onClick={() => change({ markup: view.template })}>
            Begin with our template
          </button>
        ) : (
          <button type="button" className="act" onClick={() => change({ markup: "" })}>
            Back to our template
          </button>
        )}
      </div>
      {design.markup !== "" && (
        <Code label="Template" text={design.markup} most={40_000} change={(markup) => change({ markup })} />
      )}
      <Code label="Style sheet" text={design.style} most={20_000} change={(style) => change({ style })} />
      <details className="mt-2">
        <summary className="quiet cursor-pointer">Our style sheet, which comes before it</summary>
        <pre className="figure max-h-60 overflow-auto whitespace-pre">{view.ourStyle}</pre>
      </details>
    </details>
  );
}

function Code(props: { label: string; text: string; most: number; change: (text: string) => void }) {
  const { label, text, most, change } = props;
  return (
    <label className="mt-2 flex flex-col">
      <span className="quiet">
        {label}, {text.split("\n").length} lines
      </span>
      <textarea
        className="entry w-full font-mono text-[0.8rem] leading-snug"
        rows={Math.min(24, Math.max(4, text.split("\n").length + 1))}
        wrap="off"
        spellCheck={false}
        maxLength={most}
        value={text}
        onChange={(event) => change(event.target.value)}
      />
    </label>
  );
}
