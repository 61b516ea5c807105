import { spawnSync } from "node:child_process";
import { existsSync } from "node:fs";

/** Debian's Chromium without windows, a third less work for the processor; else the one with them. */
const DEBIANS = ["/usr/bin/chromium-headless-shell", "/usr/bin/chromium"];

/** The browser that tests and pictures use: `CHROMIUM_PATH`, or Debian's. */
export function browserPath() {
  return process.env.CHROMIUM_PATH ?? DEBIANS.find((path) => existsSync(path)) ?? DEBIANS[0];
}

/** Debian's Chromium: found, or installed when that is allowed, or told how; whether it is there. */
export function ensureBrowser() {
  const isAsked = process.env.CHROMIUM_PATH !== undefined;
  if (existsSync(isAsked ? browserPath() : DEBIANS[0])) return true;
  if (!isAsked && process.getuid?.() === 0 && existsSync("/usr/bin/apt-get")) {
    console.log("Installing Debian's Chromium for the browser tests (once)…");
    const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
    spawnSync("apt-get", ["update", "-qq"], { env });
    // Where Debian has no package of it without windows, the one with them will do.
    for (const name of ["chromium-headless-shell", "chromium"]) {
      if (spawnSync("apt-get", ["install", "-y", "-qq", name], { env }).status === 0) break;
    }
  }
  if (existsSync(browserPath())) return true;
  console.error(
    "The browser tests need Debian's Chromium: run `apt-get install chromium-headless-shell` as root, or set CHROMIUM_PATH.",
  );
  return false;
}
