import { expect, test, type Page } from "@playwright/test";
import { importFile } from "./garden";
import { waiting as waitingWords } from "@/words/en/waiting";
import { beds as bedsWords } from "@/words/en/beds";
import { logbook as logbookWords } from "@/words/en/logbook";
import { place as placeWords } from "@/words/en/place";
import { plan as planWords } from "@/words/en/plan";
import { seedlings as seedlingsWords } from "@/words/en/seedlings";
import { shell as shellWords } from "@/words/en/shell";
import { ui as uiWords } from "@/words/en/ui";

const MISSING = /Part of Late Ember could not be loaded/;

async function openToday(page: Page): Promise<void> {
  await page.goto("/today");
  await expect(page.getByRole("heading", { name: shellWords.today, level: 1 })).toBeVisible();
}

test("a page that has come to rest goes on without the network, also hours later", async ({
  context,
  page,
}) => {
  // Last of all the workers are fetched: one derives, one reads gardens, one the weather.
  let workers = 0;
  page.on("worker", () => (workers += 1));
  await openToday(page);
  let asked = Date.now();
  page.on("request", () => (asked = Date.now()));
  await expect.poll(() => workers, { timeout: 40_000 }).toBe(3);
  await expect.poll(() => Date.now() - asked, { timeout: 30_000 }).toBeGreaterThan(1_000);
  await context.setOffline(true);
  await page.clock.setSystemTime(new Date(Date.now() + 3 * 3_600_000));
  const done = page.getByRole("button", { name: /^Done: / });
  const label = (await done.first().getAttribute("aria-label")) ?? "";
  await done.first().click();
  await expect(page.getByRole("button", { name: label, exact: true })).toHaveCount(0);
  for (const name of [
    planWords.plan,
    bedsWords.beds,
    shellWords.shelters,
    seedlingsWords.seedlings,
    logbookWords.logbook,
    placeWords.place,
  ]) {
    await page.getByRole("link", { name, exact: true }).click();
    await expect(page.getByRole("heading", { name, level: 1 })).toBeVisible();
  }
  await page.getByRole("button", { name: shellWords.settings }).click();
  await expect(page.getByRole("dialog", { name: shellWords.settings })).toBeVisible();
  await page.keyboard.press("Escape");
  await importFile(page, "none.json", "no garden");
  await expect(page.getByRole("dialog", { name: "Import none.json" })).toContainText(
    "This is not JSON",
  );
});

test("what cannot be loaded is told, with what to do, and nothing else is lost", async ({
  page,
}) => {
  // A server that goes away; what is routed is not taken from the browser's cache either.
  let isAway = false;
  await page.route("**/*", (route) => (isAway ? route.abort() : route.continue()));
  await openToday(page);
  // A second visit, which has loaded nothing that changes the garden; and the clock stands, so that it
  // does not come to rest before the network goes.
  await page.clock.install();
  await page.reload();
  await expect(page.getByRole("heading", { name: shellWords.today, level: 1 })).toBeVisible();
  isAway = true;
  const done = page.getByRole("button", { name: /^Done: / });
  const before = await done.count();
  await done.first().click();
  await page.clock.runFor(500);
  const told = page.getByRole("alert").filter({ hasText: MISSING });
  await expect(told).toBeVisible();
  // The tick is not taken for done: the row comes back.
  await expect
    .poll(async () => {
      await page.clock.runFor(200);
      return done.count();
    })
    .toBe(before);
  await told.getByRole("button", { name: uiWords.reloadThePage }).click();
  await expect(told.getByRole("button", { name: /No connection/ })).toBeVisible();
  isAway = false;
  await told.getByRole("button", { name: /No connection/ }).click();
  await expect(page.getByRole("heading", { name: shellWords.today, level: 1 })).toBeVisible();
  await done.first().click();
  await expect
    .poll(async () => {
      await page.clock.runFor(200);
      return done.count();
    })
    .toBe(before - 1);
});

test("before a line of the program runs, the frame stands with its views and a quiet placeholder", async ({
  browser,
}) => {
  const context = await browser.newContext({ javaScriptEnabled: false });
  const page = await context.newPage();
  await page.goto("/today");
  await expect(
    page.getByRole("navigation", { name: uiWords.views }).getByText(shellWords.shelters),
  ).toBeVisible();
  await expect(page.getByRole("status", { name: waitingWords.openingTheGarden })).toBeVisible();
  await context.close();
});

test("an address that leads nowhere says so in our own words", async ({ page }) => {
  await page.goto("/larder-of-the-moon");
  await expect(page.getByRole("heading", { name: shellWords.pageNotFound })).toBeVisible();
  await page.getByRole("link", { name: shellWords.goToToday }).click();
  await expect(page.getByRole("heading", { name: shellWords.today, level: 1 })).toBeVisible();
});
