import { readFile } from "node:fs/promises";
import { expect } from "@playwright/test";
import { expectClean } from "./axe";
import { COMMONS, EMPTY, savedCalendar, giveGarden, knot, openPlan, test, told } from "./garden";
import { beds as bedsWords } from "@/words/en/beds";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { place as placeWords } from "@/words/en/place";
import { plan as planWords } from "@/words/en/plan";
import { planting as plantingWords } from "@/words/en/planting";
import { shelters as sheltersWords } from "@/words/en/shelters";
import { winterGround as winterWords } from "@/words/en/winterGround";

test("a planting tells its first picking and full size, how they stray, and what cold may do before", async ({
  page,
}) => {
  await openPlan(page);
  await knot(page, "Spinach, winter type, Bed 7").click();
  const pane = page.getByRole("complementary");
  await expect(pane.getByText(plantingWords.firstPicking, { exact: true })).toBeVisible();
  await expect(pane.getByText(plantingWords.fullSize, { exact: true })).toBeVisible();
  await expect(pane).toContainText(/1 year in 5 before \d+ \w+, 1 in 5 after \d+ \w+/);
  await expect(pane).toContainText(/Cold before the first picking: /);
  // The cliff tells in how many years of ten its last safe day holds.
  await expect(page.getByRole("img", { name: /^Ready date by sowing date/ })).toHaveAccessibleName(
    /last safe sowing date \d+ \w+, in \d+ of 10 years before the darkest day/,
  );
  // Its strand fades in from the early fifth of the years to the late one.
  await expect(
    page
      .locator("[data-planting]")
      .getByText(/^first picking: 1 year in 5 before/)
      .first(),
  ).toBeAttached();
  await expectClean(page);
});

test("what can be sown now, and the calendar file, tell the usual date with its spread", async ({
  page,
}) => {
  await openPlan(page);
  await page.getByRole("button", { name: planWords.sowNow }).click();
  await expect(
    page
      .getByRole("dialog")
      .getByText(/1 year in 5 before \d+/)
      .first(),
  ).toBeVisible();
  await page.keyboard.press("Escape");
  const calendar = (await savedCalendar(page)).replace(/\r?\n[ \t]/g, "");
  expect(calendar).toMatch(/First picking\\, usual date\. 1 year in 5 before/);
});

test("a bed's mulch over winter is typed in inches, and kept with whether snow stays", async ({
  browser,
}) => {
  const context = await browser.newContext({
    locale: "en-US",
    viewport: { width: 390, height: 844 },
    hasTouch: true,
  });
  const file = await readFile(COMMONS, "utf8");
  await giveGarden(context, file.replace('"units": "metric"', '"units": "imperial"'));
  const page = await context.newPage();
  await page.goto("/beds?bed=bed-2&part=soil");
  const mulch = page.getByLabel("Mulch over the soil (in)");
  await mulch.fill("40");
  await mulch.press("Enter");
  await expect(page.getByText(/Give at most 23.* in of mulch/)).toBeVisible();
  await mulch.fill("7,5");
  await mulch.press("Enter");
  await expect(mulch).toHaveValue(/^7[.,]5$/);
  const snowStays = page.getByRole("checkbox", { name: winterWords.snowStays });
  await snowStays.tap();
  // Shown anew it is what is kept: only then is the page left.
  await page.getByRole("tab", { name: bedsWords.growing }).tap();
  await page.getByRole("tab", { name: bedsWords.soil }).tap();
  await expect(snowStays).not.toBeChecked();
  await page.reload();
  await expect(mulch).toHaveValue(/^7[.,]5$/);
  await expect(snowStays).not.toBeChecked();
  await context.close();
});

test("the coldest night of a usual year is typed with the place; a warm one is refused", async ({
  page,
}) => {
  await page.goto(`${EMPTY}/plan`);
  await page.getByRole("button", { name: gardenFileWords.startWithMyLocation }).click();
  await page.getByRole("textbox", { name: placeWords.locationName }).fill("Lower terrace");
  await page.getByRole("textbox", { name: "Latitude" }).fill("44");
  await page.getByRole("textbox", { name: "Longitude" }).fill("9");
  await page.getByRole("textbox", { name: placeWords.elevation }).fill("300");
  const [low, high] = [page.getByLabel("Low"), page.getByLabel(placeWords.high)];
  await low.nth(0).fill("-4");
  await high.nth(0).fill("5");
  await low.nth(1).fill("14");
  await high.nth(1).fill("27");
  const coldest = page.getByRole("textbox", { name: placeWords.coldestNightIfKnown });
  await coldest.fill("2");
  await page.getByRole("button", { name: placeWords.saveLocation }).click();
  await expect(page.getByText(/The coldest night is above the coldest month/)).toBeVisible();
  await coldest.fill("-21");
  await page.getByRole("button", { name: placeWords.saveLocation }).click();
  await expect(told(page, "Lower terrace saved")).toBeVisible();
  await page.goto(`${EMPTY}/place`);
  await expect(coldest).toHaveValue("-21");
});

test("shelters say why an overcast, windy night may gain more than a clear, calm one", async ({
  page,
}) => {
  await page.goto("/shelters");
  await page.getByText(sheltersWords.whereTheDegreesComeFrom).first().click();
  const words = page.getByText(/Under these covers, at the same low of/);
  await expect(words).toBeVisible();
  await expect(words).toHaveText(
    /: [+−]\d+(\.\d)? °C on a clear, calm night, [+−]\d+(\.\d)? °C on/,
  );
  await expectClean(page);
});
