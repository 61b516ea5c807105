import { expect } from "@playwright/test";
import {
  EMPTY,
  findByPalette,
  giveGarden,
  importGarden,
  test,
  textsOf,
  told,
  VIEWS,
} from "./garden";
import { commons, emptyInFeet, openEmptyInFeet } from "./emptyInFeet";
import { PHONE } from "./touch";
import { readFileSync } from "node:fs";
import { beds as bedsWords } from "@/words/en/beds";
import { crops as cropsWords } from "@/words/en/crops";
import { containers as containersWords } from "@/words/en/containers";
import { ground as groundWords } from "@/words/en/ground";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { plan as planWords } from "@/words/en/plan";
import { shell as shellWords } from "@/words/en/shell";
import { planting as plantingWords } from "@/words/en/planting";
import { settings as settingsWords } from "@/words/en/settings";
import { growingNow as growingNowWords } from "@/words/en/growingNow";
import { howMuch as howMuchWords, howMuchWays } from "@/words/en/howMuch";
import { quickLog as quickLogWords } from "@/words/en/quickLog";
import { ui as uiWords } from "@/words/en/ui";
import { expectClean } from "./axe";
import { today as todayWords } from "@/words/en/today";

test.describe("on a phone, in feet and inches", () => {
  test.use({ ...PHONE, locale: "en-US" });

  test("the default bed of 10 × 3 ft takes what is offered for it, and its half takes half", async ({
    page,
  }) => {
    await openEmptyInFeet(page);
    await expect(page.getByLabel("Length (ft)")).toHaveValue("10");
    await expect(page.getByLabel("Width (ft)")).toHaveValue("3");
    await page.getByRole("button", { name: todayWords.addBed }).tap();
    await page.getByRole("link", { name: planWords.plan }).tap();
    await page
      .getByRole("button", { name: /^(I want…|If I sow today…)/ })
      .first()
      .tap();
    const wish = page.getByRole("dialog", { name: planWords.iWant });
    // Two people's spinach leaves room in the bed; all of it is taken when that is asked for.
    await expect(wish.getByText(/Bed 1 has 10 ft free\. Takes [\d.]+ ft/).first()).toBeVisible();
    await wish.getByRole("combobox", { name: howMuchWords.howMuch }).tap();
    await page.getByRole("option", { name: howMuchWays.room }).tap();
    await wish
      .getByRole("button", { name: /^Add to plan/ })
      .first()
      .tap();
    await expect(wish).toBeHidden();
    await page.getByRole("button", { name: cropsWords.edit }).tap();
    const edit = page.getByRole("dialog").last();
    await expect(edit.getByLabel("Length (ft)")).toHaveValue("10");
    await edit.getByLabel("Starts at (ft)").fill("5");
    await edit.getByLabel("Length (ft)").fill("5");
    await edit.getByRole("button", { name: bedsWords.save }).tap();
    await expect(page.getByRole("dialog", { name: "Spinach", exact: true })).toBeHidden();
    await page.getByRole("button", { name: cropsWords.edit }).tap();
    await page.getByRole("dialog").last().getByLabel("Length (ft)").fill("5.5");
    await page.getByRole("dialog").last().getByRole("button", { name: bedsWords.save }).tap();
    await expect(page.getByRole("alert").filter({ hasText: "has 5 ft left" })).toBeVisible();
  });

  test("a strip of 12 inches and pots of 12 inches hold what is counted by hand, by thumb", async ({
    page,
  }) => {
    await openEmptyInFeet(page, "2026-08-15");
    await page.getByLabel("Length (ft)").fill("8");
    await page.getByLabel("Width (ft)").fill("48 in");
    await page.getByRole("button", { name: todayWords.addBed }).tap();
    await expect(page.getByRole("heading", { name: todayWords.threeFirstCrops })).toBeVisible();
    const edit = async (bed: string) => {
      await page.goto(`${EMPTY}/beds`);
      await page.getByRole("button", { name: new RegExp(`^${bed}:`) }).focus();
      await page.keyboard.press("Enter");
      await page.getByRole("tab", { name: bedsWords.freeSpace }).tap();
      await page
        .getByRole("button", { name: /^Add to plan: Spinach/ })
        .first()
        .tap();
      await expect(told(page, `added to ${bed}`)).toBeVisible();
      await page.getByRole("tab", { name: bedsWords.growing }).tap();
      await page
        .getByRole("button", { name: /^Open Spinach/ })
        .first()
        .tap();
      await page.getByRole("button", { name: plantingWords.edit }).tap();
      return page.getByRole("dialog", { name: "Spinach", exact: true });
    };

    const strip = await edit("Bed 1");
    await strip.getByRole("combobox", { name: groundWords.acrossTheBed }).tap();
    await page.getByRole("option", { name: groundWords.strip }).tap();
    await strip.getByLabel("From the left side (in)").fill("40");
    await strip.getByLabel("Width (in)").fill("12");
    await strip.getByLabel("Rows (in)").fill("6");
    await strip.getByLabel("In row (in)").fill("3");
    await strip.getByLabel("Starts at (ft)").fill("0");
    await strip.getByLabel("Length (ft)").fill("8");
    await strip.getByRole("button", { name: plantingWords.save }).tap();
    // 40 and 12 inches are more than the 48 of the bed.
    await expect(strip.getByRole("alert")).toContainText("the strip goes past its side");
    await strip.getByLabel("From the left side (in)").fill("36");
    // Two rows of 96 ÷ 3 inches.
    await expect(strip).toContainText("64 stations = 64 plants");
    await strip.getByRole("button", { name: plantingWords.save }).tap();
    await expect(strip).toBeHidden();
    await expect(page.getByText("64 plants").first()).toBeVisible();

    await findByPalette(page, settingsWords.addBeds);
    const pots = page.getByRole("dialog", { name: settingsWords.addBeds });
    await pots.getByRole("combobox", { name: containersWords.what }).tap();
    await page.getByRole("option", { name: containersWords.pot, exact: true }).tap();
    await pots.getByLabel("Diameter (in)").fill("12");
    await pots.getByLabel("Depth (in)").fill("10");
    // π × 6² × 10 cubic inches are 0.65 of the 1,728 of a cubic foot.
    await expect(pots).toContainText("Each holds about 0.7 cu ft");
    await expectClean(page);
    await pots.getByRole("button", { name: settingsWords.add, exact: true }).tap();
    await expect(told(page, settingsWords.bedAdded)).toBeVisible();
    const rim = await edit("Pots");
    await rim.getByRole("combobox", { name: groundWords.inEach }).tap();
    await page.getByRole("option", { name: containersWords.aroundTheRim }).tap();
    await rim.getByLabel("From the rim (in)").fill("2");
    await rim.getByLabel("In row (in)").fill("2");
    await rim.getByLabel(containersWords.howManyOf).fill("3");
    // 2 π × 4 inches ÷ 2 inches, three times.
    await expect(rim).toContainText("3 pots × 12 stations = 36 plants");
    await expectClean(page);
  });
});

test("green manure alone, or a tray alone, and Today tells the day's work instead of the first steps", async ({
  page,
}) => {
  await openEmptyInFeet(page);
  await page.getByRole("button", { name: todayWords.addBed }).click();
  await expect(page.getByRole("heading", { name: todayWords.threeFirstCrops })).toBeVisible();
  await page.getByRole("link", { name: bedsWords.beds }).click();
  await page.getByRole("button", { name: /^Bed 1:/ }).click();
  await page.getByRole("tab", { name: bedsWords.soil }).click();
  await page.getByRole("button", { name: /^Rest from/ }).click();
  await expect(page.getByRole("status")).toBeVisible();
  await page.getByRole("link", { name: shellWords.today }).click();
  await expect(page.getByRole("heading", { name: shellWords.today, level: 1 })).toBeVisible();
  await expect(page.getByRole("heading", { name: todayWords.threeFirstCrops })).toHaveCount(0);
});

/** What the titles and notes of sources measure in is theirs. */
const SOURCES = new Set(
  Object.values(JSON.parse(readFileSync("data/sources.json", "utf8")) as Record<string, string>),
);

test.describe("a garden that stands already, in America", () => {
  test.use({ locale: "en-US" });

  test("two beds of 8 × 4 ft, what grows in them, half turned over to bought broccoli, logged in plain words", async ({
    page,
  }) => {
    await openEmptyInFeet(page, "2026-08-01");
    await page.getByLabel("Length (ft)").fill("8'");
    await page.getByLabel("Width (ft)").fill("48 in");
    await page.getByRole("button", { name: todayWords.addBed }).click();
    await findByPalette(page, settingsWords.addBeds);
    const beds = page.getByRole("dialog");
    await beds.getByLabel(settingsWords.name).fill("Bed 2");
    await beds.getByLabel(settingsWords.howMany).fill("1");
    await beds.getByLabel("Length (ft)").fill("96 in");
    await beds.getByLabel("Width (ft)").fill("4");
    await beds.getByRole("button", { name: settingsWords.add, exact: true }).click();

    // What grows now: crop after crop, by keys.
    await page.getByRole("button", { name: todayWords.enterWhatGrowsAlready }).click();
    const now = page.getByRole("dialog", { name: growingNowWords.whatIsGrowingNow });
    const enter = async (crop: string, plants: string, bed: string, month: string) => {
      await now.getByRole("combobox", { name: uiWords.crop }).fill(crop);
      await page.getByRole("option").first().click();
      await now.getByRole("combobox", { name: growingNowWords.bed }).click();
      await page.getByRole("option", { name: bed, exact: true }).click();
      await now.getByRole("combobox", { name: growingNowWords.plantedAbout }).click();
      await page.getByRole("option", { name: month }).click();
      await now.getByLabel(growingNowWords.plants, { exact: true }).fill(plants);
      await now.getByLabel(growingNowWords.plants, { exact: true }).press("Enter");
    };
    await enter("tomatos", "4", "Bed 1", "May 2026");
    await expect(now.getByRole("listitem")).toContainText(
      "Tomato, 4 plants, Bed 1, since May 2026",
    );
    await enter("bell pepper", "400", "Bed 2", "June 2026");
    await expect(now.getByRole("alert")).toContainText(/Bed 2 has space for \d+ of Sweet pepper/);
    await now.getByLabel(growingNowWords.plants, { exact: true }).fill("4");
    await expectClean(page);
    await now.getByLabel(growingNowWords.plants, { exact: true }).press("Enter");
    await now.getByRole("button", { name: "Save 2 crops" }).click();
    await expect(told(page, "2 crops entered")).toBeVisible();

    // Half of the tomatoes make way for broccoli from the nursery.
    await page.getByRole("link", { name: bedsWords.beds }).click();
    await page.getByRole("button", { name: /^Bed 1:/ }).click();
    const pane = page.getByRole("complementary");
    await expect(pane).toContainText("Tomato");
    await pane.getByRole("button", { name: bedsWords.replant }).click();
    const over = page.getByRole("dialog", { name: "Replant Bed 1" });
    await over.getByLabel(/^Plants to keep/).fill("2");
    await over.getByLabel(bedsWords.buySeedlings).check();
    await over.getByLabel(bedsWords.nextCrop2).fill("calabrese");
    await page.getByRole("option", { name: "Broccoli", exact: true }).click();
    await over.getByRole("button", { name: bedsWords.replant3 }).click();
    await expect(told(page, "Bed 1 replanted with broccoli")).toBeVisible();

    // And the log takes it as it is said.
    await page.getByRole("link", { name: shellWords.today }).click();
    await page.keyboard.press("l");
    const line = page.getByRole("textbox", { name: quickLogWords.inAFewWords });
    await line.fill("picked 5 lb tomatoes in bed 1, the neighbors came by");
    await expect(page.getByRole("region", { name: quickLogWords.willBeLogged })).toContainText(
      "5 lb",
    );
    await expect(page.getByRole("region", { name: quickLogWords.willBeLogged })).toContainText(
      "Kept as a note",
    );
    await page.getByRole("button", { name: quickLogWords.save }).click();
    await expect(told(page, "2 entries logged")).toBeVisible();
  });
});

test.describe("a new garden", () => {
  for (const [locale, elevation] of [
    ["en-US", "ft"],
    ["en-GB", "m"],
  ] as const) {
    test.describe(locale, () => {
      test.use({ locale });

      test(`measures as its region does: ${locale}`, async ({ page }) => {
        await page.goto(`${EMPTY}/today`);
        await page.getByRole("button", { name: gardenFileWords.startWithMyLocation }).click();
        await expect(page.getByText(elevation, { exact: true }).first()).toBeVisible();
        await expect(page.getByText(locale === "en-US" ? "°F" : "°C").first()).toBeVisible();
      });
    });
  }
});

/**
 * Every unit that is not used in America, where a number or a field has it. Light is counted in mol/m²
 * by growers there, too.
 */
const METRIC =
  /(\d\s?(m|cm|mm|km|kg|g|L|mL|°C|m³)\b)|\b(litre|liter|gram|kilogram|metre|meter|centimet|millimet)|(?<!mol\/)m²|°C|\((m|cm|mm|kg|g|L|mL)\)/;

test.describe("in feet, inches, pounds and gallons", () => {
  test.use({ locale: "en-US" });

  // Two walks: each in one browser, which reads only once what it has fetched.
  for (const views of [VIEWS.slice(0, 8), VIEWS.slice(8)]) {
    test(`${views.join(", ")} have no metric unit`, async ({ page }) => {
      const garden = { ...commons, settings: { ...commons.settings, units: "imperial" } };
      await giveGarden(page, JSON.stringify(garden));
      for (const path of views) {
        await page.goto(path);
        await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
        await expect(page.getByText("Calculating")).toHaveCount(0);
        // Parts that come after the first view.
        await page.waitForTimeout(700);
        const texts = (await textsOf(page)).filter((text) => !SOURCES.has(text));
        expect
          .soft(
            texts.filter((text) => METRIC.test(text)),
            path,
          )
          .toEqual([]);
      }
    });
  }
});

/** Views with something chosen in them, whose dialogs are others. */
const WITH_SOMETHING_CHOSEN = [
  ...VIEWS,
  "/plan?planting=planting-03",
  "/beds?bed=bed-4&part=lie",
  "/beds?bed=bed-13&part=fill",
  "/seedlings?tray=tray-1",
  "/seedlings?part=mix",
] as const;

test.describe("in feet, inches, pounds and gallons, in dialogs", () => {
  test.use({ locale: "en-US" });

  test("no dialog has a metric unit, whatever view it is opened from", async ({ page }) => {
    test.setTimeout(480_000);
    const garden = { ...commons, settings: { ...commons.settings, units: "imperial" } };
    await giveGarden(page, JSON.stringify(garden));
    const opened = new Set<string>();
    for (const path of WITH_SOMETHING_CHOSEN) {
      await page.goto(path);
      await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
      await page.waitForTimeout(500);
      // What opens a dialog ends with an ellipsis, everywhere.
      const labels = await page.locator("button:visible").filter({ hasText: /…$/ }).allInnerTexts();
      for (const label of new Set(labels)) {
        if (opened.has(label) && label !== plantingWords.edit) continue;
        await page.locator("button:visible").filter({ hasText: label }).first().click();
        const dialog = page.getByRole("dialog").last();
        const isOpen = await dialog
          .waitFor({ timeout: 1500 })
          .then(() => true)
          .catch(() => false);
        if (isOpen) {
          opened.add(label);
          await expect(dialog.getByText("Calculating")).toHaveCount(0);
          const texts = (await textsOf(page)).filter((text) => !SOURCES.has(text));
          expect
            .soft(
              texts.filter((text) => METRIC.test(text)),
              `${label} on ${path}`,
            )
            .toEqual([]);
        }
        await page.keyboard.press("Escape");
        await page.waitForTimeout(200);
        // What leads elsewhere, or does not close by a key, is left by its address.
        const isStillHere = new URL(page.url()).pathname === path.split("?")[0];
        if (isStillHere && isOpen && (await page.getByRole("dialog").count()) === 0) continue;
        await page.goto(path);
        await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
        await page.waitForTimeout(300);
      }
    }
    expect([...opened].sort().join(" ")).toMatch(/Add beds….*Edit….*I want…/);
    expect(opened.size).toBeGreaterThan(15);
  });
});

test("a decimal comma is a comma in every number field", async ({ page }) => {
  await page.goto("/beds");
  await page.getByRole("button", { name: bedsWords.addBeds }).click();
  const dialog = page.getByRole("dialog");
  await dialog.getByLabel(settingsWords.howMany).fill("1");
  await dialog.getByLabel("Length (m)").fill("");
  await dialog.getByLabel("Length (m)").pressSequentially("7,5");
  await dialog.getByLabel(bedsWords.name).fill("Comma");
  await dialog.getByRole("button", { name: "Add", exact: true }).click();
  await expect(dialog).toBeHidden();
  await page.getByRole("button", { name: /^Comma/ }).click();
  await page.getByRole("tab", { name: bedsWords.position }).click();
  await expect(page.getByLabel("Length (m)")).toHaveValue("7.5");
});

test("a new garden with the made-up station's record is not called a sample", async ({ page }) => {
  await page.goto("/today");
  await expect(page.getByText("This is a made-up sample garden")).toBeVisible();
  await importGarden(page, "feet.json", emptyInFeet("2026-09-24"));
  await expect(page.getByRole("heading", { name: todayWords.firstBed, level: 2 })).toBeVisible();
  await expect(page.getByText("This is a made-up sample garden")).toHaveCount(0);
  await findByPalette(page, "undo");
  await expect(page.getByText("This is a made-up sample garden")).toBeVisible();
});
