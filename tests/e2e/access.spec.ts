import { planting as plantingWords } from "@/words/en/planting";
import { expect } from "@playwright/test";
import { expectClean } from "./axe";
import { giveCommons, EMPTY, knot, openPlan, test, VIEWS } from "./garden";
import { beds as bedsWords } from "@/words/en/beds";
import { crops as cropsWords } from "@/words/en/crops";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { imports as importsWords } from "@/words/en/imports";
import { logbook as logbookWords } from "@/words/en/logbook";
import { place as placeWords } from "@/words/en/place";
import { plan as planWords } from "@/words/en/plan";
import { seedBox as seedBoxWords } from "@/words/en/seedBox";
import { seedlings as seedlingsWords } from "@/words/en/seedlings";
import { shell as shellWords } from "@/words/en/shell";
import { shelters as sheltersWords } from "@/words/en/shelters";
import { today as todayWords } from "@/words/en/today";
import { trays as traysWords } from "@/words/en/trays";
import { ui as uiWords } from "@/words/en/ui";

for (const [look, colorScheme] of [
  ["Day", "light"],
  ["Lamp", "dark"],
] as const) {
  test.describe(`axe finds nothing, in ${look}`, () => {
    test.use({ colorScheme });

    test("on Plan with a planting selected, and with a wish", async ({ page }) => {
      await openPlan(page);
      await knot(page, "Kale, curly, Bed 3").click();
      await expect(page.getByRole("complementary")).toBeVisible();
      await expectClean(page);
      await page.getByRole("button", { name: planWords.iWant }).click();
      await expect(
        page
          .getByRole("dialog")
          .getByRole("button", { name: /Add to plan/ })
          .first(),
      ).toBeVisible();
      await page.waitForTimeout(400); // the dialog fades in; axe measures contrast
      await expectClean(page);
    });

    test("on Place, in the settings and the palette", async ({ page }) => {
      await page.goto("/place");
      for (const section of [placeWords.frost, placeWords.daylight, "Sun", placeWords.forecast]) {
        await page.getByRole("button", { name: section, exact: true }).click();
        await expect(page.getByRole("heading", { level: 2 }).first()).toBeVisible();
        await expectClean(page);
      }
      await page.getByRole("button", { name: shellWords.settings }).click();
      await expect(page.getByRole("dialog")).toBeVisible();
      await page.waitForTimeout(400);
      await expectClean(page);
      await page.keyboard.press("Escape");
      await page.keyboard.press("Control+k");
      await expect(
        page.getByRole("combobox", { name: shellWords.searchOrRunACommand }),
      ).toBeFocused();
      await page.waitForTimeout(400);
      await expectClean(page);
    });

    test("on Today with several chosen, in the log's line and in the logbook", async ({ page }) => {
      await page.goto("/today");
      await page.getByRole("button", { name: /^More about Caterpillars again/ }).click();
      await expectClean(page);
      await page.getByRole("button", { name: todayWords.selectSeveral }).click();
      await page
        .getByRole("checkbox", { name: /^Choose: Pick kale/ })
        .first()
        .click();
      await expectClean(page);
      await page.goto("/logbook");
      await expect(page.getByRole("table", { name: logbookWords.entries })).toBeVisible();
      await expectClean(page);
      await page.keyboard.press("l");
      await page.keyboard.type("lost half the lettuce");
      await page.waitForTimeout(400);
      await expectClean(page);
    });

    test("on the beds in all their parts, and on the shelters", async ({ page }) => {
      await page.goto("/beds");
      await page.getByRole("button", { name: /^Bed 9:/ }).click();
      const pane = page.getByRole("complementary");
      for (const section of [
        bedsWords.growing,
        bedsWords.freeSpace,
        bedsWords.soil,
        bedsWords.position,
      ]) {
        await pane.getByRole("tab", { name: section }).click();
        await page.waitForTimeout(300);
        await expectClean(page);
      }
      await pane.getByRole("tab", { name: bedsWords.growing }).click();
      await pane.getByRole("button", { name: bedsWords.replant }).click();
      await expect(page.getByRole("dialog")).toBeVisible();
      await page.waitForTimeout(400);
      await expectClean(page);
      await page.goto("/shelters");
      await expect(page.getByRole("slider", { name: sheltersWords.hourShown })).toBeVisible();
      await expectClean(page);
      await page.getByRole("button", { name: /^In storage/ }).click();
      await expect(page.getByRole("table", { name: sheltersWords.covers })).toBeVisible();
      await expectClean(page);
      await page.getByRole("button", { name: sheltersWords.addAShelter2 }).click();
      await expect(page.getByRole("dialog")).toBeVisible();
      await page.waitForTimeout(400);
      await expectClean(page);
    });

    test("on Seedlings in all their parts, and on the labels", async ({ page }) => {
      await page.goto("/seedlings");
      await page.getByRole("button", { name: /^Open: Thin the winter onion/ }).click();
      await expect(page.getByRole("complementary")).toBeVisible();
      await expectClean(page);
      for (const section of [
        seedlingsWords.space,
        seedBoxWords.seedBox,
        seedlingsWords.seedOrder,
        seedlingsWords.pottingMixes,
        cropsWords.crops,
      ]) {
        await page.getByRole("button", { name: section, exact: true }).click();
        await page.waitForTimeout(300);
        await expectClean(page);
      }
      await page.getByRole("button", { name: cropsWords.makeMyOwnVersion }).click();
      await expect(page.getByRole("dialog")).toBeVisible();
      await page.waitForTimeout(400);
      await expectClean(page);
      await page.goto("/seedlings/labels");
      await expect(page.getByRole("list", { name: traysWords.labels2 })).toBeVisible();
      await expectClean(page);
    });

    test("in an empty browser", async ({ page }) => {
      await page.goto(`${EMPTY}/plan`);
      await expect(
        page.getByRole("heading", { name: gardenFileWords.harvestThroughWinter }),
      ).toBeVisible();
      await expectClean(page);
    });
  });
}

test("on a phone: nothing runs over the edge, and the inspector rises from below", async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openPlan(page);
  for (const path of ["/plan", "/beds", "/shelters", "/place", "/seedlings", "/seedlings/labels"]) {
    await page.goto(path);
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    const over = await page.evaluate(
      () => document.documentElement.scrollWidth - window.innerWidth,
    );
    expect(over).toBeLessThanOrEqual(0);
  }
  await page.goto("/plan");
  await knot(page, "Kale, curly, Bed 3").click();
  await expect(page.getByText(plantingWords.firstPicking, { exact: true })).toBeInViewport();
  await expectClean(page);
});

test("at twice the size everything is still there and nothing runs over the edge", async ({
  page,
}) => {
  // 200 % zoom on a 1280-pixel screen leaves 640 CSS pixels.
  await page.setViewportSize({ width: 640, height: 400 });
  await openPlan(page);
  const over = () => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(await over()).toBeLessThanOrEqual(0);
  await page.getByRole("button", { name: planWords.iWant }).click();
  await expect(page.getByRole("button", { name: /Add to plan/ }).first()).toBeVisible();
  expect(await over()).toBeLessThanOrEqual(0);
});

// A phone, and 200 % zoom on a 1280-pixel screen, which leaves 640 pixels.
const SIZES = [
  { width: 390, height: 844 },
  { width: 640, height: 400 },
] as const;

for (const half of [0, 1]) {
  test(`every view is clean on a phone and at twice the size, by day and by lamplight, ${half + 1} of 2`, async ({
    page,
  }) => {
    for (const view of VIEWS.filter((_view, index) => index % 2 === half)) {
      await page.emulateMedia({ colorScheme: "light" });
      await page.goto(view);
      await expect(page.getByRole("heading", { level: 1 }).first()).toBeVisible();
      for (const size of SIZES) {
        await page.setViewportSize(size);
        await page.emulateMedia({ colorScheme: "light" });
        await expectClean(page);
        const over = await page.evaluate(
          () => document.documentElement.scrollWidth - window.innerWidth,
        );
        expect([view, size.width, Math.max(0, over)]).toEqual([view, size.width, 0]);
        await page.emulateMedia({ colorScheme: "dark" });
        await expect(page.locator("html")).toHaveAttribute("data-theme", "dark");
        await expectClean(page);
      }
    }
  });
}

test("counting and wishing work by touch on a phone", async ({ browser }) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
    locale: "en-GB",
  });
  await giveCommons(context);
  const page = await context.newPage();
  await openPlan(page);
  await page.getByRole("button", { name: planWords.iWant }).tap();
  const wish = page.getByRole("dialog", { name: planWords.iWant });
  await wish
    .getByRole("button", { name: /^Add to plan: Spinach/ })
    .first()
    .tap();
  // Young leaves have one size, full-grown plants two.
  await expect(
    page
      .getByText(plantingWords.firstPicking, { exact: true })
      .or(page.getByText(plantingWords.fromSowing, { exact: true })),
  ).toBeInViewport();
  await page.getByRole("button", { name: importsWords.close }).first().tap();
  const ribbon = page.getByRole("region", { name: uiWords.season }).locator("svg");
  const box = await ribbon.boundingBox();
  if (!box) throw new Error("the ribbon is drawn");
  await page.touchscreen.tap(box.x + 250, box.y + 30);
  await expect(page.getByTestId("date-in-view")).not.toContainText("24 Sep");
  await page.getByRole("button", { name: uiWords.more, exact: true }).tap();
  await page.getByRole("menuitem", { name: placeWords.place }).tap();
  await expect(page.getByRole("heading", { name: placeWords.place, level: 1 })).toBeVisible();
  await context.close();
});
