/// <reference lib="webworker" />
import { clientsClaim } from "workbox-core";
import {
  cleanupOutdatedCaches,
  matchPrecache,
  precacheAndRoute,
  type PrecacheEntry,
} from "workbox-precaching";
import { registerRoute, setCatchHandler } from "workbox-routing";
import { NOT_FOUND_PAGE, payloadFor } from "./viewPayload";

declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: (PrecacheEntry | string)[] };

/** As the server says it of a view that stays the same for a whole version. */
const PAYLOAD_HEADERS = { "Content-Type": "text/x-component", "x-nextjs-stale-time": "31536000" };

/*
 * A version of the program is taken along whole: all of it is fetched before it is used, and used until
 * the next one is asked for. It lies beside the garden, which is in the database and not touched here.
 */

// What a page asks of its other views, ahead of everything else: it has the same address as the page.
registerRoute(
  ({ url, request, sameOrigin }) =>
    sameOrigin && payloadFor(url.pathname, request.headers) !== null,
  async ({ url, request }) => {
    const kept = await matchPrecache(payloadFor(url.pathname, request.headers) ?? "");
    return kept ? new Response(kept.body, { headers: PAYLOAD_HEADERS }) : fetch(request);
  },
);
// A worker reads what is behind its own address: an answer from the cache would have the address without it.
registerRoute(
  ({ request, sameOrigin }) => sameOrigin && request.destination === "worker",
  async ({ url, request }) => {
    const kept = await matchPrecache(url.pathname);
    return kept ? new Response(kept.body, { headers: kept.headers }) : fetch(request);
  },
);
precacheAndRoute(self.__WB_MANIFEST, {
  // What an address says after its question mark is read by the page.
  ignoreURLParametersMatching: [/./],
  directoryIndex: "",
  cleanURLs: false,
});
cleanupOutdatedCaches();
// An address that leads nowhere says so without a network, too.
setCatchHandler(async ({ request }) =>
  request.destination === "document"
    ? ((await matchPrecache(NOT_FOUND_PAGE)) ?? Response.error())
    : Response.error(),
);
registerRoute(
  ({ request }) => request.mode === "navigate",
  ({ request }) => fetch(request),
);
// The page that was open when it was first taken along goes on with it.
clientsClaim();

// A newer version waits until somebody says so: never in the middle of work.
self.addEventListener("message", ({ data }: ExtendableMessageEvent) => {
  if ((data as { type?: unknown } | null)?.type === "SKIP_WAITING") void self.skipWaiting();
});
