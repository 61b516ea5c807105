import { expect, type Page } from "@playwright/test";
import { readFileSync } from "node:fs";
import { expectClean } from "./axe";
import { COMMONS, EMPTY, findByPalette, knot, openPlan, test, textOf } from "./garden";
import { bedChoice as bedChoiceWords } from "@/words/en/bedChoice";
import { beds as bedsWords } from "@/words/en/beds";
import { crops as cropsWords } from "@/words/en/crops";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { imports as importsWords } from "@/words/en/imports";
import { logbook as logbookWords } from "@/words/en/logbook";
import { plan as planWords } from "@/words/en/plan";
import { wish as wishWords } from "@/words/en/wish";
import { planting as plantingWords } from "@/words/en/planting";
import { seedBox as seedBoxWords } from "@/words/en/seedBox";
import { seedlings as seedlingsWords } from "@/words/en/seedlings";
import { settings as settingsWords } from "@/words/en/settings";
import { today as todayWords } from "@/words/en/today";
import { trays as traysWords } from "@/words/en/trays";

/** Opens the seedlings of the demo garden, at one of their sections. */
async function openSeedlings(page: Page, section = seedlingsWords.trays): Promise<void> {
  await page.goto("/seedlings");
  await expect(
    page.getByRole("heading", { name: seedlingsWords.seedlings, level: 1 }),
  ).toBeVisible();
  await page.getByRole("button", { name: section, exact: true }).click();
}

const dialog = (page: Page) => page.getByRole("dialog");
const pane = (page: Page) => page.getByRole("complementary");
const told = (page: Page) => page.getByRole("status");

async function choose(page: Page, label: string, option: string | RegExp): Promise<void> {
  await dialog(page).getByRole("combobox", { name: label, exact: true }).click();
  await page.getByRole("option", { name: option }).click();
}

async function pickCrop(page: Page, name: string): Promise<void> {
  const field = dialog(page).getByRole("combobox", { name: logbookWords.crop });
  await field.fill(name);
  await page.getByRole("option", { name, exact: true }).click();
}

test("a tray's life: what to order, sown, up, counted, thinned, potted on, hardened off, planted out", async ({
  page,
}) => {
  // What the plan wants and the box does not hold.
  await openSeedlings(page, seedlingsWords.seedOrder);
  const order = page.getByRole("group", { name: /^To order/ });
  await expect(order.getByRole("row", { name: /^Garlic, hardneck/ })).toContainText("cloves");
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: bedsWords.saveAsASpreadsheetCsv }).click();
  expect(await textOf(await download)).toMatch(/^\uFEFFcrop,variety,sow_from,.*\r\n/);

  // Sown: from the list of what is due, into a new tray, out of its packet.
  await page.getByRole("button", { name: seedlingsWords.trays, exact: true }).click();
  await page.getByRole("button", { name: /^Sow in tray: Sow claytonia/ }).click();
  await expect(dialog(page)).toContainText("Sow claytonia");
  await dialog(page).getByLabel(bedsWords.name).fill("Winter leaves");
  await dialog(page).getByRole("button", { name: bedsWords.sown2 }).click();
  // On the bench fewer come up than where it is cooler, and the packet is too small for so many.
  await expect(dialog(page).getByRole("alert")).toContainText("sow 60 cells");
  await dialog(page).getByLabel(traysWords.cellsToSow).fill("60");
  await dialog(page).getByRole("button", { name: bedsWords.sown2 }).click();
  await expect(told(page)).toContainText("Claytonia sown in Winter leaves");
  await expect(pane(page).getByRole("heading", { name: "Winter leaves" })).toBeVisible();
  await expect(page.getByRole("button", { name: /^Sow in tray: Sow claytonia/ })).toHaveCount(0);

  // The lantern moves on: it is up, and the list says so.
  const lantern = page.getByRole("slider", { name: /Date in view/ });
  await lantern.focus();
  for (let week = 0; week < 2; week += 1) await page.keyboard.press("PageUp");
  await expect(page.getByRole("button", { name: /^Open: Count the claytonia/ })).toBeVisible();

  // Counted: two taps a cell, then thinned.
  await pane(page).getByRole("button", { name: traysWords.count }).click();
  await dialog(page).getByRole("button", { name: traysWords.oneInEach }).click();
  await dialog(page).getByRole("button", { name: "Cell A1: 1", exact: true }).click();
  await dialog(page).getByRole("button", { name: "Cell A2: 1", exact: true }).click();
  await expect(dialog(page)).toContainText("62 seedlings in 60 of 60 cells");
  await dialog(page).getByRole("button", { name: bedsWords.save }).click();
  await expect(pane(page)).toContainText("60 of 60 cells up, 62 plants");
  await pane(page).getByRole("button", { name: traysWords.thinToOne }).click();
  await expect(pane(page)).toContainText("60 of 60 cells up.");

  // Potted on into larger cells; the old tray is free again.
  await pane(page).getByRole("button", { name: traysWords.potUpOrDivide }).click();
  await dialog(page).getByLabel(bedsWords.name).fill("Leaf pots");
  await dialog(page).getByRole("button", { name: traysWords.moved }).click();
  await expect(pane(page).getByRole("heading", { name: "Leaf pots" })).toBeVisible();
  await expect(page.getByRole("listitem").filter({ hasText: "Winter leaves" })).toContainText(
    "Nothing sown yet",
  );

  // Moved to the frame, hardened off by its calendar, planted out.
  await pane(page).getByRole("combobox", { name: traysWords.location }).click();
  await page.getByRole("option", { name: "Hardening frame" }).click();
  await expect(told(page)).toContainText("Leaf pots moved.");
  await pane(page)
    .getByText(/Transplant about/)
    .click();
  await expect(pane(page).getByText("2 h outside").first()).toBeVisible();
  await pane(page).getByRole("button", { name: traysWords.transplant }).click();
  await expect(told(page)).toContainText("Claytonia transplanted: 60 plants.");
  await expect(pane(page)).toContainText("60 free");

  // All of it is kept, and each step can be taken back.
  await page.reload();
  await expect(page.getByRole("button", { name: /^Leaf pots/ })).toContainText("Nothing sown yet");
  await page.keyboard.press("Control+z");
  await expect(page.getByRole("button", { name: /^Leaf pots/ })).toContainText("60 of 60 cells up");
});

test("what does not fit is refused in plain words, with a way out", async ({ page }) => {
  await openSeedlings(page);
  // Cells that do not divide.
  await page.getByRole("button", { name: traysWords.newTray2 }).click();
  await dialog(page).getByLabel(traysWords.cellsPerRow).fill("5");
  await dialog(page).getByRole("button", { name: traysWords.addTray }).click();
  await expect(dialog(page).getByText("72 cells do not make whole rows of 5")).toBeVisible();
  await dialog(page).getByLabel(traysWords.cellsPerRow).fill("6");
  await dialog(page).getByRole("button", { name: traysWords.addTray }).click();
  await expect(pane(page).getByRole("heading", { name: "Tray 4" })).toBeVisible();

  // A tray over-filled: those that fit, at a tap.
  await pane(page).getByRole("button", { name: traysWords.sow }).click();
  await pickCrop(page, "Claytonia");
  await dialog(page).getByLabel(traysWords.cellsToSow).fill("80");
  await dialog(page).getByRole("button", { name: bedsWords.sown2 }).click();
  await expect(dialog(page).getByRole("alert")).toContainText(
    "has 72 cells: 8 of these do not fit",
  );

  // More seed than there is: fewer, or anyway.
  await dialog(page).getByLabel(traysWords.seedsPerCell).fill("3");
  await dialog(page).getByRole("button", { name: "Sow the 72 that fit" }).click();
  await expect(dialog(page).getByRole("alert")).toContainText(
    "The packet holds 120 seeds and this takes 216: sow 40 cells",
  );
  await dialog(page).getByRole("button", { name: traysWords.sowAnyway }).click();
  await expect(pane(page)).toContainText("72 cells");

  // Seed from the future.
  await page.getByRole("button", { name: seedBoxWords.seedBox, exact: true }).click();
  await page.getByRole("button", { name: seedBoxWords.addSeed2 }).click();
  await pickCrop(page, "Leek");
  await dialog(page).getByLabel(seedBoxWords.packedForYear).fill("2033");
  await dialog(page).getByLabel(seedBoxWords.amount).fill("5");
  await dialog(page).getByRole("button", { name: bedsWords.save }).click();
  await expect(dialog(page).getByRole("alert")).toContainText(
    "Seed packed for 2033 cannot be here yet",
  );
  await dialog(page).getByRole("button", { name: importsWords.cancel }).click();

  // Zero spacing.
  await openPlan(page);
  await knot(page, "Kale, curly, Bed 3").click();
  await pane(page).getByRole("button", { name: cropsWords.edit }).click();
  await dialog(page).getByLabel("Rows (cm)").fill("0");
  await dialog(page).getByRole("button", { name: bedsWords.save }).click();
  await expect(dialog(page).getByRole("alert")).toContainText("At least 0.2 cm");
});

test("a seed lot is tested, aged and flagged; the box tells how thick to sow it", async ({
  page,
}) => {
  await openSeedlings(page, seedBoxWords.seedBox);
  await page.getByRole("button", { name: seedBoxWords.addSeed2 }).click();
  await pickCrop(page, "Leek");
  await dialog(page).getByLabel(seedBoxWords.packedForYear).fill("2023");
  await dialog(page).getByLabel(seedBoxWords.amount).fill("4");
  await dialog(page).getByLabel(seedBoxWords.seedsTested).fill("20");
  await dialog(page).getByLabel(seedBoxWords.germinated).fill("8");
  await expect(dialog(page)).toContainText("between 24 and 58 % (90 % sure)");
  await dialog(page)
    .getByLabel(/Treated seed/)
    .check();
  await expect(dialog(page).getByRole("alert")).toContainText("gloves");
  await dialog(page).getByRole("button", { name: bedsWords.save }).click();
  const row = page.getByRole("row", { name: /^Mark Leek/ });
  await expect(row).toContainText("8 of 20 tested");
  await expect(row).toContainText("treated: wear gloves");
  await expect(row).toContainText("× as thickly");
  await expect(page.getByRole("row", { name: /^Mark Parsnip/ })).toContainText("too old");
});

test("labels are printed as a page of their own, on sheets and strips, and saved as a table", async ({
  page,
}) => {
  await openSeedlings(page);
  await page.getByRole("link", { name: traysWords.labels }).click();
  const labels = page.getByRole("list", { name: traysWords.labels2 }).getByRole("listitem");
  await expect(labels.first()).toContainText("Lettuce");
  await expect(labels.first()).toContainText("sown 24 August");
  await expect(labels.first()).toContainText("63 cells, Winter heads");
  await expect(labels.first()).toContainText("plant 25 cm apart, rows 25 cm");
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: logbookWords.saveCsv }).click();
  const csv = await textOf(await download);
  expect(csv.split("\r\n")).toHaveLength((await labels.count()) + 1);

  for (const shape of [traysWords.sheet, traysWords.strips]) {
    await page.getByRole("button", { name: shape, exact: true }).click();
    await page.emulateMedia({ media: "print" });
    // On paper stand the labels and nothing else.
    for (const gone of [bedsWords.print, todayWords.back]) {
      await expect(page.getByText(gone, { exact: true })).toBeHidden();
    }
    await expect(page.getByRole("banner")).toBeHidden();
    await expect(page.getByRole("navigation")).toBeHidden();
    await expect(labels.last()).toBeVisible();
    const pdf = await page.pdf({ format: "A4", preferCSSPageSize: true });
    expect(pdf.toString("latin1").match(/\/Type \/Page\b/g)).toHaveLength(1);
    // No label's words run over its edge.
    const over = await labels.evaluateAll((items) =>
      items
        .filter((item) => item.scrollHeight > item.clientHeight + 1)
        .map((item) => item.textContent),
    );
    expect(over).toEqual([]);
    await page.emulateMedia({ media: "screen" });
  }
});

test("many labels go on over the pages, none cut in two", async ({ page }) => {
  await openSeedlings(page);
  await page.goto("/seedlings/labels");
  await page.getByRole("slider", { name: /Date in view/ }).focus();
  for (let week = 0; week < 6; week += 1) await page.keyboard.press("PageDown");
  await page.getByRole("button", { name: traysWords.currentSowings }).click();
  await page.getByRole("button", { name: traysWords.strips }).click();
  const labels = page.getByRole("list", { name: traysWords.labels2 }).getByRole("listitem");
  const count = await labels.count();
  expect(count).toBeGreaterThan(10);
  await page.emulateMedia({ media: "print" });
  const pdf = await page.pdf({ width: "210mm", height: "100mm", preferCSSPageSize: false });
  const pages = pdf.toString("latin1").match(/\/Type \/Page\b/g)?.length ?? 0;
  // Four strips of 16 mm go on 80 mm of paper.
  expect(pages).toBeGreaterThanOrEqual(Math.floor(count / 5));
  expect(pages).toBeLessThanOrEqual(Math.ceil(count / 3));
});

test("on a phone seedlings are counted by row and thinned, with nothing over the edge", async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openSeedlings(page);
  await page.getByRole("button", { name: /^Open: Thin the winter onion/ }).click();
  const sheet = page.getByRole("dialog").or(page.locator(".MuiDrawer-paper")).first();
  await expect(sheet).toContainText("Onion clusters");
  await page.getByRole("button", { name: "Thin to 4" }).click();
  await expect(told(page)).toContainText("thinned");
  await page.getByRole("button", { name: traysWords.count }).click();
  const count = page.getByRole("dialog", { name: /^Count the winter onion/ });
  await count.getByLabel("Row A").fill("30");
  await expect(count.getByRole("button", { name: "Cell A1: 3", exact: true })).toBeVisible();
  const size = await count.getByRole("button", { name: /^Cell A1:/ }).boundingBox();
  expect(size?.height).toBeGreaterThanOrEqual(44);
  const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(over).toBeLessThanOrEqual(0);
  await count.getByRole("button", { name: bedsWords.save }).click();
  await expect(told(page)).toContainText("seedlings counted");
});

test("a crop of one's own is copied, planned, and goes only when another takes its place", async ({
  page,
}) => {
  await openSeedlings(page, cropsWords.crops);
  await page.getByLabel(/^Search \d+ crops/).fill("kale");
  await page.getByRole("button", { name: "Siberian kale", exact: true }).click();
  const article = page.getByRole("article", { name: "Siberian kale" });
  await expect(article).toContainText("Brassica napus");
  await article.getByText(cropsWords.sources).click();
  await expect(article).toContainText("Harrington");
  await article.getByRole("button", { name: cropsWords.makeMyOwnVersion }).click();
  await dialog(page).getByLabel(bedsWords.name).fill("Kale of the hill");
  await dialog(page).getByLabel(cropsWords.lt50Hardened2).fill("-3");
  await dialog(page).getByRole("button", { name: bedsWords.save }).click();
  await expect(dialog(page).getByRole("alert")).toContainText(
    "survives more cold than an unhardened",
  );
  await dialog(page).getByLabel(cropsWords.lt50Hardened2).fill("-21");
  await dialog(page).getByRole("button", { name: bedsWords.save }).click();
  const ours = page.getByRole("article", { name: "Kale of the hill" });
  await expect(ours).toContainText("−21 °C");

  await ours.getByRole("button", { name: cropsWords.addToPlan }).click();
  await dialog(page).getByRole("combobox", { name: wishWords.when }).click();
  await page.getByRole("option", { name: wishWords.ifISowOn }).click();
  await dialog(page)
    .getByRole("button", { name: /^Add to plan/ })
    .first()
    .click();
  await expect(told(page)).toContainText("Kale of the hill added");

  await findByPalette(page, settingsWords.cropLibrary);
  await page.getByRole("button", { name: "Kale of the hill (ours)" }).click();
  await ours.getByRole("button", { name: cropsWords.edit }).click();
  await dialog(page).getByRole("button", { name: bedsWords.remove }).click();
  await expect(dialog(page).getByRole("alert")).toContainText("used by 1 planting");
  await dialog(page).getByRole("button", { name: "Use siberian kale instead" }).click();
  await expect(told(page)).toContainText("Kale of the hill removed");
  await page.keyboard.press("Control+z");
  await expect(page.getByRole("button", { name: "Kale of the hill (ours)" })).toBeVisible();
});

test("sown every so often: the intervals stretch, and one drag moves them all", async ({
  page,
}) => {
  await openPlan(page);
  await findByPalette(page, "Add arugula");
  await dialog(page).getByRole("combobox", { name: wishWords.when }).click();
  await page.getByRole("option", { name: wishWords.ifISowOn }).click();
  await dialog(page)
    .getByRole("button", { name: /^Add to plan: Arugula.*baby leaf/ })
    .first()
    .click();
  const date = pane(page).getByLabel(bedsWords.sown2);
  await date.fill("2026-08-25");
  await date.press("Enter");
  await pane(page).getByRole("button", { name: plantingWords.makeSuccessionSowings }).click();
  await choose(page, plantingWords.spacingInTime, /a set number of days apart/);
  await dialog(page).getByLabel(plantingWords.sowings).fill("5");
  await dialog(page).getByLabel(plantingWords.days2, { exact: true }).fill("12");
  const gaps = await dialog(page)
    .getByRole("cell", { name: /^\+\d+$/ })
    .allTextContents();
  const sowGaps = gaps.filter((_, index) => index % 2 === 0).map(Number);
  expect(sowGaps).toHaveLength(4);
  expect(sowGaps[3]).toBeGreaterThan(sowGaps[0] ?? 0);
  await dialog(page).getByRole("button", { name: bedsWords.addToPlan }).click();
  await expect(pane(page)).toContainText("One of 5 sowings that move together");

  const together = pane(page).getByText(/^One of 5 sowings/);
  const before = await together.textContent();
  await date.fill("2026-08-19");
  await date.press("Enter");
  await expect(together).not.toHaveText(before ?? "");
  await expect(together).toContainText("19 Aug");
  // One step: undo brings all five back.
  await page.getByRole("button", { name: /^Undo moving 5 sowings/ }).click();
  await expect(together).toHaveText(before ?? "");
});

test("what can still be sown is listed for the day in view, and leads to its ways", async ({
  page,
}) => {
  await openPlan(page);
  await page.getByRole("button", { name: planWords.sowNow }).click();
  await expect(dialog(page)).toContainText("What you can still sow on 24 September");
  const spinach = dialog(page).getByRole("listitem").filter({ hasText: "Spinach" });
  await expect(spinach.first()).toContainText(bedsWords.ready2);
  // Its young leaves stand apart from the whole plants.
  await expect(
    dialog(page)
      .getByRole("region", { name: wishWords.babyLeaves })
      .getByRole("listitem")
      .filter({ hasText: "Spinach" }),
  ).toHaveCount(1);
  await dialog(page)
    .getByText(/^Too late or too early/)
    .click();
  await expect(dialog(page)).toContainText("Bush bean");
  await dialog(page).getByRole("button", { name: "Options for sowing Mâche" }).click();
  await expect(dialog(page).getByRole("combobox", { name: logbookWords.crop })).toHaveValue(
    "Mâche",
  );
  await expect(
    dialog(page)
      .getByRole("button", { name: /^Add to plan/ })
      .first(),
  ).toBeVisible();
});

test("how many: clusters, offset and pots, wider for winter, each with its sum", async ({
  page,
}) => {
  await openPlan(page);
  await knot(page, "Leek, winter type, stout, Bed 6").click();
  await pane(page).getByText(plantingWords.calculation).click();
  await expect(pane(page)).toContainText("800 cm ÷ 15 cm = 53 plants");
  await pane(page).getByRole("button", { name: cropsWords.edit }).click();
  await dialog(page).getByLabel(cropsWords.plantsPerStation).fill("4");
  // From station to station, as growers say it.
  await dialog(page)
    .getByLabel(plantingWords.toTheNextStation({ short: "cm" }))
    .fill("0,6 m");
  await dialog(page).getByLabel(plantingWords.spacing).fill("1.25");
  await expect(dialog(page)).toContainText("36 % fewer plants");
  // 800 cm ÷ 75 cm, and 80 cm ÷ 37.5 cm.
  await expect(dialog(page)).toContainText("2 rows × 10 stations × 4 plants = 80 plants");
  await dialog(page).getByRole("button", { name: bedsWords.save }).click();
  await expect(pane(page)).toContainText("800 cm ÷ 75 cm = 10 clusters");
  await expect(pane(page)).toContainText("the area yields about 12 % less");
  await pane(page).getByRole("button", { name: cropsWords.edit }).click();
  await choose(page, plantingWords.arrangement, /in pots/);
  await dialog(page).getByLabel("Pots (cm)").fill("14");
  await dialog(page).getByRole("button", { name: bedsWords.save }).click();
  await expect(pane(page)).toContainText("staggered rows");
});

test("a mix is turned into volumes, with what to mind, and made one's own", async ({ page }) => {
  await openSeedlings(page, seedlingsWords.pottingMixes);
  await page.getByLabel(seedlingsWords.trays, { exact: true }).fill("4");
  await page.getByLabel(seedBoxWords.cellsPerTray).fill("50");
  await page.getByLabel(seedBoxWords.cellVolumeMl).fill("35");
  // 4 × 50 × 35 mL = 7 L, and a fifth: 8.4 L in seven parts of 1.2 L.
  await expect(page.getByText("8.4 L", { exact: true })).toBeVisible();
  await expect(page.getByRole("listitem").filter({ hasText: "Peat-free base" })).toContainText(
    "3.6 L",
  );
  await expect(page.getByRole("alert").filter({ hasText: "mask" }).first()).toBeVisible();
  await page.getByRole("button", { name: cropsWords.makeMyOwnVersion }).click();
  await dialog(page).getByLabel(bedsWords.name).fill("Our block mix");
  await dialog(page).getByRole("button", { name: "Remove Perlite" }).click();
  await dialog(page).getByRole("button", { name: bedsWords.save }).click();
  await expect(page.getByRole("combobox", { name: "Mix" })).toContainText("Our block mix");
  await expect(page.getByText("Perlite")).toHaveCount(0);
});

test("room for trays: a small bench is over-full, and says when", async ({ page }) => {
  await openSeedlings(page, seedlingsWords.space);
  const bench = page.getByRole("button", { name: "Edit Shed bench" });
  await bench.click();
  await dialog(page).getByLabel("Length (m)").fill("0.4");
  await dialog(page).getByRole("button", { name: bedsWords.save }).click();
  await expect(page.getByText(/^Not enough space.* % of the space/).first()).toBeVisible();
  await bench.click();
  await dialog(page).getByRole("button", { name: bedsWords.remove }).click();
  await expect(dialog(page).getByRole("alert")).toContainText("stand there: move them first");
});

test("in an empty garden the seedlings say what to do first, and a tray can be sown without a plan", async ({
  page,
}) => {
  await page.goto(`${EMPTY}/seedlings`);
  await page
    .getByRole("button", { name: /Give your place|Start/ })
    .first()
    .click();
  await page.getByRole("link", { name: seedlingsWords.seedlings }).click();
  await expect(page.getByText(/Add a tray to record/)).toBeVisible();
  await page.getByRole("button", { name: traysWords.newTray2 }).click();
  await dialog(page).getByRole("button", { name: traysWords.addTray }).click();
  await pane(page).getByRole("button", { name: traysWords.sow }).click();
  await pickCrop(page, "Leek");
  await dialog(page).getByRole("button", { name: bedsWords.sown2 }).click();
  await expect(pane(page)).toContainText("Leek");
  await page.getByRole("button", { name: seedBoxWords.seedBox, exact: true }).click();
  await expect(page.getByText(/No seed yet/)).toBeVisible();
  await page.getByRole("button", { name: seedlingsWords.seedOrder, exact: true }).click();
  await expect(page.getByText(/Nothing to sow in the next year/)).toBeVisible();
});

test("the garden file has it all: what is saved here is the same where it is read", async ({
  page,
}) => {
  const commons = JSON.parse(readFileSync(COMMONS, "utf8"));
  await openSeedlings(page);
  const download = page.waitForEvent("download");
  await findByPalette(page, gardenFileWords.saveGardenFile);
  const saved = JSON.parse(await textOf(await download));
  for (const list of ["seedLots", "stands", "trays", "successions", "plantings"]) {
    expect(saved[list]).toEqual(commons[list]);
  }
});

test("seedlings sown for no bed: Today asks which, the tray tells those with room, one tap plants", async ({
  page,
}) => {
  await page.goto("/today");
  await page.getByRole("button", { name: /^Done: Choose a bed for mustard greens/i }).click();
  const which = pane(page).getByRole("group", {
    name: bedChoiceWords.whichBed({ name: "mustard greens" }),
  });
  await expect(which.getByRole("listitem").first()).toContainText(
    /room for all \d+, first picking/,
  );
  await expectClean(page);
  await which
    .getByRole("button", { name: /^Choose / })
    .first()
    .click();
  await expect(told(page).first()).toContainText(/will go into/);
  await expect(which).toHaveCount(0);
  await page.goto("/today");
  await expect(page.getByRole("button", { name: /^Done: / }).first()).toBeVisible();
  await expect(page.getByRole("button", { name: /Choose a bed/ })).toHaveCount(0);
});
