import { expect, type Page } from "@playwright/test";
import { EMPTY, gardenMenu, test, textOf, told } from "./garden";
import { bedMap as mapWords } from "@/words/en/bedMap";
import { beds as bedsWords } from "@/words/en/beds";
import { crops as cropsWords } from "@/words/en/crops";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { ground as groundWords } from "@/words/en/ground";
import { howMuch as howMuchWords, howMuchWays } from "@/words/en/howMuch";
import { imports as importsWords } from "@/words/en/imports";
import { planting as plantingWords } from "@/words/en/planting";
import { shell as shellWords } from "@/words/en/shell";
import { settings as settingsWords } from "@/words/en/settings";
import { turningOver as turning } from "@/words/en/turningOver";
import { ui as uiWords } from "@/words/en/ui";

const bed = (page: Page, name: string) =>
  page.getByRole("button", { name: new RegExp(`^${name}:`) });
const pane = (page: Page) => page.getByRole("complementary");

async function openBeds(page: Page): Promise<void> {
  await page.goto("/beds");
  await expect(page.getByRole("heading", { name: bedsWords.beds, level: 1 })).toBeVisible();
  await expect(bed(page, "Bed 1")).toBeVisible();
}

test("the map shows what stands where on the date in view, and a bed tells what it holds", async ({
  page,
}) => {
  await openBeds(page);
  await expect(bed(page, "Bed 7")).toHaveAccessibleName(
    /Spinach, \d+ % grown; 10\.\d hours of direct sun/,
  );
  await bed(page, "Bed 9").click();
  await expect(pane(page).getByRole("heading", { name: "Bed 9" })).toBeVisible();
  await expect(pane(page)).toContainText("Arugula, salad type");
  // In winter, by the lantern: the arugula is over, the spinach stands.
  const lantern = page.getByRole("slider", { name: uiWords.dateInView });
  await lantern.focus();
  for (let week = 0; week < 18; week += 1) await page.keyboard.press("PageUp");
  await expect(pane(page)).toContainText("Nothing growing here");
  await expect(bed(page, "Bed 7")).toHaveAccessibleName(/Spinach, ready/);
  // The planting opens in the same place.
  await bed(page, "Bed 7").click();
  await pane(page).getByRole("button", { name: "Open Spinach, winter type" }).click();
  await expect(pane(page).getByText(plantingWords.firstPicking, { exact: true })).toBeVisible();
});

test("the map names what grows, shows where ground is free and a family has not been, and zooms", async ({
  page,
}) => {
  await openBeds(page);
  const map = page.locator("main svg");
  await expect(map.getByText("Broccoli", { exact: true }).first()).toBeVisible();
  const show = page.getByRole("combobox", { name: mapWords.show });
  await show.click();
  await page.getByRole("option", { name: mapWords.free }).click();
  const free = page.getByRole("status").filter({ hasText: "Free all that time:" });
  await expect(free).toContainText("Bed 14 (3 m)");
  await expect(free).not.toContainText("Bed 7 ");
  await page.getByLabel(mapWords.to, { exact: true }).fill("2026-09-20");
  await expect(page.getByText(mapWords.chooseALaterDay)).toBeVisible();
  await show.click();
  await page.getByRole("option", { name: mapWords.family }).click();
  await page.getByRole("combobox", { name: /^Family/ }).click();
  await page.getByRole("option", { name: /^Amaryllidaceae/ }).click();
  await expect(page.getByText("it stood there within 3 years")).toBeVisible();
  // Nothing jumps when the inspector opens, and the map comes closer by a button.
  const before = await bed(page, "Bed 8").boundingBox();
  await bed(page, "Bed 9").click();
  await expect(pane(page).getByRole("heading", { name: "Bed 9" })).toBeVisible();
  await page.waitForTimeout(300);
  expect(await bed(page, "Bed 8").boundingBox()).toEqual(before);
  await page.getByRole("button", { name: mapWords.closer }).click();
  await expect
    .poll(async () => (await bed(page, "Bed 8").boundingBox())?.width)
    .toBeGreaterThan((before?.width ?? 0) * 1.3);
  await page.getByRole("button", { name: mapWords.showAll }).click();
  await expect
    .poll(async () => (await bed(page, "Bed 8").boundingBox())?.width)
    .toBeCloseTo(before?.width ?? 0, 0);
});

test("a bed is dragged where it lies, and not over another; undo brings it back", async ({
  page,
}) => {
  await openBeds(page);
  await page.getByRole("button", { name: bedsWords.editLayout }).click();
  const shape = bed(page, "Bed 1");
  // Its pane takes room from the map: opened first, nothing shifts later.
  await shape.click();
  await expect(pane(page).getByRole("heading", { name: "Bed 1" })).toBeVisible();
  await page.waitForTimeout(300);
  const before = await shape.boundingBox();
  const other = await bed(page, "Bed 2").boundingBox();
  if (!before || !other) throw new Error("the beds are drawn");
  const middle = { x: before.x + before.width / 2, y: before.y + before.height / 4 };
  const drag = async (dx: number) => {
    await page.mouse.move(middle.x, middle.y);
    await page.mouse.down();
    await page.mouse.move(middle.x + dx, middle.y, { steps: 4 });
    await page.mouse.up();
  };
  await drag(-8);
  await expect.poll(async () => (await shape.boundingBox())?.x ?? 0).toBeLessThan(before.x - 5);
  await page.getByRole("button", { name: "Undo moving Bed 1" }).click();
  await expect.poll(async () => (await shape.boundingBox())?.x ?? 0).toBeCloseTo(before.x, 0);
  await drag(other.x - before.x);
  await expect(
    page.getByRole("alert").filter({ hasText: "Bed 1 would overlap Bed 2" }),
  ).toBeVisible();
  await expect.poll(async () => (await shape.boundingBox())?.x ?? 0).toBeCloseTo(before.x, 0);
});

test("by keys alone: a bed is chosen, moved, turned, and its size typed", async ({ page }) => {
  await openBeds(page);
  await page.getByRole("button", { name: bedsWords.editLayout }).press("Enter");
  const shape = bed(page, "Bed 13");
  await shape.focus();
  await page.keyboard.press("Enter");
  await expect(pane(page).getByRole("heading", { name: "Bed 13" })).toBeVisible();
  await pane(page).getByRole("tab", { name: bedsWords.growing }).focus();
  await page.keyboard.press("End");
  await page.keyboard.press("Enter");
  const foot = pane(page).getByLabel("Center from bottom (m)");
  await expect(foot).toHaveValue("5.5");
  await shape.focus();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("ArrowDown");
  await expect(foot).toHaveValue("5.3");
  await page.keyboard.press("r");
  await expect(pane(page).getByLabel("Angle (°)")).toHaveValue("95");
  await page.keyboard.press("Shift+R");
  await expect(pane(page).getByLabel("Angle (°)")).toHaveValue("90");
  await pane(page).getByLabel(bedsWords.name).fill("By the house");
  await pane(page).getByLabel("Width (m)").fill("0.9");
  await page.keyboard.press("Enter");
  await expect(bed(page, "By the house")).toBeVisible();
  await pane(page).getByLabel("Length (m)").fill("0");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("alert").filter({ hasText: "At least 0.1 m" })).toBeVisible();
});

test("the plot is made larger, a bed goes only with its plantings, and the map prints on one sheet", async ({
  page,
}) => {
  await openBeds(page);
  await page.getByRole("button", { name: bedsWords.editLayout }).click();
  await page.getByRole("button", { name: bedsWords.plotSize }).click();
  const dialog = page.getByRole("dialog");
  await dialog.getByLabel("Length along the bottom (m)").fill("12");
  await dialog.getByRole("button", { name: bedsWords.save }).click();
  await expect(dialog.getByRole("alert")).toContainText("would be outside the plot (12");
  await dialog.getByLabel("Length along the bottom (m)").fill("26");
  await dialog.getByRole("button", { name: bedsWords.save }).click();
  await expect(told(page, "Plot saved")).toBeVisible();

  await bed(page, "Bed 2").click();
  await pane(page).getByRole("tab", { name: bedsWords.position }).click();
  await pane(page).getByRole("button", { name: bedsWords.removeBed }).click();
  await expect(page.getByRole("alert").filter({ hasText: "Bed 2 has 1 planting" })).toBeVisible();
  await pane(page).getByRole("button", { name: bedsWords.removeWithItsPlantings }).click();
  await expect(bed(page, "Bed 2")).toHaveCount(0);
  await page.keyboard.press("Control+z");
  await expect(bed(page, "Bed 2")).toBeVisible();

  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("banner")).toBeHidden();
  const pdf = await page.pdf({ format: "A4" });
  expect(pdf.toString("latin1").match(/\/Type \/Page\b/g)).toHaveLength(1);
});

test("a gap is found through the year and filled with what fits; rotation is minded", async ({
  page,
}) => {
  await openBeds(page);
  await bed(page, "Bed 1").click(); // broccoli until October
  await pane(page)
    .getByRole("button", { name: /^Free: 8 m from \d+ (September|October)/ })
    .click();
  const fits = pane(page).getByRole("region", { name: bedsWords.whatFitsHere });
  await expect(fits.getByRole("combobox", { name: bedsWords.where })).toContainText(
    "8 m, starting at 0 m",
  );
  for (const all of await fits.getByRole("button", { name: /^All \d+/ }).all()) await all.click();
  await expect(fits).toContainText(
    "Broccoli of the same family (Brassicaceae) was sown here in 2026",
  );
  // As much as two people eat, unless more is asked for.
  await fits.getByRole("combobox", { name: howMuchWords.howMuch }).click();
  await page.getByRole("option", { name: howMuchWays.room }).click();
  const plant = fits.getByRole("button", { name: /^Add to plan/ }).first();
  const name = ((await plant.getAttribute("aria-label")) ?? "").replace("Add to plan: ", "");
  await plant.click();
  await expect(told(page, `${name} added to Bed 1`)).toBeVisible();
  await pane(page).getByRole("tab", { name: bedsWords.growing }).click();
  await expect(
    pane(page).getByRole("img", { name: new RegExp(`${name}.*0 m to 8 m`) }),
  ).toBeVisible();
  await page.keyboard.press("Control+z");
  // Without a rotation nothing is said of families.
  await page.getByRole("button", { name: shellWords.settings }).click();
  const years = page.getByRole("dialog").getByLabel(settingsWords.rotationYearsBetweenCropsOfOne);
  await years.fill("0");
  await years.blur();
  await page.getByRole("dialog").getByRole("button", { name: bedsWords.done }).click();
  await pane(page).getByRole("tab", { name: bedsWords.freeSpace }).click();
  await expect(fits).toBeVisible();
  await expect(fits).not.toContainText("of the same family");
});

test("two on the same ground are refused with two ways out, each a tap", async ({ page }) => {
  await openBeds(page);
  await bed(page, "Bed 4").click();
  await pane(page).getByRole("button", { name: "Move Turnip, purple top" }).click();
  const dialog = page.getByRole("dialog", { name: /^Move Turnip/ });
  await dialog.getByRole("combobox", { name: "To" }).click();
  await page.getByRole("option", { name: /^Bed 5:/ }).click();
  await expect(dialog).toContainText("Beet, long, for storage is growing there until");
  await dialog.getByRole("button", { name: bedsWords.move4 }).click();
  await expect(dialog.getByRole("alert")).toContainText("Beet, long, for storage is in Bed 5");
  await dialog.getByRole("button", { name: importsWords.cancel }).click();
  // On the plan, a knot dragged by keys into the time of another says so, with ways out.
  await pane(page).getByRole("button", { name: "Open Turnip, purple top" }).click();
  await pane(page).getByRole("button", { name: cropsWords.edit }).click();
  const edit = page.getByRole("dialog");
  await edit.getByRole("combobox", { name: "Bed", exact: true }).click();
  await page.getByRole("option", { name: /^Bed 5:/ }).click();
  await edit.getByRole("button", { name: bedsWords.save }).click();
  await expect(edit.getByRole("alert")).toContainText("in the same space (4 m to 8 m)");
  await edit.getByRole("button", { name: /^Put it in Bed/ }).click();
  await expect(told(page, "Done: Put it in Bed")).toBeVisible();
});

test("the tomato bed makes way for broccoli, with two tomatoes left and broccoli between them", async ({
  page,
}) => {
  await openBeds(page);
  const lantern = page.getByRole("slider", { name: uiWords.dateInView });
  await lantern.focus();
  for (let week = 0; week < 11; week += 1) await page.keyboard.press("PageDown");
  for (let day = 0; day < 4; day += 1) await page.keyboard.press("ArrowLeft");
  await expect(page.getByText("Sunday 5 July").first()).toBeVisible();
  await bed(page, "Bed 4").click();
  await pane(page).getByRole("button", { name: bedsWords.replant }).click();
  const dialog = page.getByRole("dialog", { name: "Replant Bed 4" });
  await expect(dialog).toContainText(
    /Tomato, tied up, mid-season would still yield about \d\.\d kg/,
  );
  await dialog.getByLabel("Plants to keep, of 8").fill("2");
  await dialog.getByLabel(bedsWords.nextCrop2).fill("Broccoli");
  await page.getByRole("option", { name: "Broccoli", exact: true }).click();
  await expect(dialog).toContainText(
    /Sow broccoli in trays on \d+ July\. The bed is needed from \d+ August/,
  );
  await dialog.getByRole("combobox", { name: turning.besideThoseKept }).click();
  await page.getByRole("option", { name: turning.betweenThem }).click();
  // The grower's own word counts: what nobody eats is given up at once where something can follow.
  await dialog.getByRole("combobox", { name: bedsWords.value }).click();
  await page.getByRole("option", { name: bedsWords.notEaten }).click();
  await dialog.getByLabel(bedsWords.buySeedlings).check();
  await expect(dialog.getByRole("textbox", { name: bedsWords.changeoverDate })).toHaveValue(
    "2026-07-05",
  );
  await dialog.getByLabel(bedsWords.buySeedlings).uncheck();
  await expect(dialog.getByRole("textbox", { name: bedsWords.changeoverDate })).toHaveValue(
    "2026-08-09",
  );
  await dialog.getByRole("button", { name: bedsWords.replant3 }).click();
  await expect(told(page, "Bed 4 replanted with broccoli on 9 August")).toBeVisible();
  await lantern.focus();
  for (let week = 0; week < 6; week += 1) await page.keyboard.press("PageUp");
  await expect(pane(page)).toContainText("3 m to 4 m, 2 places");
  await expect(pane(page)).toContainText("between other crops");
  await expect(bed(page, "Bed 4")).toHaveAccessibleName(
    /Broccoli.*Tomato.*Broccoli.*Turnip|Broccoli.*Turnip/,
  );
  await page.keyboard.press("Control+z");
  await expect(pane(page)).not.toContainText("Broccoli");
});

test("two tomatoes in the middle are kept, broccoli goes along both sides, and garlic parts a bed", async ({
  page,
}) => {
  await openBeds(page);
  const lantern = page.getByRole("slider", { name: uiWords.dateInView });
  await lantern.focus();
  for (let week = 0; week < 11; week += 1) await page.keyboard.press("PageDown");
  await bed(page, "Bed 4").click();
  await pane(page).getByRole("button", { name: bedsWords.replant }).click();
  const dialog = page.getByRole("dialog", { name: "Replant Bed 4" });
  await dialog.getByRole("button", { name: "Plant 4" }).click();
  await dialog.getByRole("button", { name: "Plant 5" }).click();
  await expect(dialog.getByLabel("Plants to keep, of 8")).toHaveValue("2");
  await dialog.getByRole("combobox", { name: turning.besideThoseKept }).click();
  await page.getByRole("option", { name: turning.alongBothSides }).click();
  await dialog.getByLabel(bedsWords.buySeedlings).check();
  await dialog.getByLabel(bedsWords.nextCrop2).fill("Broccoli");
  await page.getByRole("option", { name: "Broccoli", exact: true }).click();
  await expect(dialog).toContainText(/\d+ broccoli plants to buy/);
  await dialog.getByRole("textbox", { name: bedsWords.changeoverDate }).fill("2026-07-20");
  await dialog.getByRole("button", { name: bedsWords.replant3 }).click();
  await expect(told(page, "Bed 4 replanted with broccoli on 20 July")).toBeVisible();
  await lantern.focus();
  for (let week = 0; week < 3; week += 1) await page.keyboard.press("PageUp");
  await expect(pane(page)).toContainText(/27 cm on both sides/);
  // A line of garlic along the middle of a bed that is typed, and told where it goes past the side.
  await pane(page).getByRole("button", { name: "Open Broccoli" }).first().click();
  await pane(page).getByRole("button", { name: plantingWords.edit }).click();
  const form = page.getByRole("dialog", { name: "Broccoli" });
  await form.getByRole("combobox", { name: groundWords.acrossTheBed }).click();
  await page.getByRole("option", { name: groundWords.strip }).click();
  await form.getByLabel("From the left side (cm)").fill("60");
  await form.getByLabel("Width (cm)").fill("40");
  await form.getByRole("button", { name: plantingWords.save }).click();
  await expect(form.getByRole("alert")).toContainText("the strip goes past its side");
  // Squares by keys alone: one of them takes the focus, arrows lead to the others.
  await form.getByRole("combobox", { name: groundWords.acrossTheBed }).click();
  await page.getByRole("option", { name: groundWords.cells }).click();
  await form.getByRole("checkbox", { name: /^Square 1 along, 1 across/ }).focus();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("Space");
  await expect(form.getByRole("checkbox", { name: /^Square 2 along, 2 across/ })).toBeChecked();
  await page.keyboard.press("Tab");
  await expect(
    form.getByRole("checkbox", { name: /^Square/ }).and(page.locator(":focus")),
  ).toHaveCount(0);
});

test("a planting is dragged to another bed: what it means is said before it is let go", async ({
  page,
}) => {
  await openBeds(page);
  await bed(page, "Bed 9").click();
  await expect(pane(page).getByRole("heading", { name: "Bed 9" })).toBeVisible();
  await page.waitForTimeout(300);
  const from = await bed(page, "Bed 9").boundingBox();
  const taken = await bed(page, "Bed 1").boundingBox();
  const free = await bed(page, "Bed 13").boundingBox();
  if (!from || !taken || !free) throw new Error("the beds are drawn");
  const middle = (box: { x: number; width: number }) => box.x + box.width / 2;
  // Arugula takes the far 3 of its 8 m; the plot lies on its side here, with far ends to the right.
  await page.mouse.move(from.x + from.width - 20, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(middle(taken), taken.y + taken.height / 2, { steps: 5 });
  const note = page.getByRole("status").filter({ hasText: "Arugula" });
  await expect(note).toContainText("Arugula, salad type to Bed 1");
  await expect(note).toContainText("Broccoli, main crop is growing there until");
  await expect(note).toContainText("instead of low tunnel");
  await expect(note).toContainText("of the same family (Brassicaceae) was sown here in 2026");
  // Along its own bed nothing changes but the place; let go there, it is where it was put.
  await page.mouse.move(middle(free), free.y + free.height / 2, { steps: 5 });
  await expect(note).toContainText("Arugula, salad type to Bed 13");
  await page.mouse.up();
  await expect(
    page.getByRole("alert").filter({ hasText: "Broccoli, early, compact is in Bed 13" }),
  ).toBeVisible();
  await page
    .getByRole("button", { name: /^Pull broccoli|^Put it in/ })
    .first()
    .click();
  await expect(page.getByRole("status").filter({ hasText: "Done:" })).toBeVisible();
});

test("a bed is fed by depth and by the bag's numbers, put to rest, and all of it is on the shopping list", async ({
  page,
}) => {
  await openBeds(page);
  await bed(page, "House 2").click(); // 12 × 0.8 m
  await pane(page).getByRole("tab", { name: bedsWords.soil }).click();
  await pane(page).getByLabel(bedsWords.compostCm).fill("2");
  // 9.6 m² × 2 cm = 192 L: three barrows of 80 L.
  await expect(pane(page)).toContainText("192 L, 3 barrows");
  await pane(page).getByRole("button", { name: "Save for 24 September" }).click();
  await expect(told(page, "Added to the shopping list")).toBeVisible();
  const withWhat = pane(page).getByRole("combobox", { name: bedsWords.withWord });
  await withWhat.click();
  await page.getByRole("option", { name: bedsWords.aFertilizerByItsNPK }).click();
  await pane(page).getByLabel(bedsWords.bagNPK).fill("60-30-30");
  await expect(pane(page)).toContainText("Together the three numbers pass 100 %");
  await pane(page).getByLabel(bedsWords.bagNPK).fill("8-4-4");
  await pane(page).getByLabel("N needed (g/m²)").fill("10");
  // 96 g of nitrogen at 8 %: 1,200 g, with half as much phosphate and potash.
  await expect(pane(page)).toContainText("1.2 kg, with 96 g nitrogen, 48 g phosphate, 48 g potash");
  await pane(page).getByLabel(bedsWords.name).fill("Feather meal");
  await pane(page).getByRole("button", { name: "Save for 24 September" }).click();
  // Bed 9's tunnel is free in mid-October: rye, half as much again for a late sowing.
  await bed(page, "Bed 9").click();
  await expect(pane(page).getByRole("heading", { name: "Bed 9" })).toBeVisible();
  await withWhat.click();
  await page.getByRole("option", { name: bedsWords.rawManure }).click();
  await pane(page).getByRole("button", { name: "Save for 24 September" }).click();
  await expect(pane(page).getByRole("alert").first()).toContainText(
    "Wait 120 days, until 22 January",
  );
  await expect(pane(page)).toContainText(
    "Check the sack: lawn ryegrass is sold under a similar name",
  );
  await pane(page).getByLabel(bedsWords.seedRate).fill("1.5");
  await pane(page)
    .getByRole("button", { name: /^Rest from/ })
    .click();
  await expect(pane(page)).toContainText("Winter rye, 5 m");
  await page.getByRole("button", { name: bedsWords.shoppingList }).click();
  const list = page.getByRole("dialog", { name: /^Shopping list/ });
  await expect(list.getByRole("row", { name: /^Compost 192 L, 3 barrows.*House 2/ })).toBeVisible();
  await expect(list.getByRole("row", { name: /^Feather meal 8-4-4 1\.2 kg/ })).toBeVisible();
  // 5 × 0.8 m × 14 g × 1.5 = 84 g.
  await expect(list.getByRole("row", { name: /^Seed: Winter rye.*84 g/ })).toBeVisible();
  const download = page.waitForEvent("download");
  await list.getByRole("button", { name: bedsWords.saveAsASpreadsheetCsv }).click();
  expect(await textOf(await download)).toContain("Compost,192,,2026-09-24,House 2");
});

test("what planting sets going is told on the planting, and changed there", async ({ page }) => {
  await openBeds(page);
  await bed(page, "Bed 11").click(); // kale
  await pane(page)
    .getByRole("button", { name: /^Open Kale/ })
    .click();
  const setup = pane(page).getByText(plantingWords.atPlanting).locator("..");
  await expect(setup).toContainText("Insect netting at once, edges buried");
  await expect(setup).toContainText(/Water a little every day until \d+ August/);
  await setup.getByLabel(plantingWords.netting).click();
  await expect(setup).not.toContainText("Insect netting at once");
  await page.keyboard.press("Control+z");
  await expect(setup).toContainText("Insect netting at once");
});

test("the beds are carried away for maps", async ({ page }) => {
  await openBeds(page);
  const download = page.waitForEvent("download");
  await gardenMenu(page, gardenFileWords.saveBedsForMapsGeojson);
  const map = JSON.parse(await textOf(await download));
  expect(map.type).toBe("FeatureCollection");
  expect(map.features.length).toBe(24);
  // Drawn over in another program: one bed a metre further, and one that is new.
  const shifted = structuredClone(map);
  const first = shifted.features.find((one: Feature) => one.properties.id === "bed-1");
  first.geometry.coordinates[0] = first.geometry.coordinates[0].map(([x, y]: [number, number]) => [
    x,
    y + 1 / 111132,
  ]);
  const pond = structuredClone(first);
  pond.properties = { kind: "bed", name: "By the pond" };
  pond.geometry.coordinates[0] = pond.geometry.coordinates[0].map(([x, y]: [number, number]) => [
    x + 17 / 75600,
    y,
  ]);
  shifted.features.push(pond);
  await importMap(page, JSON.stringify(shifted));
  await expect(told(page, "Imported from the map: 22 beds (1 new) and 3 shelters")).toBeVisible();
  await expect(bed(page, "By the pond")).toBeVisible();
  await page.keyboard.press("Control+z");
  await expect(bed(page, "By the pond")).toHaveCount(0);
  const country = [
    [
      [5.9, 45.8],
      [10.5, 45.8],
      [10.5, 47.8],
      [5.9, 47.8],
      [5.9, 45.8],
    ],
  ];
  const far = {
    type: "Feature",
    properties: {},
    geometry: { type: "Polygon", coordinates: country },
  };
  await importMap(page, JSON.stringify({ type: "FeatureCollection", features: [far] }));
  await expect(
    page.getByRole("alert").filter({ hasText: "that is a country or a town, not a garden" }),
  ).toBeVisible();
});

interface Feature {
  properties: { id: string };
}

async function importMap(page: Page, text: string): Promise<void> {
  const chooser = page.waitForEvent("filechooser");
  await gardenMenu(page, gardenFileWords.importBedsFromAMapGeojson);
  const buffer = Buffer.from(text);
  await (
    await chooser
  ).setFiles({ name: "beds.geojson", mimeType: "application/geo+json", buffer });
}

test("an empty garden says what to do, and new beds are laid out by themselves", async ({
  page,
}) => {
  await page.goto(`${EMPTY}/beds`);
  await page
    .getByRole("button", { name: /Give your place|Start/ })
    .first()
    .click();
  await page.getByRole("link", { name: bedsWords.beds }).click();
  await page.getByRole("button", { name: bedsWords.addBeds }).first().click();
  await page.getByRole("dialog").getByRole("button", { name: "Add", exact: true }).click();
  await expect(bed(page, "Bed 1")).toBeVisible();
  await expect(bed(page, "Bed 4")).toBeVisible();
  const [first, second] = [
    await bed(page, "Bed 1").boundingBox(),
    await bed(page, "Bed 2").boundingBox(),
  ];
  expect(second?.x).toBeGreaterThan((first?.x ?? 0) + (first?.width ?? 0) - 1);
});
