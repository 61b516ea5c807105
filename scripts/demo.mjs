// Serves Late Ember. `npm run demo` opens with the demo garden; `npm start` with your own.
import { spawn } from "node:child_process";
import { createServer } from "node:net";
import {
  ensureBuilt,
  ensureInstalled,
  environment,
  nextBin,
  requireNode,
  root,
} from "./prepare.mjs";

const FIRST_PORT = 4600;
const PORTS_TRIED = 20;

const words = process.argv.slice(2);
const demo = !words.includes("--empty");
const wantedPort = words.includes("--port")
  ? Number(words[words.indexOf("--port") + 1])
  : FIRST_PORT;

if (!Number.isInteger(wantedPort) || wantedPort < 1 || wantedPort > 65535) {
  console.error("--port should be a number from 1 to 65535.");
  process.exit(1);
}
requireNode();
ensureInstalled();
ensureBuilt();
const port = await freePort(wantedPort);
const server = spawn(process.execPath, [nextBin(), "start", "--port", String(port)], {
  cwd: root,
  env: environment({ LATE_EMBER_START: demo ? "demo" : "empty" }),
  stdio: ["ignore", "pipe", "inherit"],
});
let told = false;
server.stdout.on("data", (chunk) => {
  if (told || !/Ready|started|Local/i.test(String(chunk))) return;
  told = true;
  console.log(`Late Ember is at http://localhost:${port}  (Ctrl C ends it)`);
});
server.on("exit", (code) => process.exit(code ?? 0));
for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => server.kill(signal));

/** The wanted port, or the next one that nobody uses. */
async function freePort(from) {
  for (let candidate = from; candidate < from + PORTS_TRIED; candidate += 1) {
    if (await isFree(candidate)) return candidate;
    console.log(`Port ${candidate} is in use; trying ${candidate + 1}.`);
  }
  console.error(`No free port from ${from} to ${from + PORTS_TRIED - 1}. Name one with --port.`);
  process.exit(1);
}

function isFree(candidate) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once("error", () => resolve(false));
    probe.once("listening", () => probe.close(() => resolve(true)));
    probe.listen(candidate);
  });
}
