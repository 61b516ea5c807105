/** Where the server keeps what a view's requests are answered with, for whoever takes it along. */
const PAYLOADS = "/views";
/** What is shown for an address that leads nowhere. */
export const NOT_FOUND_PAGE = `${PAYLOADS}/_not-found.html`;

/** Requests for a view itself come with it. */
const OF_A_VIEW = "rsc";
/** Names the part of a view that is asked for ahead. */
const PART_ASKED_FOR = "next-router-segment-prefetch";

/**
 * The file that answers a page's request for one of its other views; null for any other request.
 *
 * @param pathname of the view: "/plan"
 */
export function payloadFor(pathname: string, headers: Headers): string | null {
  if (headers.get(OF_A_VIEW) !== "1") return null;
  const view = pathname === "/" ? "/index" : pathname;
  const part = headers.get(PART_ASKED_FOR);
  return part === null
    ? `${PAYLOADS}${view}.rsc`
    : `${PAYLOADS}${view}.segments${part}.segment.rsc`;
}
