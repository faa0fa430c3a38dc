import { Link } from "react-router";

/** Where a job's bench is; a number may hold any sign, so it stands where every sign may stand. */
export function benchOf(job: string): string {
  return "/bench?job=" + encodeURIComponent(job);
}

/** Where everything about a job stands. */
export function pageOf(job: string): string {
  return "/jobs/one?job=" + encodeURIComponent(job);
}

/** Where what is declared of a job stands, if it goes abroad. */
export function customsOf(job: string): string {
  return "/jobs/customs?job=" + encodeURIComponent(job);
}

/** A job's number, which leads to its bench. */
export function JobLink({ job }: { job: string }) {
  return (
    <Link to={benchOf(job)} className="font-bold underline decoration-base-300">
      {job}
    </Link>
  );
}

/** A job's number, which leads to everything about it. */
export function PageLink({ job }: { job: string }) {
  return (
    <Link to={pageOf(job)} className="font-bold underline decoration-base-300">
      {job}
    </Link>
  );
}
