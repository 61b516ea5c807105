import { expect, test, type Page } from "@playwright/test";
import { expectClean } from "./axe";
import { startFront, type Front } from "./front";
import { giveCommons, importFile } from "./garden";
import { PHONE } from "./touch";
import { larder as larderWords } from "@/words/en/larder";
import { offline as offlineWords } from "@/words/en/offline";
import { rehearse as rehearseWords } from "@/words/en/rehearse";
import { waiting as waitingWords } from "@/words/en/waiting";
import { beds as bedsWords } from "@/words/en/beds";
import { logbook as logbookWords } from "@/words/en/logbook";
import { place as placeWords } from "@/words/en/place";
import { plan as planWords } from "@/words/en/plan";
import { seedlings as seedlingsWords } from "@/words/en/seedlings";
import { shell as shellWords } from "@/words/en/shell";
import { ui as uiWords } from "@/words/en/ui";

const VIEWS_BY_ADDRESS = [
  ["/plan", planWords.plan],
  ["/beds", bedsWords.beds],
  ["/shelters", shellWords.shelters],
  ["/seedlings", seedlingsWords.seedlings],
  ["/larder", larderWords.larder],
  ["/logbook", logbookWords.logbook],
  ["/place?part=light", placeWords.place],
] as const;
const MISSING = /Part of Late Ember could not be loaded/;

async function openToday(page: Page): Promise<void> {
  await page.goto("/today");
  await expect(page.getByRole("heading", { name: shellWords.today, level: 1 })).toBeVisible();
}

test("where a browser keeps no program, a page that has come to rest goes on without the network, also hours later", async ({
  context,
  page,
}) => {
  // Last of all the workers are fetched: one derives, one reads gardens, one joins
  // them, one reads the weather.
  let workers = 0;
  page.on("worker", () => (workers += 1));
  await openToday(page);
  let asked = Date.now();
  page.on("request", () => (asked = Date.now()));
  await expect.poll(() => workers, { timeout: 40_000 }).toBe(4);
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
  // What the next start shows is kept: it works out nothing, and fetches nothing for that.
  await expect.poll(() => page.evaluate(() => caches.has("late-ember-picture"))).toBe(true);
  // A second visit, which has loaded nothing that changes the garden; and the clock stands, so that it
  // does not come to rest before the network goes.
  await page.clock.install();
  await page.reload();
  const done = page.getByRole("button", { name: /^Done: / });
  await expect(done.first()).toBeVisible();
  isAway = true;
  const label = (await done.first().getAttribute("aria-label")) ?? "";
  const row = page.getByRole("button", { name: label, exact: true });
  await done.first().click();
  await page.clock.runFor(500);
  const told = page.getByRole("alert").filter({ hasText: MISSING });
  await expect(told).toBeVisible();
  // The tick is not taken for done: the row comes back.
  await expect
    .poll(async () => {
      await page.clock.runFor(200);
      return row.count();
    })
    .toBe(1);
  await told.getByRole("button", { name: uiWords.reloadThePage }).click();
  await expect(told.getByRole("button", { name: /No connection/ })).toBeVisible();
  isAway = false;
  await told.getByRole("button", { name: /No connection/ }).click();
  await expect(page.getByRole("heading", { name: shellWords.today, level: 1 })).toBeVisible();
  await row.click();
  await expect
    .poll(async () => {
      await page.clock.runFor(200);
      return row.count();
    })
    .toBe(0);
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

test.describe("kept in the browser", () => {
  test.use({ ...PHONE, serviceWorkers: "allow" });
  let front: Front;
  test.beforeEach(async ({ context }) => {
    front = await startFront();
    await giveCommons(context);
  });
  test.afterEach(() => front.goAway());

  async function visit(page: Page): Promise<void> {
    await page.goto(`${front.address}/today`);
    await expect(page.getByRole("heading", { name: shellWords.today, level: 1 })).toBeVisible();
    await page.evaluate(() => navigator.serviceWorker.ready);
  }

  test("a whole evening without a server after one visit, on a phone, and nothing of it is lost", async ({
    page,
  }) => {
    await visit(page);
    await front.goAway();
    await page.reload();
    const done = page.getByRole("button", { name: /^Done: / });
    await expect(done.first()).toBeVisible();
    const label = (await done.first().getAttribute("aria-label")) ?? "";
    await done.first().tap();
    await expect(page.getByRole("button", { name: label, exact: true })).toHaveCount(0);
    // The row goes at once; written it is when it can be undone.
    await expect(page.getByRole("button", { name: /^Undo Water/ })).toBeVisible();

    // A line for the log, from the shortcut of the installed program.
    await page.goto(`${front.address}/today?dialog=log`);
    const line = page
      .getByRole("dialog")
      .getByRole("combobox")
      .or(page.getByRole("dialog").getByRole("textbox"));
    await line.first().fill("picked 350 g spinach bed 7");
    await page.keyboard.press("Enter");
    await expect(page.getByRole("dialog")).toHaveCount(0);

    // Every view, by its own address, as from a bookmark.
    for (const [path, name] of VIEWS_BY_ADDRESS) {
      await page.goto(`${front.address}${path}`);
      await expect(page.getByRole("heading", { name, level: 1 })).toBeVisible();
    }
    await page.goto(`${front.address}/larder-of-the-moon`);
    await expect(page.getByRole("heading", { name: shellWords.pageNotFound })).toBeVisible();
    // Workers, too: the odds of a hundred winters.
    await page.goto(`${front.address}/plan/rehearse`);
    await page.getByRole("button", { name: rehearseWords.start({ winters: 100 }) }).tap();
    await expect(page.getByText(/^\d+ of \d+$/).first()).toBeVisible();

    await front.comeBack();
    await page.goto(`${front.address}/logbook`);
    await expect(page.getByText(/350 g/).first()).toBeVisible();
    await page.goto(`${front.address}/today`);
    await expect(done.first()).toBeVisible();
    await expect(page.getByRole("button", { name: label, exact: true })).toHaveCount(0);
  });

  test("a newer version waits until it is asked for, in this tab and in others", async ({
    context,
    page,
  }) => {
    await visit(page);
    const other = await context.newPage();
    await other.goto(`${front.address}/plan`);
    await expect(other.getByRole("heading", { name: planWords.plan, level: 1 })).toBeVisible();
    front.renew();
    await page.reload();
    const notice = page.getByRole("status").filter({ hasText: offlineWords.newerIsReady });
    await expect(notice).toBeVisible();
    await expectClean(page);
    await notice.getByRole("button", { name: offlineWords.takeIt }).tap();
    await expect(notice).toHaveCount(0);
    await expect(page.getByRole("heading", { name: shellWords.today, level: 1 })).toBeVisible();
    // The other tab is left at what it does, and told.
    const tookIt = other.getByRole("status").filter({ hasText: offlineWords.anotherTabTookIt });
    await expect(tookIt).toBeVisible();
    await tookIt.getByRole("button", { name: offlineWords.later }).tap();
    await front.goAway();
    await page.reload();
    await expect(page.getByRole("heading", { name: shellWords.today, level: 1 })).toBeVisible();
    await other.getByRole("link", { name: bedsWords.beds, exact: true }).tap();
    await expect(other.getByRole("heading", { name: bedsWords.beds, level: 1 })).toBeVisible();
  });
});
