// Serves Late Ember. `npm run demo` opens with the demo garden; `npm start` with your own.
import { spawn } from "node:child_process";
import { existsSync } from "node:fs";
import { createServer } from "node:net";
import { networkInterfaces } from "node:os";
import { join } from "node:path";
import { parseArgs } from "node:util";
import { ensureBuilt, ensureInstalled, environment, requireNode, root } from "./prepare.mjs";

const FIRST_PORT = 4600;
const PORTS_TRIED = 20;
/** Nobody but this machine, unless told otherwise. */
const HERE = "127.0.0.1";
const EVERYWHERE = "0.0.0.0";

const { demo, network, wantedPort, certificate, key, hearsReports } = options();
requireNode();
ensureInstalled();
ensureBuilt();
const port = await freePort(wantedPort);
const server = spawn(process.execPath, [join(root, "scripts", "serve.mjs")], {
  cwd: root,
  env: environment({
    NODE_ENV: "production",
    LATE_EMBER_START: demo ? "demo" : "empty",
    PORT: String(port),
    HOST: network ? EVERYWHERE : HERE,
    ...(hearsReports ? { HEARS_REPORTS: "1" } : {}),
    ...(certificate && key ? { CERTIFICATE: certificate, KEY: key } : {}),
  }),
  stdio: ["ignore", "ignore", "inherit", "ipc"],
});
server.on("message", sayWhereItIs);
server.on("exit", (code) => process.exit(code ?? 0));
for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => server.kill(signal));

/** What the command was called with; ends with a plain line where it cannot be read. */
function options() {
  let values;
  try {
    ({ values } = parseArgs({
      options: {
        empty: { type: "boolean", default: false },
        network: { type: "boolean", default: false },
        port: { type: "string", default: String(FIRST_PORT) },
        certificate: { type: "string" },
        key: { type: "string" },
        // For tests: the server keeps what browsers tell of what the pages' policy kept them from.
        "hears-reports": { type: "boolean", default: false },
      },
    }));
  } catch (error) {
    end(`${error.message} Known are --empty, --port, --network, --certificate and --key.`);
  }
  const wanted = Number(values.port);
  if (!Number.isInteger(wanted) || wanted < 1 || wanted > 65535) {
    end("--port should be a number from 1 to 65535.");
  }
  const { certificate, key } = values;
  if (Boolean(certificate) !== Boolean(key)) end("--certificate and --key go together.");
  for (const file of [certificate, key]) {
    if (file && !existsSync(file)) end(`There is no file ${file}.`);
  }
  return {
    demo: !values.empty,
    network: values.network,
    hearsReports: values["hears-reports"],
    wantedPort: wanted,
    certificate,
    key,
  };
}

function end(line) {
  console.error(line);
  process.exit(1);
}

function sayWhereItIs() {
  const scheme = certificate ? "https" : "http";
  console.log(`Late Ember is at ${scheme}://localhost:${port}  (Ctrl C ends it)`);
  if (!network) {
    console.log(
      "Only this machine can reach it. For a phone on the same network: npm start -- --network",
    );
    return;
  }
  const addresses = Object.values(networkInterfaces())
    .flat()
    .filter((one) => one && one.family === "IPv4" && !one.internal)
    .map(({ address }) => `${scheme}://${address}:${port}`);
  console.log(
    addresses.length > 0
      ? `From a phone on the same network: ${addresses.join("  or  ")}`
      : "This machine is on no network, so no phone can reach it.",
  );
  console.log("Everybody on that network can open it; each browser keeps a garden of its own.");
  if (!certificate) {
    console.log(
      "Browsers install a page for use without a network only over https: give --certificate FILE --key FILE.",
    );
  }
}

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
