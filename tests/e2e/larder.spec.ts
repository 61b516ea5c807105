import { expect, type Page } from "@playwright/test";
import { readFileSync } from "node:fs";
import { expectClean } from "./axe";
import { openEmptyInFeet } from "./emptyInFeet";
import { COMMONS, EMPTY, importGarden, test, told } from "./garden";
import { dragBy, PHONE } from "./touch";
import { fill as fillWords } from "@/words/en/fill";
import { larder as words, takeWays } from "@/words/en/larder";
import { logbook as logbookWords } from "@/words/en/logbook";
import { quickLog as quickLogWords } from "@/words/en/quickLog";
import { shell as shellWords } from "@/words/en/shell";
import { shoots as shootsWords } from "@/words/en/shoots";
import { spring as springWords } from "@/words/en/spring";
import { today as todayWords } from "@/words/en/today";
import { ui as uiWords } from "@/words/en/ui";

const pane = (page: Page) => page.getByRole("complementary");
const dialog = (page: Page) => page.getByRole("dialog");
const order = (page: Page) => page.getByRole("region", { name: words.eatInThisOrder });
const gaps = (page: Page) => page.getByRole("region", { name: words.gaps });

/** The larder of the tests' garden for so many people. */
async function openFor(page: Page, people: string): Promise<void> {
  await page.goto("/larder");
  await page.getByLabel(words.people).fill(people);
  await page.getByRole("button", { name: words.begin }).click();
  await expect(gaps(page)).toBeVisible();
}

/** Kilograms of words like "about 1.4 kg a week" or "930 g". */
function kgOf(text: string): number {
  const [, value = "NaN", unit] = /([\d.,]+) (kg|g)\b/.exec(text) ?? [];
  return Number(value.replace(",", "")) / (unit === "g" ? 1000 : 1);
}

test("a household of four: a gap is named, a sowing closes some of it, a picking is taken off", async ({
  page,
}) => {
  await page.goto("/larder");
  await page.getByLabel(words.people).fill("0");
  await page.getByRole("button", { name: words.begin }).click();
  await expect(page.getByText(words.enterPeople)).toBeVisible();
  await openFor(page, "4");
  await expectClean(page);

  // The salad gap, with the ways that still work; one is taken, and less is missing.
  const salad = gaps(page)
    .getByRole("button", { name: /^Salad: / })
    .first();
  const before = await salad.innerText();
  await salad.click();
  await expect(pane(page).getByRole("heading", { level: 2 })).toContainText(/^Short from /);
  const plantIt = pane(page).getByRole("button", { name: new RegExp(`^${takeWays.plan}: Sow `) });
  await expect(plantIt.first()).toBeVisible();
  await expectClean(page);
  await plantIt.first().click();
  await expect(told(page, "Done: Sow ")).toBeVisible();
  const shorter = async () => {
    const now = gaps(page)
      .getByRole("button", { name: /^Salad: / })
      .first();
    return (await now.count()) === 0 || (await now.innerText()) !== before;
  };
  await expect.poll(shorter).toBe(true);
  await page.keyboard.press("Control+z");
  await expect(gaps(page).getByRole("button", { name: before })).toBeVisible();

  // Carrots that are picked are no longer to be eaten.
  const carrots = order(page)
    .getByRole("listitem")
    .filter({ hasText: /^Carrot, Bed 2/ });
  const there = kgOf(await carrots.innerText());
  await page.getByRole("region", { name: words.larder }).focus();
  await page.keyboard.press("l");
  await dialog(page).getByLabel(quickLogWords.inAFewWords).fill("picked 5 kg carrots bed 2");
  await dialog(page).getByLabel(quickLogWords.inAFewWords).press("Enter");
  await expect(dialog(page)).toBeHidden();
  await expect.poll(async () => there - kgOf(await carrots.innerText())).toBeCloseTo(5, 0);

  // As numbers, for whom a drawing says nothing.
  await page.getByRole("button", { name: words.asTable }).click();
  const table = page.getByRole("table", { name: words.chart });
  await expect(table.getByRole("row")).toHaveCount(1 + 39);
});

test("what is wanted is moved by keys and typed on one page; less than nothing is refused", async ({
  page,
}) => {
  await openFor(page, "4");
  const winter = page.getByRole("slider", { name: words.wantedIn({ season: "Winter" }) });
  const before = kgOf((await winter.getAttribute("aria-valuetext")) ?? "");
  await winter.focus();
  for (let press = 0; press < 4; press += 1) {
    await page.keyboard.press("ArrowUp");
    await expect(told(page, words.needSaved)).toBeVisible();
  }
  const valueNow = async () => kgOf((await winter.getAttribute("aria-valuetext")) ?? "") / before;
  await expect.poll(valueNow).toBeCloseTo(1.05 ** 4, 1);

  await page.getByRole("button", { name: words.whatIsWanted }).click();
  await expectClean(page);
  const roots = dialog(page).getByLabel("Roots, Winter (kg)");
  await roots.fill("-2");
  await dialog(page).getByRole("button", { name: "Save" }).click();
  await expect(dialog(page).getByText(words.enterWeight)).toBeVisible();
  await dialog(page).getByLabel(words.people).fill("2");
  await dialog(page).getByRole("button", { name: words.asUsual }).click();
  // 0.7 kg × 1.2 × 2.
  await expect(roots).toHaveValue("1.68");
  await dialog(page).getByRole("button", { name: "Save" }).click();
  await expect(dialog(page)).toBeHidden();
  await expect(page.getByText(words.subtitle({ eaters: 2 }))).toBeVisible();
});

test("a cellar: what goes in, what it says of air and time, what comes out, and the log of it", async ({
  page,
}) => {
  await openFor(page, "4");
  const put = async (crop: string, kg: string) => {
    await page.getByRole("button", { name: words.putIntoStore }).click();
    await dialog(page).getByRole("combobox", { name: uiWords.crop }).fill(crop);
    await page.getByRole("option", { name: crop, exact: true }).click();
    await dialog(page).getByLabel("How much (kg)").fill(kg);
  };
  await put("Carrot", "20");
  await expect(dialog(page)).toContainText("Carrot keeps about 24 weeks there.");
  await dialog(page).getByRole("combobox", { name: words.place }).click();
  await page.getByRole("option", { name: words.shelf }).click();
  await expect(dialog(page)).toContainText("Carrot wants moist air");
  await dialog(page).getByRole("combobox", { name: words.place }).click();
  await page.getByRole("option", { name: words.cellar }).click();
  await expectClean(page);
  await dialog(page).getByRole("button", { name: "Save" }).click();
  await expect(told(page, "Carrot is in store")).toBeVisible();
  // What would rot before it is filled.
  await put("Arugula", "2");
  await dialog(page).getByRole("button", { name: "Save" }).click();
  await expect(dialog(page).getByRole("alert")).toContainText("Arugula does not keep in a cellar");
  await page.keyboard.press("Escape");

  const store = page.getByRole("region", { name: words.inStore });
  await store.getByRole("button", { name: words.takeOf({ crop: "Carrot" }) }).click();
  await dialog(page).getByLabel("How much (kg)").fill("25");
  await dialog(page).getByRole("button", { name: "Save" }).click();
  await expect(dialog(page).getByRole("alert")).toContainText("Only 20 kg are left");
  await dialog(page).getByLabel("How much (kg)").fill("6");
  await dialog(page).getByRole("combobox", { name: words.whatFor }).click();
  await page.getByRole("option", { name: words.rotted }).click();
  await dialog(page).getByRole("button", { name: "Save" }).click();
  await expect(store).toContainText("14 kg in a cellar");
  await page.goto("/logbook");
  await expect(page.getByRole("table", { name: logbookWords.entries })).toContainText(
    /From the store.*Carrot/,
  );
});

test.describe("on a phone, in pounds", () => {
  test.use({ ...PHONE, locale: "en-US" });

  test("what is wanted is dragged by a finger, and squash is put by", async ({ page }) => {
    await openEmptyInFeet(page);
    await page.goto(`${EMPTY}/larder`);
    await page.getByLabel(words.people).fill("4");
    await page.getByRole("button", { name: words.begin }).tap();
    const winter = page.getByRole("slider", { name: words.wantedIn({ season: "Winter" }) });
    await expect(winter).toHaveAttribute("aria-valuetext", /^[\d.]+ lb a week$/);
    const before = Number.parseFloat((await winter.getAttribute("aria-valuetext")) ?? "");
    await dragBy(page, winter, 0, 60);
    await expect(told(page, words.needSaved)).toBeVisible();
    const now = async () => Number.parseFloat((await winter.getAttribute("aria-valuetext")) ?? "");
    await expect.poll(now).toBeLessThan(before * 0.9);
    await page.getByRole("button", { name: words.putIntoStore }).tap();
    await dialog(page).getByRole("combobox", { name: uiWords.crop }).fill("winter squash");
    await page
      .getByRole("option", { name: /Winter squash/ })
      .first()
      .tap();
    await dialog(page).getByLabel("How much (lb)").fill("10");
    await dialog(page).getByRole("button", { name: "Save" }).tap();
    await expect(page.getByRole("region", { name: words.inStore })).toContainText(
      "10 lb on a dry shelf",
    );
    await expectClean(page);
    const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    expect(over).toBeLessThanOrEqual(0);
  });
});

test("carrots that are lifted for the cellar are weighed in Today and lie in the larder", async ({
  page,
}) => {
  const commons = JSON.parse(readFileSync(COMMONS, "utf8")) as { garden: object };
  const december = { ...commons, garden: { ...commons.garden, today: "2026-12-01" } };
  await page.goto("/today");
  await importGarden(page, "december.json", JSON.stringify(december));
  await expect(page.getByTestId("date-in-view")).toContainText("1 December");
  await page
    .getByRole("button", { name: /^Done: Store carrot, storage/ })
    .first()
    .click();
  const settled = page.getByRole("list", { name: todayWords.done });
  const put = settled.getByRole("button", {
    name: todayWords.putIntoTheLarderOf({ crop: "Carrot" }),
  });
  await put.click();
  await expect(settled).toContainText(todayWords.enterHowMuchIsStored);
  await settled.getByLabel(todayWords.storedOf({ unit: "kg", crop: "Carrot" })).fill("12,5");
  await put.click();
  await expect(told(page, "Carrot is in the larder")).toBeVisible();
  await expect(put).toHaveCount(0);
  await page.getByRole("link", { name: shellWords.larder, exact: true }).click();
  await page.getByLabel(words.people).fill("4");
  await page.getByRole("button", { name: words.begin }).click();
  const stored = page.getByRole("region", { name: words.inStore });
  await expect(stored.getByRole("listitem").filter({ hasText: "Carrot" })).toContainText(
    "12.5 kg in a cellar",
  );
  // Lifted and put by are one step back.
  await page.keyboard.press("Control+z");
  await page.keyboard.press("Control+z");
  await expect(stored.getByRole("listitem").filter({ hasText: "Carrot" })).toHaveCount(0);
});

test("south of the equator winter is in July: its gap, sowings in February and its spring in September", async ({
  page,
}) => {
  const commons = JSON.parse(readFileSync(COMMONS, "utf8")) as { garden: object; place: object };
  const south = {
    ...commons,
    garden: { ...commons.garden, today: "2027-02-10" },
    place: {
      ...commons.place,
      latitudeDeg: -43,
      climateFrom: "sketch",
      climate: {
        coldestMonth: { lowC: 0, highC: 10 },
        warmestMonth: { lowC: 11, highC: 22 },
        frost: { kind: "dates", medianFirst: "05-10", medianLast: "10-05" },
        wetDaysPerYear: 110,
      },
      horizon: [],
    },
    ...{ plantings: [], successions: [], trays: [], logEntries: [], rests: [], feedings: [] },
    ...{ record: null, outlook: null },
  };
  await page.goto("/larder");
  await importGarden(page, "south.json", JSON.stringify(south));
  await expect(page.getByTestId("date-in-view")).toContainText("10 February");
  await page.getByLabel(words.people).fill("3");
  await page.getByRole("button", { name: words.begin }).click();
  const greens = gaps(page)
    .getByRole("button", { name: /^Cooked greens: / })
    .first();
  await expect(greens).toBeVisible();
  await greens.click();
  const sow = pane(page).getByRole("button", { name: new RegExp(`^${takeWays.plan}: Sow `) });
  await expect(sow.first()).toHaveAccessibleName(/, \d+ (February|March|April)/);
  await gaps(page)
    .getByRole("button", { name: /What spring brings/ })
    .click();
  await expect(pane(page).getByRole("heading", { level: 2 })).toHaveText(
    springWords.title({ year: 2027 }),
  );
  const first = pane(page).getByRole("list", { name: springWords.earliest }).getByRole("listitem");
  await expect(first.first()).toContainText(/\d+ (Jun|Jul|Aug|Sept)/);
  await expectClean(page);
});

test("shoots in rotation: seven squares through two rounds, with their seed, undone at once", async ({
  page,
}) => {
  await openFor(page, "4");
  await page.getByRole("button", { name: shootsWords.shoots }).click();
  const choose = async (label: string, option: string) => {
    await dialog(page).getByRole("combobox", { name: label }).click();
    await page.getByRole("option", { name: option, exact: true }).click();
  };
  await choose(shootsWords.where, "House 3");
  await dialog(page).getByLabel(shootsWords.from).fill("2027-03-01");
  await expect(dialog(page)).toContainText(/First cut about .*each gives about 3\d0 g/);
  await expect(dialog(page)).toContainText(/Seed: 1\d\d g a sowing|Seed: 2\d\d g a sowing/);
  await expect(dialog(page).getByRole("note").first()).toBeVisible();
  await expectClean(page);
  await dialog(page).getByLabel("Side of a square (cm)").fill("300");
  await dialog(page).getByRole("button", { name: shootsWords.planThem }).click();
  await expect(dialog(page).getByRole("alert")).toContainText("House 3 has no 21 m free");
  await dialog(page).getByLabel("Side of a square (cm)").fill("30");
  await dialog(page).getByRole("button", { name: shootsWords.planThem }).click();
  await expect(told(page, "14 planned, one after the other")).toBeVisible();
  await page.getByRole("button", { name: shellWords.undo, exact: true }).click();
  await expect(told(page, "shoots")).toBeVisible();
});

test("a whole plan for the gaps: searched, looked through, taken in part, undone at once", async ({
  page,
}) => {
  await openFor(page, "4");
  await page.getByRole("button", { name: fillWords.closeTheGaps }).click();
  await dialog(page).getByLabel(fillWords.kinds).fill("0");
  await dialog(page).getByRole("button", { name: fillWords.search, exact: true }).click();
  await expect(dialog(page).getByText(fillWords.enterKinds)).toBeVisible();
  await dialog(page).getByLabel(fillWords.kinds).fill("3");
  await dialog(page).getByRole("button", { name: fillWords.search, exact: true }).click();
  // The first plan is there soon, and kept when the search is stopped.
  await expect(dialog(page).getByText(/^Short in all/)).toBeVisible({ timeout: 40_000 });
  await dialog(page).getByRole("button", { name: fillWords.stop }).click();
  const words = await dialog(page)
    .getByText(/^Short in all/)
    .innerText();
  const [, before = "", after = ""] = /(\S+ k?g) now, (\S+ k?g) with/.exec(words) ?? [];
  expect(kgOf(after)).toBeLessThan(kgOf(before));
  const steps = dialog(page).getByRole("list").getByRole("checkbox");
  expect(await steps.count()).toBeGreaterThan(1);
  await expectClean(page);
  // Three kinds of crops, as was asked.
  const crops = (await dialog(page).getByRole("listitem").allInnerTexts())
    .filter((text) => !text.startsWith("Put "))
    .map((text) => text.split(",")[0]);
  expect(new Set(crops).size).toBeLessThanOrEqual(3);
  // Three kinds are what is short then, and said to be.
  await expect(dialog(page)).toContainText("wants more kinds of crops than you allow");
  await steps.last().uncheck();
  const count = (await steps.count()) - 1;
  await dialog(page)
    .getByRole("button", { name: fillWords.plan({ count }) })
    .click();
  await expect(told(page, fillWords.planned({ count }))).toBeVisible();
  await page.getByRole("button", { name: shellWords.undo, exact: true }).click();
  await expect(told(page, "Undone")).toBeVisible();
});
