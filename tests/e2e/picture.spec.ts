import { expect, type Page } from "@playwright/test";
import { COMMONS, giveGarden, test } from "./garden";
import { beds as bedsWords } from "@/words/en/beds";
import { today as todayWords } from "@/words/en/today";
import { PICTURE_ADDRESS, PICTURE_CACHE, type KeptPicture } from "@/ui/picture/keptPicture";
import { readFileSync } from "node:fs";

const PHONE = { width: 390, height: 844 };

function kept(page: Page): Promise<KeptPicture | null> {
  return page.evaluate(
    async ([address, cacheName]) =>
      ((await (await caches.match(address, { cacheName }))?.json()) ?? null) as KeptPicture | null,
    [PICTURE_ADDRESS, PICTURE_CACHE] as const,
  );
}

/** Opens Today while the program is held back; ends with what lets it come. */
async function openHeld(page: Page): Promise<() => void> {
  let letCome: () => void = () => undefined;
  const held = new Promise<void>((resolve) => (letCome = resolve));
  await page.route(/\/_next\/static\/chunks\/.*\.js/, async (route) => {
    await held;
    await route.continue();
  });
  await page.goto("/today", { waitUntil: "commit" });
  return letCome;
}

test.use({ viewport: PHONE, hasTouch: true });

test("what is tapped in the picture of the last visit is done once the program has come", async ({
  page,
}) => {
  await page.goto("/today");
  const done = page.getByRole("button", { name: /^Done: / }).first();
  await done.waitFor();
  await expect.poll(() => kept(page)).not.toBeNull();
  const name = (await done.getAttribute("aria-label")) ?? "";
  await done.scrollIntoViewIfNeeded();
  const scrolledPx = await page
    .getByRole("region", { name: todayWords.todaysTasks })
    .evaluate((region) => region.scrollTop);
  const box = await done.boundingBox();
  if (!box) throw new Error("The button is on the screen.");

  const letCome = await openHeld(page);
  await page.locator("[data-drawn]").waitFor();
  // As one leafs through the list, and taps.
  await page.mouse.move(PHONE.width / 2, PHONE.height / 2);
  if (scrolledPx > 0) await page.mouse.wheel(0, scrolledPx);
  await page.touchscreen.tap(box.x + box.width / 2, box.y + box.height / 2);
  await expect.poll(() => page.evaluate(() => window.lateEmberEarly?.taps.length)).toBe(1);
  // A picture is no garden: nothing is done, and a reader of the screen hears of no task twice.
  await expect(page.getByRole("button", { name, exact: true })).toHaveCount(0);
  letCome();
  await expect(page.getByRole("list", { name: bedsWords.done })).toContainText("Undo");
  await expect(page.getByRole("button", { name, exact: true })).toHaveCount(0);
  await expect(page.locator("[data-drawn]")).toHaveCount(0);

  // The next picture shows the garden as it is now.
  await expect.poll(async () => Object.values((await kept(page))?.days ?? {})[0]).toBeDefined();
  const [today = ""] = Object.values((await kept(page))?.days ?? {});
  expect(today).toContain(todayWords.logSomething);
  expect(today).not.toContain(`aria-label="${name}"`);
});

test("the picture is of its day and the day after, in the styles of the view", async ({
  context,
  page,
}) => {
  const file = JSON.parse(readFileSync(COMMONS, "utf8")) as { garden: object };
  const byCalendar = { ...file, garden: { ...file.garden, today: null } };
  await giveGarden(context, JSON.stringify(byCalendar));
  await page.clock.setFixedTime("2026-09-24T18:00:00");
  await page.goto("/today");
  await page
    .getByRole("button", { name: /^Done: / })
    .first()
    .waitFor();
  await expect.poll(() => kept(page)).not.toBeNull();
  const picture = await kept(page);
  expect(Object.keys(picture?.days ?? {})).toEqual(["2026-09-24", "2026-09-25"]);
  expect(picture?.today).toBeNull();
  const { css = "", days = {} } = picture ?? {};
  for (const html of Object.values(days)) {
    const used = new Set(html.match(/mui-[\w-]+/g));
    expect(used.size).toBeGreaterThan(10);
    const unstyled = [...used].filter((one) => !css.includes(`.${one}`));
    // A box may have a name without a rule of its own.
    expect(unstyled.length).toBeLessThan(used.size / 4);
    // Nothing of a picture is reached with the keys.
    expect(html.match(/<button (?![^>]*tabindex="-1")/g)).toBeNull();
  }
  for (const [on, isDrawn] of [
    ["2026-09-25", true],
    ["2026-09-27", false],
  ] as const) {
    const visit = await context.newPage();
    await visit.clock.setFixedTime(`${on}T06:00:00`);
    const letCome = await openHeld(visit);
    await visit.locator("#picture-of-today").waitFor({ state: "attached" });
    if (isDrawn) await visit.locator("[data-drawn]").waitFor();
    else {
      await visit.evaluate(() => new Promise((resolve) => setTimeout(resolve, 1000)));
      await expect(visit.locator("[data-drawn]")).toHaveCount(0);
    }
    letCome();
    await visit.getByRole("heading", { name: todayWords.today, level: 1 }).waitFor();
    await visit.close();
  }
});
