import type { Locator, Page } from "@playwright/test";
import { withDemo } from "./serve";
import { report } from "./timing";

const PORT = 4781;
const MOVES = 60;
const WANTED_MS = 8;
/** Between two moves: a frame and a half, so that each is drawn by itself. */
const APART_MS = 25;

/** What a pointer move costs the page's script while the lantern, or a knot, is under the hand. */
export async function benchMoves(): Promise<void> {
  await withDemo(PORT, async (page, address) => {
    await page.goto(`${address}/plan`);
    await page.locator(".knot").first().waitFor();
    await page.waitForTimeout(4000);
    const lantern = page.getByRole("slider", { name: "Date in view" });
    report(
      "a pointer move of the lantern, script and layout",
      await move(page, lantern),
      WANTED_MS,
      "ms",
    );
    const knot = page.locator(".knot").nth(4);
    report("a pointer move of a knot, script and layout", await move(page, knot), WANTED_MS, "ms");
  });
}

async function move(page: Page, handle: Locator): Promise<number> {
  const client = await page.context().newCDPSession(page);
  await client.send("Performance.enable");
  const busyMs = async () => {
    const { metrics } = await client.send("Performance.getMetrics");
    const of = (wanted: string) => metrics.find(({ name }) => name === wanted)?.value ?? NaN;
    return 1000 * (of("ScriptDuration") + of("LayoutDuration") + of("RecalcStyleDuration"));
  };
  const box = await handle.boundingBox();
  if (!box) throw new Error("what is to be moved is not on the screen");
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 12, y);
  const times: number[] = [];
  for (let step = 1; step <= MOVES; step += 1) {
    const before = await busyMs();
    await page.mouse.move(x + 12 + step * 2, y);
    await page.waitForTimeout(APART_MS);
    times.push((await busyMs()) - before);
  }
  await page.mouse.up();
  return times.sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN;
}
