import { gzipSync } from "node:zlib";
import Papa from "papaparse";
import { expect, type Page, type Response } from "@playwright/test";
import {
  dayOf,
  findByPalette,
  gardenMenu,
  knot,
  openPlan,
  readyWords,
  test,
  textOf,
} from "./garden";
import { beds as bedsWords } from "@/words/en/beds";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { imports as importsWords } from "@/words/en/imports";
import { logbook as logbookWords } from "@/words/en/logbook";
import { place as placeWords } from "@/words/en/place";
import { plan as planWords } from "@/words/en/plan";
import { wish as wishWords } from "@/words/en/wish";
import { shell as shellWords } from "@/words/en/shell";
import { settings as settingsWords } from "@/words/en/settings";
import { ui as uiWords } from "@/words/en/ui";

test("on a phone the first view asks for less than 300 kB of script: no checks of files, no dialogs", async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openPlan(page); // the first visit also checks the demo garden
  await page.route("**/*", (route) => route.continue()); // keeps the browser's cache out of it
  for (const [view, drawn] of [
    ["/plan", ".knot"],
    ["/today", "[aria-label^='Done: ']"],
  ] as const) {
    // A view that rests keeps what it worked out: the next visit fetches nothing to work it out again.
    await expect
      .poll(() => scriptOfAVisit(page, view, drawn), { intervals: [4_000], timeout: 40_000 })
      .toBeLessThan(300);
  }
});

/** Script that is asked for until a view is drawn, gzipped, kB. */
async function scriptOfAVisit(page: Page, view: string, drawn: string): Promise<number> {
  await page.goto("about:blank");
  const scripts: Promise<Buffer>[] = [];
  const count = (response: Response) => {
    if (response.request().resourceType() === "script") scripts.push(response.body());
  };
  page.on("response", count);
  await page.goto(view);
  await page.locator(drawn).first().waitFor();
  // What is fetched afterwards nobody waits for.
  page.off("response", count);
  const loaded = await Promise.all(scripts);
  expect(loaded.length).toBeGreaterThan(5);
  return loaded.reduce((sum, body) => sum + gzipSync(body).length, 0) / 1000;
}

test("the palette finds dates, plantings and deeds", async ({ page }) => {
  await openPlan(page);
  const find = (typed: string) => findByPalette(page, typed);
  await find("1 dec");
  await expect(page.getByTestId("date-in-view")).toContainText("1 December");
  await find("leek, winter");
  await expect(page.getByRole("complementary", { name: "Leek, winter type, stout" })).toBeVisible();
  await find("go place");
  await page.keyboard.press("Escape");
  await find(placeWords.place);
  await expect(page.getByRole("heading", { name: placeWords.place, level: 1 })).toBeVisible();
  await find(settingsWords.themeLamp);
  await expect(page.locator("html")).toHaveAttribute("data-theme", "dark");
  await find("If I sow today");
  await expect(page.getByRole("dialog", { name: planWords.iWant })).toBeVisible();
});

test("wanting something for a stretch of time tells how long each way stands", async ({ page }) => {
  await openPlan(page);
  await findByPalette(page, "add arugula");
  const wish = page.getByRole("dialog", { name: planWords.iWant });
  await wish.getByRole("combobox", { name: wishWords.when }).click();
  await page.getByRole("option", { name: wishWords.fromTo }).click();
  await wish.getByLabel(logbookWords.from).fill("2026-11-10");
  await wish.getByLabel("To", { exact: true }).fill("2027-03-01");
  await expect(wish.getByText(wishWords.notEnoughTime).first()).toBeVisible();
  await expect(wish.getByText(/but holds only until about/).first()).toBeVisible();
  await wish.getByLabel("To", { exact: true }).fill("2026-11-01");
  await expect(wish.getByText(wishWords.theEndDateIsBeforeTheStartDate)).toBeVisible();
  await expect(wish.getByRole("button", { name: /Add to plan/ })).toHaveCount(0);
});

test("the garden is renamed, and a name that cannot be is refused", async ({ page }) => {
  await openPlan(page);
  await gardenMenu(page, gardenFileWords.rename);
  const dialog = page.getByRole("dialog");
  await dialog.getByLabel(bedsWords.name).fill("<b>Bold</b>");
  await dialog.getByRole("button", { name: importsWords.rename2 }).click();
  await expect(dialog.getByText("A name cannot hold <, >, control characters")).toBeVisible();
  await dialog.getByLabel(bedsWords.name).fill("Hillside");
  await dialog.getByRole("button", { name: importsWords.rename2 }).click();
  await expect(page.getByRole("banner").getByText("Hillside")).toBeVisible();
});

test("the table of plantings has what the plan shows", async ({ page }) => {
  await openPlan(page);
  const saved = page.waitForEvent("download");
  await gardenMenu(page, gardenFileWords.savePlantingsCsv);
  const rows = Papa.parse<Record<string, string>>(await textOf(await saved), { header: true }).data;
  expect(rows).toHaveLength(await page.locator(".knot").count());
  const spinach = rows.find((row) => row.bed === "Bed 7");
  const shown = dayOf(await readyWords(knot(page, "Spinach, winter type, Bed 7")));
  expect(Date.parse(spinach?.ready_on ?? "") / 86_400_000).toBe(shown);
});

test("a change in one tab is seen in the other, and both can go on", async ({ context, page }) => {
  await openPlan(page);
  const other = await context.newPage();
  await openPlan(other);
  await page.getByRole("button", { name: planWords.calendarDays }).click();
  await expect(other.getByRole("button", { name: planWords.calendarDays })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  await other.getByRole("button", { name: planWords.tenHourDay }).click();
  await expect(page.getByRole("button", { name: planWords.tenHourDay })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  // The same thing was changed here and then there: what came last goes back first, where it was done.
  await page.getByRole("button", { name: "Undo settings change" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "Undo that first" })).toBeVisible();
  await other.getByRole("button", { name: "Undo settings change" }).click();
  await expect(page.getByRole("button", { name: planWords.calendarDays })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  await page.getByRole("button", { name: "Undo settings change" }).click();
  await expect(other.getByRole("button", { name: planWords.growth })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
});

test("what is half typed stays when another tab changes the garden, and the rest follows", async ({
  context,
  page,
}) => {
  await openPlan(page);
  await page.goto("/place");
  await page.getByLabel(bedsWords.name).fill("Upper meadow, half ty");
  const other = await context.newPage();
  await openPlan(other);
  await other.goto("/place");
  await other.getByLabel(/^Elevation/).fill("612");
  await other.getByRole("button", { name: placeWords.saveLocation }).click();
  await expect(page.getByLabel(/^Elevation/)).toHaveValue("612");
  await expect(page.getByLabel(bedsWords.name)).toHaveValue("Upper meadow, half ty");
  // A bed's form too, while its bed is moved on the map of the other.
  await page.goto("/beds?bed=bed-1&part=lie");
  await page.getByLabel(bedsWords.name).fill("By the ga");
  await other.getByRole("button", { name: "Undo location change" }).click();
  await expect(other.getByLabel(/^Elevation/)).not.toHaveValue("612");
  await expect(page.getByLabel(bedsWords.name)).toHaveValue("By the ga");
});

test("the risk that is taken moves the frost date, and a setting that cannot be is refused", async ({
  page,
}) => {
  await openPlan(page);
  const season = page.getByRole("region", { name: uiWords.season });
  const frostDay = async () =>
    dayOf(
      /by (\d+ \w+)/.exec((await season.textContent()) ?? "")?.[1]?.replace("Sept", "Sep") ?? "",
    );
  const before = await frostDay();
  await page.getByRole("button", { name: shellWords.settings }).click();
  await page.getByRole("combobox", { name: settingsWords.acceptedRiskOfFrostAndCold }).click();
  await page.getByRole("option", { name: /1 year in 10/ }).click();
  await page.getByRole("button", { name: bedsWords.done }).click();
  await expect.poll(frostDay).toBeLessThan(before);
  await page.getByRole("button", { name: shellWords.settings, exact: true }).click();
  await page.getByRole("textbox", { name: /Short day: under/ }).fill("20");
  await page.getByRole("textbox", { name: /Short day: under/ }).blur();
  await expect(page.getByText("At most 13 hours.")).toBeVisible();
});

test("another season shows only what lives in it", async ({ page }) => {
  await openPlan(page);
  await findByPalette(page, "2028-09-24");
  await expect(page.getByTestId("date-in-view")).toContainText("24 September");
  await expect(page.getByText("Nothing is planned this season.")).toBeVisible();
  await page.keyboard.press("t");
  await expect(knot(page, "Broccoli, main crop, Bed 1")).toBeVisible();
});
