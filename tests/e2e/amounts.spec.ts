import { expect, type Page } from "@playwright/test";
import { expectClean } from "./axe";
import { openEmptyInFeet } from "./emptyInFeet";
import { EMPTY, findByPalette, knot, openPlan, test, told } from "./garden";
import { PHONE } from "./touch";
import { beds as bedsWords } from "@/words/en/beds";
import { crops as cropsWords } from "@/words/en/crops";
import { growingNow as growingNowWords } from "@/words/en/growingNow";
import { howMuch as howMuchWords, howMuchWays, howMuchWrong } from "@/words/en/howMuch";
import { plan as planWords } from "@/words/en/plan";
import { planting as plantingWords } from "@/words/en/planting";
import { settings as settingsWords } from "@/words/en/settings";
import { shell as shellWords } from "@/words/en/shell";
import { today as todayWords } from "@/words/en/today";
import { ui as uiWords } from "@/words/en/ui";
import { wish as wishWords } from "@/words/en/wish";

const wishOf = (page: Page) => page.getByRole("dialog", { name: planWords.iWant });
const pane = (page: Page) => page.getByRole("complementary");

test.describe("on a phone in feet and inches", () => {
  test.use({ ...PHONE, locale: "en-US" });

  test("as many as are asked for are planted: plants, and pounds a week; a slip is told", async ({
    page,
  }) => {
    await openEmptyInFeet(page, "2026-08-10");
    await page.getByRole("button", { name: todayWords.addBed }).tap();
    // Kept before the page is left.
    await expect(page.getByRole("heading", { name: todayWords.threeFirstCrops })).toBeVisible();
    await page.goto(`${EMPTY}/plan?dialog=wish&crop=spinach&mode=sowOn`);
    const wish = wishOf(page);
    await wish.getByRole("combobox", { name: howMuchWords.howMuch }).tap();
    await page.getByRole("option", { name: howMuchWays.plants }).tap();
    const amount = wish.getByLabel(howMuchWords.plants, { exact: true });
    await amount.fill("2.5");
    await expect(wish.getByText(howMuchWrong.plants)).toBeVisible();
    await expect(wish.getByRole("button", { name: /^Add to plan/ }).first()).toBeDisabled();
    await amount.fill("24");
    // Four rows of 8 in in a bed of 3 ft: 24 plants are six stations of 3 in long.
    await expect(wish.getByText(/Takes .*: 24 plants, about/).first()).toBeVisible();
    await wish.getByRole("combobox", { name: howMuchWords.howMuch }).tap();
    await page.getByRole("option", { name: howMuchWays.weight }).tap();
    await wish.getByLabel("lb a week").fill("40");
    await expect(wish.getByText(/Less than you want: 10 ft takes/).first()).toBeVisible();
    await wish.getByLabel("lb a week").fill("0.5");
    await wish
      .getByRole("button", { name: /^Add to plan/ })
      .first()
      .tap();
    await expect(told(page, "Spinach added to Bed 1")).toBeVisible();
    await page.getByRole("button", { name: cropsWords.edit }).tap();
    const length = page.getByRole("dialog").last().getByLabel("Length (ft)");
    await expect(length).not.toHaveValue("10");
  });
});

test("a crop that was sown in May is entered by its day, and stands in the log", async ({
  page,
}) => {
  await openPlan(page);
  await findByPalette(page, "add parsnip");
  const wish = wishOf(page);
  await wish.getByRole("combobox", { name: wishWords.when }).click();
  await page.getByRole("option", { name: wishWords.ifISowOn }).click();
  await wish.getByLabel(wishWords.sowOn).fill("2023-05-01");
  await expect(wish.getByText(wishWords.thatIsTooLongAgo)).toBeVisible();
  await wish.getByLabel(wishWords.sowOn).fill("2026-05-10");
  await wish.getByRole("combobox", { name: howMuchWords.howMuch }).click();
  await page.getByRole("option", { name: howMuchWays.length }).click();
  await wish.getByLabel("Length (m)").fill("1");
  await wish
    .getByRole("button", { name: /^Add to plan: Parsnip, Sow 10 May direct/ })
    .first()
    .click();
  await expect(told(page, "started on 10 May")).toBeVisible();
  // Its day is known: it is changed in the logbook.
  await expect(pane(page).getByLabel(bedsWords.sown2)).toBeDisabled();
  await page.goto("/logbook");
  await expect(page.getByRole("row", { name: /Parsnip/ }).first()).toBeVisible();
});

test("too late to sow broccoli for October, plants are bought and set out", async ({ page }) => {
  await page.goto("/plan?dialog=wish&crop=broccoli&mode=by&on=2026-08-01");
  const wish = wishOf(page);
  await wish.getByRole("combobox", { name: wishWords.when }).click();
  await page.getByRole("option", { name: wishWords.ifISowOn }).click();
  // The date in view is the one that is asked about.
  await expect(wish.getByLabel(wishWords.sowOn)).toHaveValue("2026-08-01");
  await expect(
    wish
      .getByRole("button", { name: /^Add to plan: Broccoli, Buy plants, set out 1 August/ })
      .first(),
  ).toBeVisible();
  await expectClean(page);
});

test("two kinds in one sowing: shares that leave nothing are told, and each has its own date", async ({
  page,
}) => {
  await openPlan(page);
  await knot(page, "Kale, curly, Bed 3").click();
  await pane(page).getByRole("button", { name: cropsWords.edit }).click();
  const edit = page.getByRole("dialog").last();
  await edit.getByRole("button", { name: plantingWords.addAKind }).click();
  const kind = edit.getByRole("combobox", { name: uiWords.crop });
  await kind.fill("mizuna");
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("Enter");
  await expect(kind).toHaveValue("Mizuna");
  // Chosen by keys, the hands go on from there.
  await expect(kind).toBeFocused();
  const share = edit.getByLabel(plantingWords.share);
  for (const [typed, words] of [
    ["100", plantingWords.enterTheShare],
    ["-20", plantingWords.enterTheShare],
    ["", plantingWords.enterTheShare],
  ] as const) {
    await share.fill(typed);
    await edit.getByRole("button", { name: bedsWords.save }).click();
    await expect(edit.getByText(words).first()).toBeVisible();
  }
  await share.fill("60");
  await edit.getByRole("button", { name: plantingWords.addAKind }).click();
  await edit.getByLabel(plantingWords.share).last().fill("55");
  await expect(edit.getByText(/^The shares reach 100 %/)).toBeVisible();
  await edit.getByRole("button", { name: bedsWords.save }).click();
  await expect(edit.getByText(/must add up to 100 %/)).toBeVisible();
  // Nothing of what was typed is lost.
  await expect(share.first()).toHaveValue("60");
  await edit.getByLabel(plantingWords.share).last().fill("15");
  await expect(edit.getByText("Kale: the rest, 25 %")).toBeVisible();
  await expectClean(page);
  await edit.getByRole("button", { name: bedsWords.save }).click();
  await expect(edit).toBeHidden();
  await expect(pane(page)).toContainText(plantingWords.mixedSeed);
  await expect(pane(page)).toContainText(/Mizuna, .*: 60 %/);
  await page.keyboard.press("Control+z");
  await expect(pane(page)).not.toContainText(plantingWords.mixedSeed);
});

/** Seconds for a key and for a thought, of an average typist (Card, Moran and Newell 1980). */
const KEY_S = 0.28;
const THOUGHT_S = 1.35;

test("ten crops that stand are entered by keys alone in less than two minutes of typing", async ({
  page,
}) => {
  await openEmptyInFeet(page);
  await page.getByRole("button", { name: todayWords.addBed }).click();
  await findByPalette(page, settingsWords.addBeds);
  const beds = page.getByRole("dialog");
  await beds.getByLabel(settingsWords.howMany).fill("3");
  await beds.getByLabel("Length (ft)").fill("40");
  await beds.getByRole("button", { name: settingsWords.add, exact: true }).click();
  await page.getByRole("button", { name: todayWords.enterWhatGrowsAlready }).click();
  const now = page.getByRole("dialog", { name: growingNowWords.whatIsGrowingNow });
  const bed = now.getByRole("combobox", { name: growingNowWords.bed });
  await bed.click();
  await page.getByRole("option").nth(1).click();
  let keys = 0;
  const press = async (...pressed: string[]) => {
    for (const key of pressed) {
      keys += key.length > 1 ? 1 : 0;
      await page.keyboard.press(key);
    }
  };
  const type = async (text: string) => {
    keys += text.length;
    await page.keyboard.type(text);
  };
  const standing: [string, string][] = [
    ["kale", "6"],
    ["leek", "20"],
    ["carrot", "40"],
    ["chard", "5"],
    ["parsnip", "20"],
    ["beet", "20"],
    ["broccoli", "4"],
    ["celeriac", "4"],
    ["lettuce", "6"],
    ["parsley", "3"],
  ];
  await now.getByRole("combobox", { name: uiWords.crop }).focus();
  for (const [index, [crop, plants]] of standing.entries()) {
    await type(crop);
    await expect(page.getByRole("option").first()).toBeVisible();
    await press("ArrowDown", "Enter");
    // Past the variety, the bed and the month, which stay.
    const field = now.getByLabel(growingNowWords.plants, { exact: true });
    for (let tabs = 0; tabs < 8; tabs += 1) {
      if (await field.evaluate((element) => element === document.activeElement)) break;
      await press("Tab");
    }
    await type(plants);
    await press("Enter");
    await expect(now.getByRole("listitem")).toHaveCount(index + 1);
  }
  expect(keys * KEY_S + standing.length * 2 * THOUGHT_S).toBeLessThan(120);
  await now.getByRole("button", { name: "Save 10 crops" }).click();
  await expect(told(page, "10 crops entered")).toBeVisible();
  await page.getByRole("link", { name: shellWords.plan }).click();
  await expect(page.getByRole("slider", { name: /sowing day/ })).toHaveCount(10);
});
