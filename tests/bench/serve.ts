import { spawn } from "node:child_process";
import { chromium, type Page } from "@playwright/test";
import { browserPath } from "../../scripts/browser.mjs";

const STARTED_WITHIN_MS = 240_000;

/** Serves the demo while some work is done. */
export async function serving(port: number, work: (address: string) => Promise<void>) {
  const server = spawn(process.execPath, ["scripts/demo.mjs", "--port", String(port)], {
    stdio: "ignore",
  });
  try {
    const address = `http://localhost:${port}`;
    await untilServed(`${address}/plan`);
    await work(address);
  } finally {
    server.kill("SIGTERM");
  }
}

/** Runs work in a page of the demo, served for the purpose and ended after it. */
export async function withDemo(
  port: number,
  work: (page: Page, address: string) => Promise<void>,
): Promise<void> {
  await serving(port, async (address) => {
    const browser = await chromium.launch({
      executablePath: browserPath(),
      args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking"],
    });
    try {
      const context = await browser.newContext();
      await work(await context.newPage(), address);
    } finally {
      await browser.close();
    }
  });
}

async function untilServed(url: string): Promise<void> {
  const end = Date.now() + STARTED_WITHIN_MS;
  while (Date.now() < end) {
    if ((await fetch(url).catch(() => null))?.ok) return;
    await new Promise((resolve) => setTimeout(resolve, 300));
  }
  throw new Error(`${url} was not served in time`);
}
