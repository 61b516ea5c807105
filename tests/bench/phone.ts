import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium, type BrowserContext, type Page } from "@playwright/test";
import { browserPath } from "../../scripts/browser.mjs";
import { largeGarden, PLANTINGS } from "./largeGarden";
import { serving } from "./serve";
import { PICTURE_ADDRESS, PICTURE_CACHE } from "../../src/ui/picture/keptPicture";
import { importGarden } from "./importGarden";
import { report } from "./timing";

const PORT = 4785;
const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true };
const SLOWER = 4;
const VISITS = 7;

/** What a phone waits for: the first view of a large garden, from the server and without one. */
export async function benchPhone(): Promise<void> {
  const profile = mkdtempSync(join(tmpdir(), "late-ember-phone-"));
  try {
    await serving(PORT, async (address) => {
      await onPhone(profile, async (page) => {
        await page.goto(`${address}/today`);
        await page.getByRole("heading", { name: "Today", level: 1 }).waitFor();
        await page.evaluate(() => navigator.serviceWorker.ready);
        await importGarden(page, largeGarden());
        // The picture of the garden before goes with the import; it rests until the next is kept.
        await page.waitForTimeout(4000);
        await page.waitForFunction(HAS_PICTURE, PICTURE, { polling: 500 });
      });
    });
    // No server any more: what is kept in the browser starts by itself.
    const times = {
      worker: [] as number[],
      first: [] as number[],
      picture: [] as number[],
      ready: [] as number[],
    };
    for (let visit = 0; visit < VISITS; visit += 1) {
      await onPhone(profile, async (page) => {
        const { workerMs, firstMs, pictureMs, readyMs } = await visited(page);
        times.picture.push(pictureMs);
        times.worker.push(workerMs);
        times.first.push(firstMs);
        times.ready.push(readyMs);
      });
    }
    report("the service worker's start, until it is asked", middle(times.worker), 500, "ms");
    const on = `${PLANTINGS} plantings, a processor ${SLOWER} times slower, no server`;
    report(`first words on the screen, ${on}`, middle(times.first), 1000, "ms");
    report(`today's tasks take the first tap, ${on}`, middle(times.picture), 1500, "ms");
    report(`the program itself takes taps, ${on}`, middle(times.ready), 3500, "ms");
  } finally {
    rmSync(profile, { recursive: true, force: true });
  }
}

/** A browser that is started for one visit, as on a phone whose browser was closed in between. */
async function onPhone(profile: string, work: (page: Page) => Promise<void>): Promise<void> {
  const context: BrowserContext = await chromium.launchPersistentContext(profile, {
    ...PHONE,
    executablePath: browserPath(),
    args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking"],
  });
  try {
    await work(context.pages()[0] ?? (await context.newPage()));
  } finally {
    await context.close();
  }
}

/** Whether what the next start shows first is kept. */
const HAS_PICTURE = async ([address = "", cacheName]: readonly string[]) => {
  const kept = await caches.match(address, { cacheName: cacheName ?? "" });
  return kept !== undefined;
};
const PICTURE = [PICTURE_ADDRESS, PICTURE_CACHE];

/**
 * Marks the time at which the first task's button hears a tap, and what was under way has ended. As text:
 * what runs this file adds to functions what a page does not know.
 */
const LOOK_FOR_FIRST_TAP = `(function look() {
  const done = document.querySelector('[aria-label^="Done: "]');
  const hears = done && Object.keys(done).some((key) => key.startsWith("__reactProps"));
  if (!hears) return void setTimeout(look, 5);
  requestAnimationFrame(() => setTimeout(() => (window.readyMs = performance.now())));
})()`;

async function visited(page: Page) {
  const client = await page.context().newCDPSession(page);
  await client.send("Emulation.setCPUThrottlingRate", { rate: SLOWER });
  await page.addInitScript(LOOK_FOR_FIRST_TAP);
  await page.goto(`http://localhost:${PORT}/today`);
  await page.waitForFunction(() => "readyMs" in window);
  return page.evaluate(() => {
    const [asked] = performance.getEntriesByType("navigation") as PerformanceNavigationTiming[];
    const [first] = performance.getEntriesByName("first-contentful-paint");
    const [picture] = performance.getEntriesByName("picture");
    return {
      workerMs: asked ? asked.fetchStart - asked.workerStart : NaN,
      firstMs: first?.startTime ?? NaN,
      pictureMs: picture?.startTime ?? NaN,
      readyMs: (window as unknown as { readyMs: number }).readyMs,
    };
  });
}

function middle(values: number[]): number {
  return values.sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;
}
