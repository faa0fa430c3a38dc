import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import { WriteEmail } from "../emails/WriteEmail";
import { useMay } from "../signin/who";
import { moment } from "../ui/format";
import { ProblemLine } from "../ui/states";

/** What the customer of a job sees and chose, the link to it, and an email to be written now. */
export function JobCustomer({ job, zone }: { job: string; zone: string }) {
  const may = useMay();
  const queries = useQueryClient();
  const key = ["customers", "page", job];
  const page = useQuery({
    queryKey: key,
    queryFn: () => answer(api.GET("/api/v1/customers/page", { params: { query: { job } } })),
  });
  const withdraw = useMutation({
    mutationFn: () => answer(api.POST("/api/v1/customers/page/withdrawal", { body: { job } })),
    onSuccess: (now) => queries.setQueryData(key, now),
  });
  if (!page.data) {
    return null;
  }
  const { address, seenAt, service, price } = page.data;
  return (
    <section aria-label="Customer" className="mt-4">
      <h2>Customer</h2>
      {address && (
        <p>
          <a className="link" href={address} target="_blank" rel="noreferrer">
            The customer’s page
          </a>
          {seenAt ? `, opened last ${moment(seenAt, zone)} by whoever had the link` : ", not opened yet"}
          {service && (
            <>
              . Chosen there: <strong>{service}</strong>
              {price && (
                <span className="figure">
                  {" "}
                  {price.amount} {price.currency}
                </span>
              )}
              , held to
            </>
          )}
          .{" "}
          {may("BRING_IN") && (
            <button
              type="button"
              className="link"
              disabled={withdraw.isPending}
              onClick={() => withdraw.mutate()}
            >
              Withdraw the link
            </button>
          )}
        </p>
      )}
      {withdraw.isSuccess && <p role="status">Links told before lead nowhere now; the page has a new one.</p>}
      {withdraw.isError && <ProblemLine error={withdraw.error} />}
      {may("BRING_IN") && <WriteEmail jobs={[job]} />}
    </section>
  );
}
