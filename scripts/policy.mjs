// What a page of Late Ember may load and run, as HTTP headers.
import { createHash } from "node:crypto";
import { existsSync, readdirSync, readFileSync } from "node:fs";
import { join, relative } from "node:path";

/** A script that stands in the page itself; what has a `src` is checked by where it comes from. */
const INLINE_SCRIPT = /<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g;

/** Where a page is known by no address: an answer that nothing is there. */
const NOT_FOUND = "/_not-found";

/** The hashes of the scripts that stand in a page, as a policy names them. */
export function scriptHashes(html) {
  const hashes = [...html.matchAll(INLINE_SCRIPT)].map(
    ([, script]) => `'sha256-${createHash("sha256").update(script).digest("base64")}'`,
  );
  return [...new Set(hashes)].sort();
}

/** Where browsers tell what they were kept from, when the server was started to hear of it. */
export const REPORTS = "/policy-reports";

/**
 * The policy of a page. Scripts are its own files and those that stand in it letter by letter;
 * WebAssembly is for the solver. Styles are written into the page by the interface's library. A
 * weather station of the grower's own may be asked wherever it is.
 *
 * @param hashes of the scripts that stand in the page
 * @param tells whether browsers report what they were kept from
 */
export function contentSecurityPolicy(hashes, tells = false) {
  const allowed = {
    "default-src": "'none'",
    "script-src": [
      "'self'",
      "'wasm-unsafe-eval'",
      ...hashes,
      ...(tells ? ["'report-sample'"] : []),
    ].join(" "),
    "style-src": "'self' 'unsafe-inline'",
    "img-src": "'self' data: blob:",
    "font-src": "'self'",
    "connect-src": "'self' http: https:",
    "worker-src": "'self'",
    "manifest-src": "'self'",
    "base-uri": "'none'",
    "form-action": "'none'",
    "frame-ancestors": "'none'",
    ...(tells ? { "report-uri": REPORTS } : {}),
  };
  return Object.entries(allowed)
    .map(([name, sources]) => `${name} ${sources}`)
    .join("; ");
}

/** The policy of each page of a build, by its address. */
export function policiesOf(root, tells = false) {
  const pages = join(root, ".next", "server", "app");
  const policies = new Map();
  for (const file of existsSync(pages) ? readdirSync(pages, { recursive: true }) : []) {
    if (!file.endsWith(".html")) continue;
    const html = readFileSync(join(pages, file), "utf8");
    const address = `/${relative(".", file).replace(/\.html$/, "")}`;
    policies.set(
      address === "/index" ? "/" : address,
      contentSecurityPolicy(scriptHashes(html), tells),
    );
  }
  return (address) =>
    policies.get(address) ?? policies.get(NOT_FOUND) ?? contentSecurityPolicy([], tells);
}
