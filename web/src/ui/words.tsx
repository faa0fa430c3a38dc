import { renderToStaticMarkup } from "react-dom/server";

/** The words of a piece of the page, without its tags: for tests. */
export function words(node: React.ReactNode): string {
  return renderToStaticMarkup(node)
    .replace(/<[^>]+>/g, "")
    .replace(/\s+/g, " ")
    .trim();
}
