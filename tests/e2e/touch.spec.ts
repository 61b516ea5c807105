import { expect, type Page } from "@playwright/test";
import { knot, test, told } from "./garden";
import { dragBy, middleOf, PHONE, touchDrag } from "./touch";
import { beds as bedsWords } from "@/words/en/beds";
import { imports as importsWords } from "@/words/en/imports";
import { logbook as logbookWords } from "@/words/en/logbook";
import { place as placeWords } from "@/words/en/place";
import { plan as planWords } from "@/words/en/plan";
import { seedlings as seedlingsWords } from "@/words/en/seedlings";
import { severalPlantings as severalWords } from "@/words/en/severalPlantings";
import { shell as shellWords } from "@/words/en/shell";
import { shelters as sheltersWords } from "@/words/en/shelters";
import { trays as traysWords } from "@/words/en/trays";
import { ui as uiWords } from "@/words/en/ui";

test.use(PHONE);

/** The sheet that tells about whatever is selected. */
const sheet = (page: Page, name: string | RegExp) =>
  page.getByRole("presentation").getByLabel(name);

async function open(page: Page, path: string, heading: string): Promise<void> {
  await page.goto(path);
  await expect(page.getByRole("heading", { name: heading, level: 1 })).toBeVisible();
}

test("Plan: a knot is dragged, a row is tapped and its sheet stays, and the list still scrolls", async ({
  page,
}) => {
  await open(page, "/plan", planWords.plan);
  const broccoli = knot(page, "Broccoli, main crop, Bed 1");
  await expect(broccoli).toBeVisible();
  const spinach = page.locator(".knot", { hasNotText: traysWords.sown3 }).nth(4);
  const name = (await spinach.getAttribute("aria-label")) ?? "";
  const before = await spinach.getAttribute("aria-valuenow");
  await dragBy(page, spinach, 60, 2);
  await expect.poll(() => spinach.getAttribute("aria-valuenow")).not.toBe(before);
  const crop = name.split(",")[0] ?? "";
  await expect(sheet(page, new RegExp(crop)).first()).toBeVisible();
  await page.getByRole("button", { name: importsWords.close }).first().tap();
  // A tap on the knot opens the sheet, and the same tap does not close it.
  const at = await middleOf(spinach);
  await page.touchscreen.tap(at.x, at.y);
  await expect(sheet(page, new RegExp(crop)).first()).toBeVisible();
  await page.waitForTimeout(400);
  await expect(sheet(page, new RegExp(crop)).first()).toBeVisible();
  await page.getByRole("button", { name: importsWords.close }).first().tap();
  // A finger that goes up or down scrolls the list, wherever it begins.
  const top = await broccoli.boundingBox();
  const on = await middleOf(page.locator(".knot").nth(7));
  await touchDrag(page, on, { x: on.x, y: on.y - 200 });
  await expect.poll(async () => (await broccoli.boundingBox())?.y).not.toBe(top?.y);
});

test("Plan: several are chosen by taps, moved a week together, and taken out as one step", async ({
  page,
}) => {
  await open(page, "/plan", planWords.plan);
  const days = (name: string) =>
    knot(page, name)
      .getAttribute("aria-valuenow")
      .then((value) => Number(value));
  await page.getByRole("button", { name: planWords.selectSeveral }).tap();
  const bar = page.getByRole("toolbar", { name: severalWords.withThem });
  await expect(bar.getByRole("button", { name: severalWords.remove })).toBeDisabled();
  const chosen = ["Arugula, salad type, Bed 9", "Garlic, hardneck, Bed 10"] as const;
  for (const name of chosen) {
    const row = page.locator("[data-planting]").filter({ has: knot(page, name) });
    await row.scrollIntoViewIfNeeded();
    const box = await row.boundingBox();
    await page.touchscreen.tap(40, (box?.y ?? 0) + (box?.height ?? 0) / 2);
    await expect(knot(page, name)).toHaveAttribute("aria-valuetext", /, selected$/);
  }
  await expect(bar.getByRole("status")).toHaveText(severalWords.selected({ count: 2 }));
  await expect(page.getByRole("presentation")).toHaveCount(0);
  const before = [await days(chosen[0]), await days(chosen[1])];
  await bar.getByRole("button", { name: severalWords.by({ days: 7 }) }).tap();
  // The arugula stands already; the garlic is still to be planted.
  await expect(told(page, severalWords.moved({ moved: 1, stayed: 1, days: 7 }))).toBeVisible();
  expect([await days(chosen[0]), await days(chosen[1])]).toEqual([before[0], (before[1] ?? 0) + 7]);
  await bar.getByRole("button", { name: severalWords.remove }).tap();
  await expect(told(page, severalWords.removed({ count: 2 }))).toBeVisible();
  await expect(bar).toBeHidden();
  await expect(knot(page, chosen[0])).toHaveCount(0);
  await told(page, severalWords.removed({ count: 2 }))
    .getByRole("button", { name: shellWords.undo })
    .tap();
  await expect(knot(page, chosen[0])).toBeVisible();
  await expect(knot(page, chosen[1])).toBeVisible();
});

test("Beds: every bed opens by a tap and stays open; a planting is carried to another bed", async ({
  page,
}) => {
  await open(page, "/beds", bedsWords.beds);
  for (const bed of ["Bed 1", "Bed 4", "Bed 7", "Bed 10", "House 2", "Bed 14"]) {
    const shape = page.getByRole("button", { name: new RegExp(`^${bed}:`) });
    const at = await middleOf(shape);
    await page.touchscreen.tap(at.x, at.y);
    const pane = page.getByRole("heading", { name: bed, level: 2 });
    await expect(pane).toBeVisible();
    await page.waitForTimeout(400);
    await expect(pane).toBeVisible();
    await page.getByRole("button", { name: importsWords.close }).first().tap();
    await expect(pane).toBeHidden();
  }
  const from = await middleOf(page.getByRole("button", { name: /^Bed 7:/ }));
  const to = await middleOf(page.getByRole("button", { name: /^Bed 9:/ }));
  const undo = page.getByRole("button", { name: /^Undo/ }).first();
  await touchDrag(page, from, to);
  // It is put there, or told why it cannot be: either way the finger was not taken away.
  await expect(
    page
      .getByRole("alert")
      .filter({ hasText: /in the same space/ })
      .or(page.getByText(/Moved to/)),
  ).toBeVisible();
  await expect(undo).toBeVisible();
});

test("Beds laid out: a bed is dragged and sized by a finger", async ({ page }) => {
  await open(page, "/beds", bedsWords.beds);
  await page.getByRole("button", { name: bedsWords.editLayout }).tap();
  const bed = page.getByRole("button", { name: /^Bed 1:/ });
  const before = await bed.boundingBox();
  await dragBy(page, bed, 0, -18);
  await expect.poll(async () => (await bed.boundingBox())?.y).not.toBe(before?.y);
  await expect(page.getByTestId("turn-handle")).toBeVisible();
  const longer = page.getByTestId("size-handle").first();
  const size = (await bed.boundingBox())?.height;
  await dragBy(page, longer, 0, 14);
  await expect.poll(async () => (await bed.boundingBox())?.height).not.toBe(size);
});

test("Place: the risk line and a skyline point follow the finger to the end", async ({ page }) => {
  await open(page, "/place", placeWords.place);
  const risk = page.getByRole("slider", { name: placeWords.acceptedFrostRisk });
  await risk.scrollIntoViewIfNeeded();
  const grip = risk.locator("rect").last();
  const before = Number(await risk.getAttribute("aria-valuenow"));
  await dragBy(page, grip, 0, -90);
  await expect
    .poll(async () => Number(await risk.getAttribute("aria-valuenow")))
    .toBeGreaterThan(before + 0.15);
  await page.getByRole("button", { name: "Sun", exact: true }).tap();
  const point = page.getByRole("slider", { name: /^Skyline point/ }).nth(2);
  await point.scrollIntoViewIfNeeded();
  const words = await point.getAttribute("aria-valuetext");
  await dragBy(page, point.locator("circle").last(), 0, -40);
  await expect
    .poll(() =>
      page
        .getByRole("slider", { name: /^Skyline point/ })
        .evaluateAll((all) => all.map((one) => one.getAttribute("aria-valuetext"))),
    )
    .not.toContain(words);
});

test("Shelters: the hour under the finger, and a cover put on by taps", async ({ page }) => {
  await open(page, "/shelters", shellWords.shelters);
  const hour = page.getByRole("slider", { name: sheltersWords.hourShown });
  await hour.scrollIntoViewIfNeeded();
  const before = await hour.getAttribute("aria-valuetext");
  const at = await middleOf(hour);
  await touchDrag(page, at, { x: at.x - 70, y: at.y });
  await expect.poll(() => hour.getAttribute("aria-valuetext")).not.toBe(before);
  const build = page.getByRole("button", { name: sheltersWords.addAShelter2 });
  await build.scrollIntoViewIfNeeded();
  await build.tap();
  const dialog = page.getByRole("dialog");
  await expect(dialog.getByLabel(bedsWords.name)).toBeVisible();
  await dialog.getByRole("button", { name: importsWords.cancel }).tap();
});

test("Seedlings: a tray is opened, seedlings are counted and one is undone, all by taps", async ({
  page,
}) => {
  await open(page, "/seedlings", seedlingsWords.seedlings);
  await page.getByRole("button", { name: /^Open: Thin the winter onion/ }).tap();
  await page.getByRole("button", { name: traysWords.count }).tap();
  const dialog = page.getByRole("dialog", { name: /^Count/ });
  const cell = dialog.getByRole("button", { name: /^Cell A1:/ });
  const before = await cell.textContent();
  await cell.tap();
  await expect(cell).not.toHaveText(before ?? "");
  await dialog.getByRole("button", { name: importsWords.cancel }).tap();
  await expect(page.getByRole("button", { name: traysWords.count })).toBeVisible();
});

test("Today: a task is ticked by a finger, the lantern is dragged, the log is opened", async ({
  page,
}) => {
  await open(page, "/today", shellWords.today);
  const done = page.getByRole("button", { name: /^Done: / });
  const first = (await done.first().getAttribute("aria-label")) ?? "";
  await done.first().tap();
  await expect(page.getByRole("button", { name: first, exact: true })).toHaveCount(0);
  await page
    .getByRole("button", { name: /^Log something/ })
    .filter({ visible: true })
    .tap();
  await expect(page.getByRole("dialog", { name: logbookWords.logSomething })).toBeVisible();
  await page.getByRole("dialog").getByRole("button", { name: importsWords.cancel }).tap();
  const lantern = page.getByRole("slider", { name: uiWords.dateInView });
  const before = await lantern.getAttribute("aria-valuenow");
  await dragBy(page, lantern.locator("circle").last(), 60, 0);
  await expect.poll(() => lantern.getAttribute("aria-valuenow")).not.toBe(before);
});
