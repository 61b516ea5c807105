import { isoDate } from "@/core/calendar";
import { commands } from "@/core/commands";
import { siteFor } from "@/core/plantings";
import { tasksOn } from "@/core/tasks";
import { importGarden } from "./importGarden";
import { DAY, largeGarden, PLANTINGS } from "./largeGarden";
import { withDemo } from "./serve";
import { medianMs, report } from "./timing";

const PORT = 4763;

/** A day's tasks after one of them was ticked: what the core does for a tap. */
export function benchRound(): void {
  const start = largeGarden();
  const site = siteFor(start);
  if (!site) throw new Error("a place");
  let garden = start;
  let count = 0;
  const ms = medianMs(() => {
    const tasks = tasksOn(site, garden, DAY);
    count = tasks.length;
    const outcome = commands["round.settle"].apply(garden, {
      tasks: tasks.slice(0, 1),
      on: isoDate(DAY),
      as: "done",
      today: isoDate(DAY),
    });
    if (!outcome.ok) throw new Error(outcome.refusal.code);
    garden = outcome.garden;
  }, 25);
  report(`${count} tasks of ${PLANTINGS} plantings after a tick, with the tick`, ms, 50, "ms");
}

/** From a tap on a phone's screen until the task is gone from it, in a real browser. */
export async function benchToday(): Promise<void> {
  await withDemo(PORT, async (page, address) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto(`${address}/today`);
    await page.getByRole("heading", { name: "Today", level: 1 }).waitFor();
    await importGarden(page, largeGarden());
    await page.getByRole("button", { name: "When you pass: show" }).click();
    await page.getByRole("heading", { name: "Bed 60", level: 3 }).first().waitFor();
    // Once the page has come to rest: before that the worker is only being fetched.
    await page.waitForTimeout(10_000);
    const client = await page.context().newCDPSession(page);
    for (const slower of [1, 4]) {
      await client.send("Emulation.setCPUThrottlingRate", { rate: slower });
      const times: number[] = [];
      for (let tap = 0; tap < 15; tap += 1) {
        // As fast as a thumb goes from row to row.
        await page.waitForTimeout(700);
        // The time from the tap until the row has gone and the next frame is drawn.
        times.push(
          await page.evaluate(async () => {
            const done = document.querySelectorAll<HTMLElement>('[aria-label^="Done: "]')[20];
            if (!done) throw new Error("a task");
            const start = performance.now();
            done.click();
            while (done.isConnected) await new Promise((next) => setTimeout(next));
            await new Promise((next) => requestAnimationFrame(() => setTimeout(next)));
            return performance.now() - start;
          }),
        );
      }
      const median = times.sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN;
      const on = slower === 1 ? "here" : `on a processor ${slower} times slower`;
      report(
        `a task ticked with ${PLANTINGS} plantings, tap to screen, ${on}`,
        median,
        slower === 1 ? 100 : 150,
        "ms",
      );
    }
  });
}
