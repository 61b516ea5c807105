import { spawn } from "node:child_process";
import { gzipSync } from "node:zlib";
import { chromium, type Response } from "@playwright/test";
import { report } from "./timing";

const PORT = 4751;
const STARTED_WITHIN_MS = 240_000;

/** Script that the first view asks for, gzipped, from a real browser on the real build. */
export async function benchFirstView(): Promise<void> {
  const server = spawn(process.execPath, ["scripts/demo.mjs", "--port", String(PORT)], {
    stdio: "ignore",
  });
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? "/usr/bin/chromium",
    args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking"],
  });
  try {
    await untilServed(`http://localhost:${PORT}/plan`);
    const page = await browser.newPage();
    await page.route("**/*", (route) => route.continue()); // keeps the browser's cache out of it
    for (const visit of ["first visit, which also checks in the demo garden", "later visit"]) {
      const scripts: Promise<number>[] = [];
      const count = (response: Response) => {
        if (response.request().resourceType() !== "script") return;
        scripts.push(response.body().then((body) => gzipSync(body).length));
      };
      page.on("response", count);
      await page.goto(`http://localhost:${PORT}/plan`, { waitUntil: "networkidle" });
      page.off("response", count);
      // The outlook is kept after its answer has come: a later visit must not fetch it again.
      await page.waitForTimeout(1500);
      const bytes = (await Promise.all(scripts)).reduce((sum, size) => sum + size, 0);
      report(`script of the first view (${visit}), gzipped`, bytes / 1000, 300, "kB");
    }
  } finally {
    await browser.close();
    server.kill("SIGTERM");
  }
}

async function untilServed(url: string): Promise<void> {
  const end = Date.now() + STARTED_WITHIN_MS;
  while (Date.now() < end) {
    if ((await fetch(url).catch(() => null))?.ok) return;
    await new Promise((resolve) => setTimeout(resolve, 300));
  }
  throw new Error(`${url} was not served in time`);
}
