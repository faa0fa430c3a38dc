import { useMutation } from "@tanstack/react-query";
import { useRef } from "react";
import { type Schemas, sendFile } from "../api/client";
import { ProblemLine } from "../ui/states";

type Logo = Schemas["document.Logo"];

/** The logo that the slips of a design carry: a PNG or an SVG. */
export function LogoField({ logo, change }: { logo: Logo | undefined; change: (logo?: Logo) => void }) {
  const file = useRef<HTMLInputElement>(null);
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
        <button type="button" className="act" disabled={take.isPending} onClick={() => file.current?.click()}>
          {logo ? "Another one" : "Choose a PNG or SVG"}
        </button>
        {logo && (
          <button type="button" className="act" onClick={() => change(undefined)}>
            None
          </button>
        )}
      </span>
      <input
        ref={file}
        type="file"
        accept="image/png,image/svg+xml"
        className="hidden"
        aria-label="File of the logo"
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = "";
          if (chosen) {
            take.mutate(chosen);
          }
        }}
      />
      {take.isError && <ProblemLine error={take.error} />}
    </div>
  );
}
