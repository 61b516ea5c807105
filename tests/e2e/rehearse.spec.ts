import { expect, type Page } from "@playwright/test";
import { expectClean } from "./axe";
import { EMPTY, test, told } from "./garden";
import { PHONE } from "./touch";
import { beds as bedsWords } from "@/words/en/beds";
import { rehearse as words } from "@/words/en/rehearse";
import { settings as settingsWords } from "@/words/en/settings";
import { shell as shellWords } from "@/words/en/shell";
import { store as storeWords } from "@/words/en/store";

const start = words.start({ winters: 100 });
const dialog = (page: Page) => page.getByRole("dialog");

/** A hundred winters on a machine that is busy with other tests, ms. */
const WINTERS_MS = 90_000;

/** Rehearses the tests' garden, and waits until its hundred winters are through. */
async function rehearsed(page: Page): Promise<void> {
  await page.goto("/plan/rehearse");
  await page.getByRole("button", { name: start }).click();
  await expect(told(page, words.ended({ done: 100 }))).toBeVisible({ timeout: WINTERS_MS });
}

test("the plan is rehearsed, looked at in its coldest winter, and found again as it was", async ({
  page,
}) => {
  await rehearsed(page);
  const least = page
    .getByRole("button", { name: /reaches a harvest in \d+ of 100 winters/ })
    .first();
  const [, reached = "0"] =
    /in (\d+) of 100/.exec((await least.getAttribute("aria-label")) ?? "") ?? [];
  expect(Number(reached)).toBeLessThan(100);
  await expectClean(page);

  // The cold one: every view shows the garden in it, and says that it is none.
  await page.getByRole("button", { name: words.see }).first().click();
  const banner = page.getByRole("status").filter({ hasText: "Rehearsed winter" });
  await expect(banner).toBeVisible();
  await expectClean(page);
  await page.getByRole("link", { name: shellWords.beds }).click();
  await expect(page.getByRole("heading", { name: bedsWords.beds, level: 1 })).toBeVisible();
  await expect(banner).toBeVisible();
  await page.getByRole("link", { name: shellWords.plan }).click();
  await expect(banner).toBeVisible();
  // Its pickings stand on the strands, and nothing in it can be changed.
  await expect(page.locator("svg title", { hasText: /^picked / }).first()).toBeAttached();
  const knot = page.getByRole("slider", { name: "Garlic, hardneck, Bed 10: sowing day" });
  await knot.focus();
  await page.keyboard.press("ArrowRight");
  await expect(
    page.getByRole("alert").filter({ hasText: storeWords.aRehearsedWinterIsOnTheScreen }),
  ).toBeVisible();
  await page.getByRole("alert").getByRole("button").click();
  await page.getByRole("button", { name: words.leave }).click();
  await expect(banner).toBeHidden();
  // The plan tells its odds, and is as it was.
  await expect(page.getByText("100/100").first()).toBeVisible();
  await expect(page.getByRole("button", { name: /^Undo .*sample garden/ })).toBeVisible();
});

test("a cover on bed 7 is tried on the same winters, and kept as one step", async ({ page }) => {
  await rehearsed(page);
  await page.getByRole("button", { name: words.tryNew }).click();
  await dialog(page).getByRole("button", { name: words.tryIt }).click();
  await expect(dialog(page).getByText(words.chooseBed)).toBeVisible();
  await dialog(page).getByLabel(words.bed).click();
  await page.getByRole("option", { name: "Bed 7", exact: true }).click();
  await expectClean(page);
  await dialog(page).getByRole("button", { name: words.tryIt }).click();
  const tried = page.getByRole("listitem").filter({ hasText: "Bed 7 under light cover" });
  await expect(tried.getByRole("status")).toHaveText(/\d+ (winters|of \d+ winters).*\(.* to .*\)/);
  // It ends by itself once it is clear, long before all of its winters.
  await expect(page.getByRole("button", { name: words.stop, exact: true })).toBeHidden();
  await tried.getByRole("button", { name: words.keep }).click();
  await expect(told(page, "Kept: Bed 7 under light cover")).toBeVisible();
  await expect(page.getByText(words.planChanged)).toBeVisible();
  await page.getByRole("button", { name: /^Undo .*keeping/ }).click();
  await expect(page.getByText(words.planChanged)).toBeHidden();
});

test("a refused change says why; a run is stopped and goes on; what is worth what is ranked", async ({
  page,
}) => {
  await page.goto("/plan/rehearse");
  await page.getByRole("button", { name: start }).click();
  await page.getByRole("button", { name: words.stop, exact: true }).click();
  await page.getByRole("button", { name: words.resume }).click();
  await expect(told(page, words.ended({ done: 100 }))).toBeVisible();
  await page.getByRole("button", { name: words.tryNew }).click();
  await dialog(page).getByLabel(words.whatChange).click();
  await page.getByRole("option", { name: words.moveSowing }).click();
  await dialog(page).getByLabel(words.planting, { exact: true }).click();
  // What is sown already cannot be sown on another day.
  await page
    .getByRole("option", { name: /^Radish, round/ })
    .first()
    .click();
  await dialog(page).getByLabel(words.sowOn).fill("2026-10-20");
  await dialog(page).getByRole("button", { name: words.tryIt }).click();
  await expect(dialog(page).getByRole("alert")).toContainText("cannot be made");
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: words.worthFind }).click();
  // The greenhouse is worth most of all: it stands first, with what the harvest loses without it.
  const ranked = page.getByRole("listitem").filter({ hasText: /\(.* to .*\)$/ });
  await expect(ranked.first()).toContainText(/Greenhouse/);
  await expect(page.getByText(words.soFar({ done: 60, wanted: 60 }))).toBeHidden();
  await expectClean(page);
});

test("an empty garden is told what is wanted first", async ({ page }) => {
  await page.goto(`${EMPTY}/plan/rehearse`);
  await page.getByRole("button", { name: /location/ }).click();
  await page.goto(`${EMPTY}/plan/rehearse`);
  await expect(page.getByRole("button", { name: start })).toBeHidden();
});

test.describe("by finger", () => {
  test.use({ ...PHONE, colorScheme: "dark" });

  test("on a phone a rehearsal fits, and a winter is left with a tap", async ({ page }) => {
    await rehearsed(page);
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(wide).toBeLessThanOrEqual(390);
    await expectClean(page);
    await page.getByRole("button", { name: words.see }).nth(1).tap();
    await page.getByRole("button", { name: words.leave }).tap();
    await expect(page.getByText("Nothing here is real")).toBeHidden();
  });
});

test("odds in pounds where the garden is in pounds", async ({ page }) => {
  await page.goto("/plan");
  await page.getByRole("button", { name: shellWords.settings }).click();
  await page.getByRole("combobox", { name: settingsWords.units }).click();
  await page.getByRole("option", { name: /Imperial/ }).click();
  await page.keyboard.press("Escape");
  // Written once the line at the top tells tonight in it.
  await expect(page.getByRole("banner").getByText(/°F/)).toBeVisible();
  await rehearsed(page);
  await expect(page.getByText(/In all .* lb in a middling winter/)).toBeVisible();
  await expect(page.getByText(/down to .*°F/).first()).toBeVisible();
});
