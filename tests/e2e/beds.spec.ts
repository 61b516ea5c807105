import { expect, test, type Page } from "@playwright/test";
import { EMPTY, gardenMenu, textOf } from "./garden";

const bed = (page: Page, name: string) =>
  page.getByRole("button", { name: new RegExp(`^${name}:`) });
const pane = (page: Page) => page.getByRole("complementary");

async function openBeds(page: Page): Promise<void> {
  await page.goto("/beds");
  await expect(page.getByRole("heading", { name: "Beds", level: 1 })).toBeVisible();
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
  const lantern = page.getByRole("slider", { name: "Date in view" });
  await lantern.focus();
  for (let week = 0; week < 18; week += 1) await page.keyboard.press("PageUp");
  await expect(pane(page)).toContainText("Nothing stands here");
  await expect(bed(page, "Bed 7")).toHaveAccessibleName(/Spinach, ready/);
  // The planting opens in the same place.
  await bed(page, "Bed 7").click();
  await pane(page).getByRole("button", { name: "Open Spinach, winter type" }).click();
  await expect(pane(page).getByText("from sowing", { exact: true })).toBeVisible();
});

test("a bed is dragged where it lies, and not over another; undo brings it back", async ({
  page,
}) => {
  await openBeds(page);
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
    page.getByRole("alert").filter({ hasText: "Bed 1 would lie over Bed 2" }),
  ).toBeVisible();
  await expect.poll(async () => (await shape.boundingBox())?.x ?? 0).toBeCloseTo(before.x, 0);
});

test("by keys alone: a bed is chosen, moved, turned, and its size typed", async ({ page }) => {
  await openBeds(page);
  const shape = bed(page, "Bed 13");
  await shape.focus();
  await page.keyboard.press("Enter");
  await expect(pane(page).getByRole("heading", { name: "Bed 13" })).toBeVisible();
  const foot = pane(page).getByLabel("Middle, from foot (m)");
  await expect(foot).toHaveValue("5.5");
  await shape.focus();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("ArrowDown");
  await expect(foot).toHaveValue("5.3");
  await page.keyboard.press("r");
  await expect(pane(page).getByLabel("Turned (°)")).toHaveValue("95");
  await page.keyboard.press("Shift+R");
  await expect(pane(page).getByLabel("Turned (°)")).toHaveValue("90");
  await pane(page).getByLabel("Name").fill("By the house");
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
  await page.getByRole("button", { name: "Plot…" }).click();
  const dialog = page.getByRole("dialog");
  await dialog.getByLabel("Along its foot (m)").fill("12");
  await dialog.getByRole("button", { name: "Keep" }).click();
  await expect(dialog.getByRole("alert")).toContainText("would leave the plot of 12");
  await dialog.getByLabel("Along its foot (m)").fill("26");
  await dialog.getByRole("button", { name: "Keep" }).click();
  await expect(page.getByRole("status")).toContainText("The plot is kept");

  await bed(page, "Bed 2").click();
  await pane(page).getByRole("button", { name: "Remove bed" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "Bed 2 has 1 planting" })).toBeVisible();
  await pane(page).getByRole("button", { name: "Remove it with its plantings" }).click();
  await expect(bed(page, "Bed 2")).toHaveCount(0);
  await page.keyboard.press("Control+z");
  await expect(bed(page, "Bed 2")).toBeVisible();

  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("banner")).toBeHidden();
  const pdf = await page.pdf({ format: "A4" });
  expect(pdf.toString("latin1").match(/\/Type \/Page\b/g)).toHaveLength(1);
});

test("a gap is filled with what still fits: rotation and room are minded, one tap plants it", async ({
  page,
}) => {
  await openBeds(page);
  await bed(page, "Bed 1").click(); // broccoli, sown in May
  const fits = pane(page).getByRole("region", { name: "What can go here" });
  // The broccoli stands a while yet; whatever is of its family is told.
  await expect(fits).toContainText(
    "Broccoli of the same family (Brassicaceae) was sown here in 2026",
  );
  const plant = fits.getByRole("button", { name: /^Plant it/ }).first();
  const name = ((await plant.getAttribute("aria-label")) ?? "").replace("Plant it: ", "");
  await plant.click();
  await expect(page.getByRole("status")).toContainText(`${name} is planned in Bed 1`);
  await page.keyboard.press("Control+z");
  // Without a rotation nothing is said of families.
  await page.getByRole("button", { name: "Settings" }).click();
  const years = page.getByRole("dialog").getByLabel("Years before a family comes back to a bed");
  await years.fill("0");
  await years.blur();
  await page.getByRole("dialog").getByRole("button", { name: "Done" }).click();
  await expect(fits).not.toContainText("of the same family");
});

test("a bed is fed by depth and by the bag's numbers, and covered by what can still be sown", async ({
  page,
}) => {
  await openBeds(page);
  await bed(page, "House 2").click(); // 12 × 0.8 m
  await pane(page).getByLabel("Compost (cm)").fill("2");
  // 9.6 m² × 2 cm = 192 L: three barrows of 80 L.
  await expect(pane(page)).toContainText("192 L of compost, 3 barrows");
  await pane(page).getByLabel("Bag N-P-K").fill("8-4-4");
  await pane(page).getByLabel("N wanted (g/m²)").fill("10");
  // 96 g of nitrogen at 8 %: 1,200 g.
  await expect(pane(page)).toContainText("1.2 kg from the bag: it also brings 48 g phosphate");
  await pane(page).getByLabel("Bag N-P-K").fill("60-30-30");
  await expect(pane(page)).toContainText("Together the three numbers pass 100 %");
  await expect(pane(page)).toContainText("Winter rye");
  await expect(pane(page)).toContainText("lawn ryegrass is sold under a like name");
  await pane(page)
    .getByRole("button", { name: /^All \d+, early and late too/ })
    .click();
  await expect(pane(page)).toContainText("Buckwheat");
});

test("the beds are carried away for maps", async ({ page }) => {
  await openBeds(page);
  const download = page.waitForEvent("download");
  await gardenMenu(page, "Beds for maps (.geojson)");
  const map = JSON.parse(await textOf(await download));
  expect(map.type).toBe("FeatureCollection");
  expect(map.features.length).toBe(24);
});

test("an empty garden says what to do, and new beds are laid out by themselves", async ({
  page,
}) => {
  await page.goto(`${EMPTY}/beds`);
  await page
    .getByRole("button", { name: /Give your place|Start/ })
    .first()
    .click();
  await page.getByRole("link", { name: "Beds" }).click();
  await page.getByRole("button", { name: "Add beds…" }).first().click();
  await page.getByRole("dialog").getByRole("button", { name: "Add", exact: true }).click();
  await expect(bed(page, "Bed 1")).toBeVisible();
  await expect(bed(page, "Bed 4")).toBeVisible();
  const [first, second] = [
    await bed(page, "Bed 1").boundingBox(),
    await bed(page, "Bed 2").boundingBox(),
  ];
  expect(second?.x).toBeGreaterThan((first?.x ?? 0) + (first?.width ?? 0) - 1);
});
