import { useMutation } from "@tanstack/react-query";
import { type Schemas, sendFile } from "../api/client";
import { FileButton } from "../ui/FileButton";
import { ProblemLine } from "../ui/states";

type Logo = Schemas["document.Logo"];

/** The logo that the slips of a design carry: a PNG or an SVG. */
export function LogoField({ logo, change }: { logo: Logo | undefined; change: (logo?: Logo) => void }) {
  const take = useMutation({
    mutationFn: (from: File) => sendFile<Logo>("/api/v1/slip-designs/logo", from),
    onSuccess: change,
  });
  return (
    <div>
      <span className="quiet block">Logo</span>
      <span className="flex items-center gap-2">
        {logo && (
          <img
            alt="Logo of the design"
            className="h-8 max-w-32 bg-white object-contain"
            src={`data:image/${logo.kind === "PNG" ? "png" : "svg+xml"};base64,${logo.content}`}
          />
        )}
        <FileButton
          label="File of the logo"
          accept="image/png,image/svg+xml"
          busy={take.isPending}
          take={(file) => take.mutate(file)}
        >
          {logo ? "Another one" : "Choose a PNG or SVG"}
        </FileButton>
        {logo && (
          <button type="button" className="act" onClick={() => change(undefined)}>
            None
          </button>
        )}
      </span>
      {take.isError && <ProblemLine error={take.error} />}
    </div>
  );
}
