// Writes the service worker of a build: one script, with the list of all that it takes along.
import { createHash } from "node:crypto";
import { mkdirSync, readdirSync, readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { build } from "esbuild";
import { injectManifest } from "workbox-build";
import { root } from "./prepare.mjs";

const NEXT = join(root, ".next");
const PAGES = join(NEXT, "server", "app");
/** The server gives it out from here; see `serve.mjs`. */
const SERVICE_WORKER = join(NEXT, "offline", "sw.js");
/** Kept where they would be fetched in vain: maps of the code, and what the server alone is asked. */
const NOT_TAKEN = ["**/*.map"];
/** The largest file of a version is the solver. */
const LARGEST_BYTES = 20_000_000;

/** Pages that are read again after each change have no hash in their names: their content gives one. */
function pages() {
  return readdirSync(PAGES, { recursive: true }).flatMap((file) => {
    const revision = () =>
      createHash("sha256")
        .update(readFileSync(join(PAGES, file)))
        .digest("hex")
        .slice(0, 20);
    if (file === "_not-found.html") return [{ url: `/views/${file}`, revision: revision() }];
    if (file.startsWith("_global-error") || file.startsWith("_not-found")) return [];
    if (file.endsWith(".html")) {
      const address = file.slice(0, -".html".length);
      return [{ url: address === "index" ? "/" : `/${address}`, revision: revision() }];
    }
    return file.endsWith(".rsc") ? [{ url: `/views/${file}`, revision: revision() }] : [];
  });
}

/** Writes it beside the build; ends with its size. */
async function writeServiceWorker() {
  rmSync(join(NEXT, "offline"), { recursive: true, force: true });
  mkdirSync(join(NEXT, "offline"), { recursive: true });
  const bundled = join(NEXT, "offline", "bundled.js");
  await build({
    entryPoints: [join(root, "src", "offline", "serviceWorker.ts")],
    outfile: bundled,
    bundle: true,
    minify: true,
    format: "iife",
    target: "es2022",
    define: { "process.env.NODE_ENV": '"production"' },
  });
  const { count, size, warnings } = await injectManifest({
    swSrc: bundled,
    swDest: SERVICE_WORKER,
    globDirectory: join(NEXT, "static"),
    globPatterns: ["**/*"],
    globIgnores: NOT_TAKEN,
    modifyURLPrefix: { "": "/_next/static/" },
    dontCacheBustURLsMatching: /\/_next\/static\//,
    maximumFileSizeToCacheInBytes: LARGEST_BYTES,
    additionalManifestEntries: [...pages(), ...served()],
  });
  rmSync(bundled);
  if (warnings.length > 0) throw new Error(warnings.join("\n"));
  return { count, size };
}

/** What else is there to take along: the demo garden, icons, the made-up station and the schemas. */
function served() {
  const folder = join(root, "public");
  const files = readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name));
  const demo = join(root, "data", "demo", "tarnholt-commons.json");
  return [
    ...files.map((file) => ({ url: file.slice(folder.length).replaceAll("\\", "/"), file })),
    { url: "/api/demo", file: demo },
    { url: "/icon.svg", file: join(root, "src", "app", "icon.svg") },
  ].map(({ url, file }) => ({
    url,
    revision: createHash("sha256").update(readFileSync(file)).digest("hex").slice(0, 20),
  }));
}

const { count, size } = await writeServiceWorker();
console.log(`The service worker takes ${count} files along, ${Math.round(size / 1e4) / 100} MB.`);
