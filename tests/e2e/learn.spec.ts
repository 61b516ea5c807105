import { expect, type Page } from "@playwright/test";
import { readFileSync } from "node:fs";
import { expectClean } from "./axe";
import {
  COMMONS,
  dayOf,
  giveGarden,
  knot,
  openPlan,
  readyWords,
  test as base,
  told,
} from "./garden";
import { PHONE } from "./touch";
import { bringIn as bringInWords } from "@/words/en/bringIn";
import { logbook as logbookWords } from "@/words/en/logbook";
import { numbers as numberWords } from "@/words/en/numbers";
import { seasons as seasonWords } from "@/words/en/seasons";
import { seedSaving as seedWords } from "@/words/en/seedSaving";
import { trials as trialWords } from "@/words/en/trials";

interface File {
  garden: { today: string };
  settings: { units: string };
  plantings: { id: string; sowOn: string }[];
  logEntries: object[];
}
const commons = () => JSON.parse(readFileSync(COMMONS, "utf8")) as File;
const dialog = (page: Page) => page.getByRole("dialog");

/** The tests' garden at the end of its season: everything picked three weeks later than it was sown for. */
function atTheEnd(): string {
  const file = commons();
  file.garden.today = "2027-06-14";
  const picked = (plantingId: string, on: string, grams: number, isLast: boolean) => ({
    id: `end-${plantingId}-${on}`,
    on,
    taskId: null,
    what: { kind: "harvested", plantingId, grams, count: null, isLast },
    note: "",
  });
  for (const { id } of file.plantings) {
    file.logEntries.push(
      picked(id, "2026-11-05", 2000, false),
      picked(id, "2027-01-20", 1500, true),
    );
  }
  return JSON.stringify(file);
}

const test = base.extend<{ given: string | null }>({
  given: [null, { option: true }],
  page: async ({ page, given }, run) => {
    if (given) await giveGarden(page, given);
    await run(page);
  },
});

test.describe("at the end of a season", () => {
  test.use({ given: atTheEnd() });

  test("it is closed, read on one page, and the next begins from it in other beds", async ({
    page,
  }) => {
    await page.goto("/logbook/seasons");
    await expect(page.getByRole("heading", { name: seasonWords.seasons, level: 1 })).toBeVisible();
    const close = page.getByRole("button", { name: seasonWords.close({ season: "2026/27" }) });
    await expect(close).toBeVisible();
    await expectClean(page);
    await close.click();
    await expect(told(page, seasonWords.closed({ season: "2026/27" }))).toBeVisible();

    await page.getByRole("button", { name: seasonWords.open({ season: "2026/27" }) }).click();
    const next = page.getByRole("region", { name: seasonWords.nextTime });
    await expect(next).toBeVisible();
    // One thing is kept for next time with a tap.
    const keep = next.getByRole("button", { name: /^Keep: Sow / }).first();
    const wished = ((await keep.getAttribute("aria-label")) ?? "").replace("Keep: ", "");
    await keep.click();
    await expect(
      next.getByRole("button", { name: seasonWords.dropWish({ words: wished }) }),
    ).toBeVisible();
    await expectClean(page);

    await page.getByRole("button", { name: seasonWords.begin({ season: "2027/28" }) }).click();
    const carrots = dialog(page).getByRole("checkbox", { name: /^Carrot, storage, long: / });
    await expect(carrots).toBeChecked();
    const line = await dialog(page)
      .locator("label", { has: page.getByRole("checkbox", { name: /^Carrot, storage, long: / }) })
      .innerText();
    expect(line).toContain(seasonWords.fromBed({ bed: "Bed 2" }));
    await expectClean(page);
    await dialog(page)
      .getByRole("button", { name: /^Begin with / })
      .click();
    await expect(told(page, seasonWords.begun({ season: "2027/28" }))).toBeVisible();
    const [, bed = ""] = /: (Bed \d+),/.exec(line) ?? [];
    expect(bed).not.toBe("Bed 2");
    await page.goto("/plan?on=2027-08-01");
    await expect(knot(page, `Carrot, storage, long, ${bed}`)).toBeVisible();
    // The old season is whole, and undo takes the beginning back.
    await page.keyboard.press("Control+z");
    await expect(knot(page, `Carrot, storage, long, ${bed}`)).toBeHidden();
  });

  test("a number of the log is switched on, and the plan goes by it", async ({ page }) => {
    await page.goto("/logbook/numbers");
    const everything = page.getByRole("switch", {
      name: numberWords.use({ name: numberWords.wholeGarden }),
    });
    await expect(everything).not.toBeChecked();
    await expectClean(page);
    await page.getByRole("button", { name: /entries: What Everything rests on/ }).click();
    await expect(page.getByText(/expected .* days, took .* days/).first()).toBeVisible();
    await page.goto("/plan");
    const peas = knot(page, "Shelling pea, dwarf, early, House 4");
    await expect(peas).toBeVisible();
    await page.goto("/logbook/numbers");
    await everything.click();
    await expect(told(page, numberWords.inUseAgain)).toBeVisible();
    await expect(everything).toBeChecked();
    await page.reload();
    await expect(everything).toBeChecked();
  });
});

test("what was learned moves what is still to come", async ({ page }) => {
  await openPlan(page);
  const spinach = knot(page, "Spinach, winter type, House 3");
  const before = dayOf(await readyWords(spinach));
  const file = commons();
  for (const id of ["planting-03", "planting-08", "planting-13"]) {
    file.logEntries.push({
      id: `late-${id}`,
      on: "2026-09-23",
      taskId: null,
      what: { kind: "harvested", plantingId: id, grams: 900, count: null, isLast: false },
      note: "",
    });
  }
  await page.goto("/logbook/numbers");
  const use = page.getByRole("switch", {
    name: numberWords.use({ name: numberWords.wholeGarden }),
  });
  await use.click();
  await expect(use).toBeChecked();
  await openPlan(page);
  await expect.poll(async () => dayOf(await readyWords(spinach))).not.toBe(before);
});

test("a trial of four amendments by six crops, from its lay-out to the verdict", async ({
  page,
}) => {
  test.slow();
  await page.goto("/logbook/trials");
  await expect(page.getByText(trialWords.none)).toBeVisible();
  await page.getByRole("button", { name: trialWords.newTrial }).click();
  const form = dialog(page);
  await form.getByRole("button", { name: trialWords.lay }).click();
  await expect(form.getByText(trialWords.chooseCrop)).toBeVisible();
  await form.getByLabel(trialWords.name, { exact: true }).fill("Four amendments");
  const crops = ["Kale", "Spinach", "Beet", "Chard", "Arugula", "Turnip"];
  for (const crop of crops) {
    await form.getByLabel(trialWords.crops).fill(crop);
    await page.getByRole("option", { name: crop, exact: true }).click();
  }
  await page.keyboard.press("Tab");
  await form.getByLabel(trialWords.treatments).fill("nothing\ncompost\nwood ash\nstraw");
  await form.getByLabel(trialWords.beds).fill("Bed 12");
  await page.getByRole("option", { name: "Bed 12", exact: true }).click();
  await page.keyboard.press("Tab");
  await form.getByLabel(trialWords.sownOn, { exact: true }).fill("2027-07-20");
  await expect(
    form.getByRole("img", { name: trialWords.plan({ name: "Four amendments" }) }),
  ).toBeVisible();
  await expectClean(page);
  await form.getByRole("button", { name: trialWords.lay }).click();
  await expect(told(page, trialWords.laid({ name: "Four amendments" }))).toBeVisible();

  const trial = page.getByRole("region", { name: "Four amendments" });
  await trial.getByRole("button", { name: trialWords.enterResults }).click();
  const cells = dialog(page).getByRole("textbox");
  await expect(cells).toHaveCount(48);
  for (const cell of await cells.all()) {
    const name = (await cell.getAttribute("aria-label")) ?? "";
    const [, letter = ""] = /\d([A-D]), /.exec(name) ?? [];
    const place = crops.findIndex((crop) => name.endsWith(crop));
    // Compost gives a third more; the rest differs by what a scale reads.
    await cell.fill(
      ((letter === "B" ? 1.33 : 1) * (1 + 0.2 * place + 0.01 * (name.length % 3))).toFixed(2),
    );
  }
  await expectClean(page);
  await dialog(page).getByRole("button", { name: "Save" }).click();
  await expect(told(page, trialWords.resultsKept)).toBeVisible();
  await expect(trial.getByText(/^compost gave 3\d/)).toBeVisible();
  await expect(trial.getByText(trialWords.enough)).toHaveCount(1);
  await trial.getByRole("button", { name: trialWords.keepVerdict }).click();
  await dialog(page).getByLabel(trialWords.keepTo).click();
  await page.getByRole("option", { name: "compost" }).click();
  await dialog(page).getByRole("button", { name: "Save" }).click();
  await expect(told(page, trialWords.verdictKept)).toBeVisible();
  // It is kept with its bed.
  await page.goto("/beds?bed=bed-12&part=soil");
  await expect(page.getByRole("region", { name: trialWords.ofBed })).toContainText("compost");
});

test("seed of two plants: left, cut, cleaned, and into the seed box", async ({ page }) => {
  await page.goto("/seedlings?part=saving");
  await page.getByRole("button", { name: seedWords.leave }).click();
  await dialog(page).getByLabel(seedWords.planting).click();
  await page.getByRole("option", { name: "Kale, curly, Bed 3" }).click();
  await dialog(page).getByLabel(seedWords.plants).fill("2");
  await expect(dialog(page).getByText(seedWords.fewer({ plants: 12 }))).toBeVisible();
  await expectClean(page);
  await dialog(page).getByRole("button", { name: "Save" }).click();
  const row = page.getByRole("listitem", { name: "Kale, curly" });
  await expect(row.getByRole("list", { name: seedWords.steps })).toContainText("Clean and test");
  await expectClean(page);
  await row.getByRole("button", { name: /cut today$/ }).click();
  await row.getByRole("button", { name: seedWords.box }).click();
  await dialog(page)
    .getByLabel(seedWords.weight({ unit: "g" }))
    .fill("15");
  await dialog(page).getByLabel(seedWords.tested).fill("50");
  await dialog(page).getByLabel(seedWords.sprouted).fill("60");
  await dialog(page).getByRole("button", { name: seedWords.intoBox }).click();
  await expect(dialog(page).getByText(seedWords.moreSprouted)).toBeVisible();
  await dialog(page).getByLabel(seedWords.sprouted).fill("46");
  await dialog(page).getByRole("button", { name: seedWords.intoBox }).click();
  await expect(row.getByText(seedWords.inBox)).toBeVisible();
  await page.goto("/seedlings?part=seeds");
  await expect(page.getByRole("row").filter({ hasText: "15 g" }).first()).toContainText("Kale");
});

test.describe("on a phone, in pounds", () => {
  test.use(PHONE);
  const inPounds = commons();
  inPounds.settings.units = "imperial";
  test.use({ given: JSON.stringify(inPounds) });

  test("a table of harvests is looked at and brought in, and taken back", async ({ page }) => {
    await page.goto("/logbook");
    await page.getByRole("button", { name: logbookWords.bringInATable }).tap();
    await dialog(page)
      .getByLabel(bringInWords.choose)
      .setInputFiles({
        name: "picked.csv",
        mimeType: "text/csv",
        buffer: Buffer.from(
          "Date;Crop;Bed;Weight\n2026-09-10;Kale;Bed 3;2,5\n2026-09-11;Quince;Bed 1;3\n",
        ),
      });
    await expect(dialog(page).getByText(bringInWords.ready({ count: 1 }))).toBeVisible();
    await expect(dialog(page).getByText(/No crop is called .Quince/)).toBeVisible();
    await expectClean(page);
    await dialog(page)
      .getByRole("button", { name: bringInWords.keep({ count: 1 }) })
      .tap();
    await expect(told(page, bringInWords.done({ count: 1, left: 1 }))).toBeVisible();
    await expect(page.getByText("2.5 lb").first()).toBeVisible();
  });

  test("numbers, seasons and trials are read with a thumb", async ({ page }) => {
    for (const [path, heading] of [
      ["/logbook/numbers", numberWords.yourNumbers],
      ["/logbook/seasons", seasonWords.seasons],
      ["/logbook/trials", trialWords.trials],
    ] as const) {
      await page.goto(path);
      await expect(page.getByRole("heading", { name: heading, level: 1 })).toBeVisible();
      await expectClean(page);
      const over = await page.evaluate(
        () => document.documentElement.scrollWidth - window.innerWidth,
      );
      expect(over).toBeLessThanOrEqual(0);
    }
  });
});
