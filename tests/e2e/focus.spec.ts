import { expect, type Page } from "@playwright/test";
import { giveCommons, findByPalette, openPlan, test } from "./garden";
import { PHONE } from "./touch";
import { beds as bedsWords } from "@/words/en/beds";
import { logbook as logbookWords } from "@/words/en/logbook";
import { plan as planWords } from "@/words/en/plan";
import { seedlings as seedlingsWords } from "@/words/en/seedlings";
import { shell as shellWords } from "@/words/en/shell";
import { trays as traysWords } from "@/words/en/trays";

/** What has the focus, in words; "body" when it has fallen there. */
const focused = (page: Page) =>
  page.evaluate(() => {
    const { activeElement } = document;
    return !activeElement || activeElement === document.body
      ? "body"
      : (activeElement.getAttribute("aria-label") ?? activeElement.textContent ?? "");
  });

test("the focus stays near what was done: a tick, a wish planted, a tray sown, Escape", async ({
  page,
}) => {
  await page.goto("/today");
  const done = page.getByRole("button", { name: /^Done: / });
  await done.nth(3).focus();
  const label = (await done.nth(3).getAttribute("aria-label")) ?? "";
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: label, exact: true })).toHaveCount(0);
  await expect.poll(() => focused(page)).toMatch(/^Done: /);
  await page.keyboard.press("Control+k");
  await expect(page.getByRole("combobox", { name: shellWords.searchOrRunACommand })).toBeFocused();
  await page.keyboard.press("Escape");
  await expect.poll(() => focused(page)).toMatch(/^Done: /);

  await openPlan(page);
  await page.getByRole("button", { name: planWords.iWant }).focus();
  await page.keyboard.press("Enter");
  await page
    .getByRole("button", { name: /^Add to plan/ })
    .first()
    .focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("dialog")).toBeHidden();
  await expect.poll(() => focused(page)).not.toBe("body");

  await page.getByRole("link", { name: seedlingsWords.seedlings }).click();
  await page.getByRole("button", { name: traysWords.newTray2 }).focus();
  await page.keyboard.press("Enter");
  await page.getByRole("dialog").getByRole("button", { name: traysWords.addTray }).press("Enter");
  await expect(page.getByRole("dialog")).toBeHidden();
  await expect.poll(() => focused(page)).not.toBe("body");
  // Opened from the palette, whose own entry is gone by then.
  await findByPalette(page, "settings");
  await page.keyboard.press("Escape");
  await expect.poll(() => focused(page)).not.toBe("body");
});

test("where the system chooses the colours, what is pressed looks pressed", async ({ page }) => {
  await page.emulateMedia({ forcedColors: "active" });
  await openPlan(page);
  const background = (name: string) =>
    page
      .getByRole("button", { name, exact: true })
      .evaluate((button) => getComputedStyle(button).backgroundColor);
  expect(await background(planWords.growth)).not.toBe(await background(planWords.calendarDays));
  const outline = (name: string) =>
    page
      .getByRole("link", { name, exact: true })
      .evaluate((link) => getComputedStyle(link).outlineStyle);
  expect(await outline(planWords.plan)).toBe("solid");
  expect(await outline(bedsWords.beds)).toBe("none");
});

test("printed, the plan's cliff stands below its beds, the logbook has no buttons, and the sheet has the region's paper", async ({
  browser,
}) => {
  const context = await browser.newContext({
    locale: "en-US",
    viewport: { width: 1280, height: 800 },
  });
  await giveCommons(context);
  const page = await context.newPage();
  await page.goto("/plan");
  await expect(page.locator(".knot").first()).toBeVisible();
  await page.emulateMedia({ media: "print" });
  const lastKnot = await page.locator(".knot").last().boundingBox();
  const cliff = await page.getByRole("heading", { name: /the cliff/ }).boundingBox();
  expect(cliff?.y ?? 0).toBeGreaterThan((lastKnot?.y ?? Infinity) + (lastKnot?.height ?? 0));
  await page.goto("/logbook");
  await expect(page.getByRole("heading", { name: logbookWords.logbook, level: 1 })).toBeVisible();
  await expect(page.getByRole("main").getByRole("button").filter({ visible: true })).toHaveCount(1);
  await expect(page.getByRole("main").getByRole("textbox")).toHaveCount(0);
  await page.goto("/today/sheet");
  await expect(page.getByRole("article")).toBeVisible();
  const sizes = () =>
    page.evaluate(() =>
      [...document.styleSheets].flatMap((sheet) =>
        [...sheet.cssRules].flatMap((rule) =>
          rule instanceof CSSPageRule ? [rule.style.getPropertyValue("size")] : [],
        ),
      ),
    );
  expect(await sizes()).toContain("letter");
  await context.close();
});

test.describe("on a phone", () => {
  test.use(PHONE);

  test("everything that is tapped is as large as a finger", async ({ page }) => {
    for (const path of ["/today", "/plan", "/seedlings", "/logbook", "/place"]) {
      await page.goto(path);
      await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
      const small = await page.evaluate(() =>
        [...document.querySelectorAll<HTMLElement>("main button, nav a, header button")]
          .filter((one) => one.checkVisibility())
          .map((one) => ({ box: one.getBoundingClientRect(), name: one.textContent }))
          .filter(({ box }) => box.height < 43.5 || box.width < 43.5)
          .map(({ box, name }) => `${name} ${box.width} × ${box.height}`),
      );
      expect(small, path).toEqual([]);
    }
  });
});
