import { expect, type Page } from "@playwright/test";
import { expectClean } from "./axe";
import { EMPTY, test } from "./garden";
import { PHONE } from "./touch";
import { difficultyNames, lessonTitles, practise as words } from "@/words/en/practise";

const heading = (page: Page) => page.getByRole("heading", { level: 1 });

/** Decides evening after evening until the winter is over. */
async function playToEnd(page: Page, decide: (evening: number) => Promise<void>): Promise<number> {
  let evenings = 0;
  while (/^Dusk/.test(await heading(page).innerText())) {
    const before = await heading(page).innerText();
    await decide(evenings);
    evenings += 1;
    await expect(heading(page)).not.toHaveText(before);
  }
  return evenings;
}

test("a lesson is played to its end by keyboard alone, and is remembered", async ({ page }) => {
  await page.goto("/practise");
  await expect(heading(page)).toHaveText(words.practise);
  await expectClean(page);
  await page.getByRole("button", { name: `${words.start}: ${lessonTitles.tooFewCovers}` }).focus();
  await page.keyboard.press("Enter");
  await expect(heading(page)).toHaveText(/^Dusk/);
  await expectClean(page);
  const evenings = await playToEnd(page, async () => {
    // The first bed under a cloth, then on with Enter.
    const first = page.getByRole("group").getByRole("button").first();
    await first.focus();
    await page.keyboard.press("Space");
    await page.getByRole("button", { name: words.startNight }).focus();
    await page.keyboard.press("Enter");
  });
  expect(evenings).toBeGreaterThan(4);
  await expect(page.getByText(words.yours)).toBeVisible();
  await expect(page.getByText(words.nothings)).toBeVisible();
  await expect(page.getByRole("heading", { name: words.mattered })).toBeVisible();
  await expect(page.getByText(/kg more/).first()).toBeVisible();
  await expectClean(page);
  await page.getByRole("button", { name: words.toStart }).click();
  await expect(page.getByText(/^Best: /)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^Best: /)).toBeVisible();
  // One's own garden is as it was: the last step is the one that opened it.
  await expect(page.getByRole("button", { name: /^Undo .*sample garden/ })).toBeVisible();
});

test.describe("by finger", () => {
  test.use({ ...PHONE, colorScheme: "dark" });

  test("a free winter is played to its end on a phone, from the start page of an empty browser", async ({
    page,
  }) => {
    await page.goto(EMPTY);
    await page.getByRole("link", { name: "Practise a winter first" }).tap();
    await page
      .getByRole("button", { name: new RegExp(`^${difficultyNames.hard}: 1 cloth$`) })
      .tap();
    await page.getByLabel(words.number).fill("0");
    await expect(page.getByText(words.numberFrom)).toBeVisible();
    await page.getByLabel(words.number).fill("2");
    await page.getByRole("button", { name: words.start, exact: true }).tap();
    await expect(heading(page)).toHaveText(/^Dusk/);
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(wide).toBeLessThanOrEqual(390);
    await expectClean(page);
    await playToEnd(page, async (evening) => {
      if (evening % 2 === 0) {
        await page.getByRole("group").getByRole("button").first().tap();
        await page.getByRole("button", { name: words.startNight }).tap();
      } else await page.getByRole("button", { name: words.skip }).tap();
    });
    await expect(heading(page)).toHaveText(words.over);
    await expect(page.getByText(words.tools)).toBeVisible();
    await expectClean(page);
  });
});
