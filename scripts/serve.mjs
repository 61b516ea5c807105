// The server itself: what is built, with the policy of each page. Started by `demo.mjs`.
import { existsSync, readFileSync } from "node:fs";
import { createServer } from "node:http";
import { createServer as createSecureServer } from "node:https";
import { join } from "node:path";
import next from "next";
import { policiesOf, REPORTS } from "./policy.mjs";
import { root } from "./prepare.mjs";

const OFFLINE = join(root, ".next", "offline");
const PAGES = join(root, ".next", "server", "app");
const { PORT, HOST, CERTIFICATE, KEY, HEARS_REPORTS } = process.env;
/** What browsers were kept from, where the server was started to hear of it. */
const reports = HEARS_REPORTS ? [] : null;
const app = next({ dev: false, dir: root, hostname: HOST, port: Number(PORT) });
await app.prepare();
const handle = app.getRequestHandler();
const policyOf = policiesOf(root, reports !== null);

/** What the build has beside its pages for a program that is taken along; null for all else. */
function takenAlong(pathname) {
  if (pathname === "/sw.js") return { file: join(OFFLINE, "sw.js"), type: "text/javascript" };
  const [, payload] = /^\/views(\/[\w./-]+\.(rsc|html))$/.exec(pathname) ?? [];
  if (!payload || payload.includes("..")) return null;
  const type = payload.endsWith(".html") ? "text/html; charset=utf-8" : "text/x-component";
  return { file: join(PAGES, payload), type };
}

async function hear(request, response) {
  let text = "";
  for await (const part of request) text += part;
  if (request.method === "POST") reports.push(JSON.parse(text));
  response.writeHead(200, { "Content-Type": "application/json" });
  response.end(request.method === "POST" ? "{}" : JSON.stringify(reports));
}

const answer = (request, response) => {
  const { pathname } = new URL(request.url ?? "/", "http://localhost");
  response.setHeader("Content-Security-Policy", policyOf(pathname));
  if (reports && pathname === REPORTS) return void hear(request, response);
  const taken = takenAlong(pathname);
  if (!taken || !existsSync(taken.file)) return void handle(request, response);
  response.writeHead(200, {
    "Content-Type": taken.type,
    "Cache-Control": "no-cache",
    "X-Content-Type-Options": "nosniff",
  });
  response.end(readFileSync(taken.file));
};
const server =
  CERTIFICATE && KEY
    ? createSecureServer({ cert: readFileSync(CERTIFICATE), key: readFileSync(KEY) }, answer)
    : createServer(answer);
server.listen(Number(PORT), HOST, () => process.send?.("ready"));
for (const signal of ["SIGINT", "SIGTERM"]) {
  process.on(signal, () => server.close(() => process.exit(0)) && server.closeAllConnections());
}
