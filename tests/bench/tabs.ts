import type { BrowserContext, Page } from "@playwright/test";
import { isoDate } from "@/core/calendar";
import type { LogEntry } from "@/core/log";
import { importGarden } from "./importGarden";
import { DAY, largeGarden } from "./largeGarden";
import { withDemo } from "./serve";
import { report } from "./timing";

const PORT = 4771;
const ENTRIES = 20_000;
const SIZES = [38, 400, 2000];
const CHANGES = 9;

/** What a change in one tab costs another that shows the plan: its tasks over 50 ms, and all of its time. */
export async function benchTabs(): Promise<void> {
  await withDemo(PORT, async (page, address) => {
    for (const size of SIZES) {
      const context = page.context();
      await page.goto(`${address}/plan`);
      await page.locator(".knot").first().waitFor();
      if (size !== SIZES[0]) {
        await importGarden(page, largeGarden(size));
      }
      const { scriptMs, longestMs } = await otherTab(context, page, address);
      report(
        `a change in one tab as another takes it, ${size} plantings, time of script and layout`,
        scriptMs,
        size === 38 ? 25 : 50,
        "ms",
      );
      report(`… its longest task`, longestMs, 50, "ms");
    }
  });
}

async function otherTab(context: BrowserContext, page: Page, address: string) {
  const other = await context.newPage();
  await other.goto(`${address}/plan`);
  await other.locator(".knot").first().waitFor();
  await other.waitForTimeout(4000);
  const client = await context.newCDPSession(other);
  await client.send("Performance.enable");
  const busyMs = async () => {
    const { metrics } = await client.send("Performance.getMetrics");
    return 1000 * (metrics.find(({ name }) => name === "TaskDuration")?.value ?? NaN);
  };
  await other.evaluate(() => {
    const tasks: number[] = [];
    Object.assign(window, { longTasks: tasks });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) tasks.push(entry.duration);
    }).observe({ entryTypes: ["longtask"] });
  });
  await page.bringToFront();
  const knot = page.locator(".knot").nth(4);
  const times: number[] = [];
  for (let change = 0; change < CHANGES; change += 1) {
    const before = await busyMs();
    await knot.focus();
    await knot.press(change % 2 === 0 ? "ArrowRight" : "ArrowLeft");
    await knot.press("Enter");
    await page.waitForTimeout(700);
    times.push((await busyMs()) - before);
  }
  const longest = await other.evaluate(() =>
    Math.max(0, ...(window as unknown as { longTasks: number[] }).longTasks),
  );
  await other.close();
  const median = times.sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN;
  return { scriptMs: median, longestMs: longest };
}

/** From the link to the Logbook until its rows are on the screen, with twenty thousand entries. */
export async function benchLogbook(): Promise<void> {
  await withDemo(PORT, async (page, address) => {
    const start = largeGarden(400);
    const [planting] = start.plantings.values();
    const entries = Array.from({ length: ENTRIES }, (_, index): LogEntry => ({
      id: `e${index}`,
      on: isoDate(DAY - (index % 900)),
      taskId: null,
      what: {
        kind: "harvested",
        plantingId: planting?.id ?? "",
        grams: 100 + (index % 50),
        count: null,
        isLast: false,
      },
      note: "",
    }));
    const logEntries = new Map(entries.map((entry) => [entry.id, entry]));
    await page.goto(`${address}/plan`);
    await page.locator(".knot").first().waitFor();
    await importGarden(page, { ...start, logEntries });
    await page.waitForTimeout(3000);
    const times: number[] = [];
    for (let visit = 0; visit < 5; visit += 1) {
      await page.getByRole("link", { name: "Plan" }).click();
      await page.locator(".knot").first().waitFor();
      times.push(
        await page.evaluate(async () => {
          const link = document.querySelector<HTMLElement>('a[href="/logbook"]');
          const began = performance.now();
          link?.click();
          while (!document.querySelector("[data-index]")) {
            await new Promise((next) => setTimeout(next));
          }
          await new Promise((next) => requestAnimationFrame(() => setTimeout(next)));
          return performance.now() - began;
        }),
      );
    }
    const median = times.sort((a, b) => a - b)[2] ?? NaN;
    report(`the Logbook opened with ${ENTRIES} entries`, median, 1000, "ms");
  });
}
