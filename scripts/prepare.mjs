import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import {
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  writeFileSync,
} from "node:fs";
import { tmpdir } from "node:os";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";

/** The project's folder, wherever the command was called from. */
export const root = dirname(dirname(fileURLToPath(import.meta.url)));

const INSTALL_STAMP = join(root, "node_modules", ".late-ember-lock");
const BUILD_STAMP = join(root, ".next", "late-ember-build");
const BUILD_NAME_DIGITS = 16;
const BUILT_FROM = [
  "src",
  "data",
  "public",
  "next.config.ts",
  "scripts/serviceWorker.mjs",
  "scripts/uncompiledSchemas.cjs",
  "scripts/withoutSources.cjs",
  "tsconfig.json",
  "package-lock.json",
];

/** Ends with a plain line when Node is too old to run anything here. */
export function requireNode() {
  const [major, minor] = process.versions.node.split(".").map(Number);
  if (major < 20 || (major === 20 && minor < 9)) {
    console.error(`Late Ember needs Node 20.9 or newer; this is ${process.versions.node}.`);
    process.exit(1);
  }
}

/** Installs exactly the lock file, unless that is done already. */
export function ensureInstalled() {
  const wanted = hashOf(["package-lock.json"]);
  const isDone = () => existsSync(INSTALL_STAMP) && readFileSync(INSTALL_STAMP, "utf8") === wanted;
  alone("install", isDone, () => {
    console.log("Installing what Late Ember needs (once)…");
    run("npm", ["ci", "--no-fund", "--no-audit", "--loglevel=error"], "The installation failed.");
    writeFileSync(INSTALL_STAMP, wanted);
  });
}

/** Builds the application, unless the last build was from the same files. */
export function ensureBuilt() {
  const wanted = hashOf(BUILT_FROM);
  const isDone = () => existsSync(BUILD_STAMP) && readFileSync(BUILD_STAMP, "utf8") === wanted;
  alone("build", isDone, () => {
    console.log("Building Late Ember (once after each change)…");
    // What browsers have kept of another build's sums is not taken for this one's.
    const named = { LATE_EMBER_BUILD: wanted.slice(0, BUILD_NAME_DIGITS) };
    run(process.execPath, [nextBin(), "build"], "The build failed.", named);
    run(
      process.execPath,
      [join(root, "scripts", "serviceWorker.mjs")],
      "The service worker could not be written.",
    );
    mkdirSync(dirname(BUILD_STAMP), { recursive: true });
    writeFileSync(BUILD_STAMP, wanted);
  });
}

const WAIT_MS = 500;

/**
 * Does a piece of work unless it is done, and never twice at the same time: two servers that start
 * together would take each other's files away. Whoever was stopped in the middle holds up nobody.
 */
function alone(what, isDone, work) {
  const home = createHash("sha256").update(root).digest("hex").slice(0, 12);
  const lock = join(tmpdir(), `late-ember-${what}-${home}`);
  while (!isDone() && !taken(lock)) {
    if (!isHeld(lock)) rmSync(lock, { force: true });
    else Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, WAIT_MS);
  }
  const free = () => rmSync(lock, { force: true });
  if (holderOf(lock) !== process.pid) return; // somebody else has done it
  // A failure ends the program at once: the lock goes with it.
  process.once("exit", free);
  if (!isDone()) work();
  process.off("exit", free);
  free();
}

/** Takes the lock; false where somebody has it. */
function taken(lock) {
  try {
    writeFileSync(lock, String(process.pid), { flag: "wx" });
    return true;
  } catch (error) {
    if (error.code === "EEXIST") return false;
    throw error;
  }
}

/** The program that has the lock; NaN where it is just being taken, or gone. */
function holderOf(lock) {
  try {
    return Number(readFileSync(lock, "utf8") || NaN);
  } catch {
    return NaN;
  }
}

function isHeld(lock) {
  const holder = holderOf(lock);
  if (Number.isNaN(holder)) return true;
  try {
    process.kill(holder, 0); // asks only whether it is there
    return true;
  } catch (error) {
    return error.code === "EPERM";
  }
}

/** The Next command of this project. */
export function nextBin() {
  return join(root, "node_modules", "next", "dist", "bin", "next");
}

/** Settings for every program started here: no telemetry, nothing over the network. */
export function environment(more = {}) {
  return { ...process.env, NEXT_TELEMETRY_DISABLED: "1", ...more };
}

/** Runs a program; quiet when it goes well, its output and a plain line when not. */
function run(program, words, failure, more = {}) {
  const result = spawnSync(program, words, { cwd: root, env: environment(more), encoding: "utf8" });
  if (result.status === 0) return;
  console.error(`${result.stdout ?? ""}${result.stderr ?? ""}`);
  console.error(result.error ? `${failure} ${result.error.message}` : failure);
  process.exit(1);
}

function hashOf(paths) {
  const hash = createHash("sha256");
  for (const path of paths) {
    for (const file of filesUnder(join(root, path))) {
      hash.update(file.slice(root.length)).update("\0").update(readFileSync(file)).update("\0");
    }
  }
  return hash.digest("hex");
}

function filesUnder(path) {
  if (!existsSync(path)) return [];
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path)
    .sort()
    .flatMap((name) => filesUnder(join(path, name)));
}
