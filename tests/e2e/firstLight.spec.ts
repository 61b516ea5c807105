import { readFileSync } from "node:fs";
import { expect, test, type Page } from "@playwright/test";
import ICAL from "ical.js";
import {
  EMPTY,
  dayOf,
  findByPalette,
  gardenMenu,
  savedCalendar,
  importFile,
  knot,
  openPlan,
  readyWords,
  textOf,
} from "./garden";
import { beds as bedsWords } from "@/words/en/beds";
import { crops as cropsWords } from "@/words/en/crops";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { plan as planWords } from "@/words/en/plan";
import { wish as wishWords } from "@/words/en/wish";
import { shell as shellWords } from "@/words/en/shell";
import { ui as uiWords } from "@/words/en/ui";

const NEW_SPINACH = /^Spinach, baby leaf, /;

test("a grower reads the season, wishes for December spinach, moves it, keeps it and carries it away", async ({
  page,
  browser,
}) => {
  await openPlan(page);

  // The ribbon tells the day, its light, and when frost and the short days come.
  const lantern = page.getByRole("slider", { name: uiWords.dateInView });
  await expect(lantern).toHaveAttribute(
    "aria-valuetext",
    /Thursday,? 24 September, today, 12 h \d+ min/,
  );
  const season = page.getByRole("region", { name: uiWords.season });
  await expect(season).toContainText("under 10 hours: 2 Nov – 9 Feb");
  await expect(season).toContainText(/killing frost, 1 year in 5, by \d+ Oct/);

  // Spinach by December is too late as asked; the reason and what still works are told.
  await page.getByRole("button", { name: planWords.iWant }).click();
  const wish = page.getByRole("dialog", { name: planWords.iWant });
  await wish.getByLabel(wishWords.readyBy2).fill("2026-12-01");
  await expect(wish.getByRole("alert")).toContainText(
    /It had to be sown uncovered by \d+ September, \d+ days ago\. What still works:/,
  );
  await wish
    .getByRole("button", { name: /^Add to plan: Spinach.*baby leaf/ })
    .first()
    .click();
  await expect(
    page.getByText(/Spinach added to House [34]: sow on \d+ (September|October)/),
  ).toBeVisible();

  // Dragged a week later, it is ready more than a week later; the end answers while it is dragged.
  const planted = page.getByRole("slider", { name: NEW_SPINACH });
  const before = await readyWords(planted);
  const box = await planted.boundingBox();
  const chart = await page.locator("[data-planting]").first().boundingBox();
  if (!box || !chart) throw new Error("the strand is drawn");
  const from = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  const perDay = await pixelsPerDay(page);
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x + perDay * 4, from.y, { steps: 3 });
  expect(dayOf(await readyWords(planted))).toBeGreaterThan(dayOf(before) + 4);
  await page.mouse.move(from.x + perDay * 7, from.y, { steps: 3 });
  await page.mouse.up();
  await expect
    .poll(async () => dayOf(await readyWords(planted)) - dayOf(before))
    .toBeGreaterThan(7);
  const moved = await readyWords(planted);

  // It is kept: once undo offers it back, it is written.
  await expect(page.getByRole("button", { name: "Undo moving spinach" })).toBeVisible();
  await page.reload();
  await expect(page.getByRole("slider", { name: NEW_SPINACH })).toBeVisible();
  expect(await readyWords(page.getByRole("slider", { name: NEW_SPINACH }))).toBe(moved);

  // The calendar reads back with a parser.
  const events = new ICAL.Component(ICAL.parse(await savedCalendar(page)) as unknown as [])
    .getAllSubcomponents("vevent")
    .map((event) => new ICAL.Event(event));
  const ready = events.find((event) => event.summary === "Ready: Spinach, winter type, baby leaf");
  expect(Date.parse(ready?.startDate.toString() ?? "") / 86_400_000).toBe(dayOf(moved));

  // The exported garden in an empty browser is the same garden, with the spinach that was wished for.
  const demo = JSON.parse(readFileSync("data/demo/tarnholt-commons.json", "utf8")) as {
    beds: unknown[];
    plantings: unknown[];
  };
  const saved = page.waitForEvent("download");
  await gardenMenu(page, gardenFileWords.saveGardenFile);
  const file = await textOf(await saved);
  const elsewhere = await (await browser.newContext({ locale: "en-GB" })).newPage();
  await elsewhere.goto(`${EMPTY}/plan`);
  await expect(
    elsewhere.getByRole("heading", { name: gardenFileWords.harvestThroughWinter }),
  ).toBeVisible();
  await importFile(elsewhere, "garden.json", file);
  await expect(
    elsewhere.getByText(
      `Tarnholt Commons opened: ${demo.beds.length} beds and ${demo.plantings.length + 1} plantings`,
    ),
  ).toBeVisible();
  const again = elsewhere.waitForEvent("download");
  await gardenMenu(elsewhere, gardenFileWords.saveGardenFile);
  expect(await textOf(await again)).toBe(file);
  await elsewhere.context().close();

  // Undo, also after the reload: the move first, then the planting.
  await page.getByRole("button", { name: "Undo moving spinach" }).click();
  await expect.poll(() => readyWords(page.getByRole("slider", { name: NEW_SPINACH }))).toBe(before);
  await page.getByRole("button", { name: "Undo adding spinach" }).click();
  await expect(page.getByRole("slider", { name: NEW_SPINACH })).toHaveCount(0);
});

/** Pixels a day takes on the strands' axis, read off two knots. */
async function pixelsPerDay(page: Page): Promise<number> {
  const places = await page.locator(".knot").evaluateAll((knots) =>
    knots.map((one) => ({
      day: Number(one.getAttribute("aria-valuenow")),
      x: Number(one.querySelector("circle")?.getAttribute("cx")),
    })),
  );
  const inSight = places.sort((a, b) => a.day - b.day).slice(-8);
  const [first, last] = [inSight[0], inSight.at(-1)];
  if (!first || !last) throw new Error("knots are drawn");
  return (last.x - first.x) / (last.day - first.day);
}

test("the same by keyboard alone", async ({ page }) => {
  await openPlan(page);
  await findByPalette(page, "add spinach");
  const wish = page.getByRole("dialog", { name: planWords.iWant });
  await expect(wish.getByRole("alert")).toContainText("had to be sown");
  await tabTo(page, /^Add to plan: Spinach/);
  await page.keyboard.press("Enter");
  await expect(wish).toBeHidden();

  // The strands are one stop: Tab leads to the first of them, arrow keys from one to the next.
  await tabTo(page, /: sowing day$/);
  await downTo(page, NEW_SPINACH);
  const planted = page.getByRole("slider", { name: NEW_SPINACH });
  const before = dayOf(await readyWords(planted));
  await page.keyboard.press("PageUp"); // a week later
  await expect.poll(async () => dayOf(await readyWords(planted))).toBeGreaterThan(before + 7);
  await expect(page.getByRole("button", { name: "Undo moving spinach" })).toBeVisible();
  await page.keyboard.press("Control+z");
  await expect.poll(async () => dayOf(await readyWords(planted))).toBe(before);
  await page.keyboard.press("Control+z");
  await expect(planted).toHaveCount(0);

  // The lantern by keys, wherever the focus is.
  const date = page.getByTestId("date-in-view");
  await page.keyboard.press("]");
  await expect(date).toContainText("25 September");
  await page.keyboard.press("}");
  await expect(date).toContainText("2 October");
  await page.keyboard.press("{");
  await page.keyboard.press("[");
  await page.keyboard.press("]");
  await page.keyboard.press("t");
  await expect(date).toContainText("24 September");
});

/** Presses Tab until what has the focus is called so. */
const tabTo = (page: Page, name: RegExp) => pressUntil(page, "Tab", name);
const downTo = (page: Page, name: RegExp) => pressUntil(page, "ArrowDown", name);

async function pressUntil(page: Page, key: string, name: RegExp): Promise<void> {
  for (let presses = 0; presses < 120; presses += 1) {
    const focused = await page.evaluate(
      () => document.activeElement?.getAttribute("aria-label") ?? "",
    );
    if (name.test(focused)) return;
    await page.keyboard.press(key);
  }
  throw new Error(`nothing called ${name} was reached by ${key}`);
}

test("the lantern is dragged and clicked, and every view follows", async ({ page }) => {
  await openPlan(page);
  await knot(page, "Spinach, winter type, Bed 7").click();
  const inspector = page.getByRole("complementary");
  await expect(inspector).toContainText(/On 24 September: \d+ % grown/);
  const ribbon = page.getByRole("region", { name: uiWords.season }).locator("svg");
  const box = await ribbon.boundingBox();
  if (!box) throw new Error("the ribbon is drawn");
  await page.mouse.move(box.x + 400, box.y + 50);
  await page.mouse.down();
  await page.mouse.move(box.x + 700, box.y + 50, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByTestId("date-in-view")).toContainText("December");
  await expect(inspector).toContainText("ready and holding");
});

test("the three schools stand side by side, and the one in force decides", async ({ page }) => {
  await openPlan(page);
  const spinach = knot(page, "Spinach, winter type, Bed 7");
  await spinach.click();
  const inspector = page.getByRole("complementary");
  await expect(inspector.getByRole("row", { name: /Growth \(selected\)/ })).toBeVisible();
  const byCalendar = await inspector
    .getByRole("row", { name: /Calendar/ })
    .getByRole("cell")
    .innerText();
  await page.getByRole("button", { name: planWords.calendarDays }).click();
  await expect(spinach).toHaveAttribute("aria-valuetext", new RegExp(`ready ${byCalendar}$`));
  await expect(inspector).toContainText("48 days and 14 more for fall: 62 days in the bed.");
  await page.getByRole("button", { name: planWords.tenHourDay }).click();
  await expect(inspector.getByRole("row", { name: /Ten-hour day \(selected\)/ })).toBeVisible();
});

test("a planting is edited: another bed and cover, another date typed; what cannot be is refused", async ({
  page,
}) => {
  await openPlan(page);
  await knot(page, "Turnip, purple top, Bed 4").click();
  const inspector = page.getByRole("complementary");
  await inspector.getByRole("button", { name: cropsWords.edit }).click();
  const dialog = page.getByRole("dialog", { name: "Turnip" });
  await dialog.getByLabel("Length (m)").fill("9");
  await dialog.getByRole("button", { name: bedsWords.save }).click();
  await expect(dialog.getByRole("alert")).toHaveText("Bed 4 is 8 m long: use at most that.");
  await dialog.getByLabel("Length (m)").fill("4");
  await dialog.getByRole("combobox", { name: "Bed", exact: true }).click();
  await page.getByRole("option", { name: /House 3/ }).click();
  await dialog.getByLabel("Starts at (m)").fill("8");
  await dialog.getByRole("button", { name: bedsWords.save }).click();
  await expect(inspector).toContainText("House 3 · greenhouse");
  await expect(inspector).toContainText("160 plants");

  const before = dayOf(await readyWords(knot(page, "Turnip, purple top, House 3")));
  await inspector.getByLabel(bedsWords.sown2).fill("2026-08-10");
  await inspector.getByLabel(bedsWords.sown2).press("Enter");
  await expect
    .poll(async () => dayOf(await readyWords(knot(page, "Turnip, purple top, House 3"))))
    .toBeGreaterThan(before + 14);
  await inspector.getByRole("button", { name: bedsWords.remove }).click();
  await expect(page.getByRole("slider", { name: /^Turnip, purple top/ })).toHaveCount(0);
  await page.getByRole("status").getByRole("button", { name: shellWords.undo }).click();
  await expect(knot(page, "Turnip, purple top, House 3")).toBeVisible();
});
