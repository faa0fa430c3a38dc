import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { type Schemas, sendFile } from "../api/client";
import { FileButton } from "../ui/FileButton";
import { ProblemLine } from "../ui/states";

/** A mail server's report that an email could not be delivered: the email has failed then, with the reason. */
export function CameBack() {
  const queries = useQueryClient();
  const report = useMutation({
    mutationFn: (file: File) => sendFile<Schemas["mail.ReturnedView"]>("/api/v1/emails/returned", file),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["postings"] }),
  });
  return (
    <section className="mt-6 max-w-3xl" aria-label="An email came back">
      <h2>An email came back</h2>
      <p className="mt-1">
        Mail servers write later that an email could not be delivered. Open that report as your mail program
        saves it (.eml): the email stands under{" "}
        <Link to="/postings?state=FAILED" className="underline decoration-base-300">
          Postings, failed
        </Link>{" "}
        then, with the reason.
      </p>
      <div className="mt-2">
        <FileButton
          label="Report of a mail server"
          accept=".eml,message/rfc822"
          busy={report.isPending}
          take={(file) => report.mutate(file)}
        >
          Open a report
        </FileButton>
      </div>
      {report.isSuccess && <p className="mt-1">{report.data.said}</p>}
      {report.isError && <ProblemLine error={report.error} />}
    </section>
  );
}
