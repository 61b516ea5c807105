import { expect, type Page } from "@playwright/test";
import { knot, openPlan, test, textOf } from "./garden";
import type { GardenFile } from "@/core/gardenFile";
import { imports as importsWords } from "@/words/en/imports";
import { store as storeWords } from "@/words/en/store";

/** Moves the spinach of bed 7 a day on, by its knot. */
async function move(page: Page): Promise<string | null> {
  const spinach = knot(page, "Spinach, winter type, Bed 7");
  await spinach.focus();
  await page.keyboard.press("ArrowRight");
  return spinach.getAttribute("aria-valuetext");
}

const valueOf = (page: Page) =>
  knot(page, "Spinach, winter type, Bed 7").getAttribute("aria-valuetext");

/** The way on that every notice about storage gives. */
async function savedFile(page: Page): Promise<GardenFile> {
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: importsWords.saveAsAFile }).click();
  return JSON.parse(await textOf(await download)) as GardenFile;
}

for (const [what, name, words] of [
  ["the disk is full", "QuotaExceededError", storeWords.storageIsFullSoThisChangeWasNot],
  ["the database is closed", "InvalidStateError", storeWords.thisChangeCouldNotBeSavedSaveThe],
  ["the disk fails", "UnknownError", storeWords.thisChangeCouldNotBeSavedSaveThe],
] as const) {
  test(`${what} in the middle of the work: it is said, nothing is half-changed, and a file can be saved`, async ({
    page,
  }) => {
    await page.addInitScript((error) => {
      const { transaction } = IDBDatabase.prototype;
      IDBDatabase.prototype.transaction = function (tables, mode, how) {
        if (mode === "readwrite" && Reflect.get(window, "isBroken") === true) {
          throw new DOMException("made to fail", error);
        }
        return transaction.call(this, tables, mode, how);
      };
    }, name);
    await openPlan(page);
    const before = await valueOf(page);
    await page.evaluate(() => Reflect.set(window, "isBroken", true));
    await move(page);
    await expect(page.getByRole("alert").filter({ hasText: words }).first()).toBeVisible();
    // What is on the screen is what is kept: the day before.
    await expect(knot(page, "Spinach, winter type, Bed 7")).toHaveAttribute(
      "aria-valuetext",
      before ?? "",
    );
    const file = await savedFile(page);
    expect(file.plantings.find(({ id }) => id === "planting-07")?.sowOn).toBe("2026-08-20");

    // Once there is room again, work goes on where it was.
    await page.evaluate(() => Reflect.set(window, "isBroken", false));
    await move(page);
    await expect(page.getByRole("button", { name: /^Undo moving spinach/i }).first()).toBeVisible();
    await page.reload();
    await expect(knot(page, "Spinach, winter type, Bed 7")).not.toHaveAttribute(
      "aria-valuetext",
      before ?? "",
    );
  });
}

test("where no worker starts everything is worked out on the page, and where one breaks it goes on", async ({
  page,
}) => {
  await page.addInitScript(() => {
    window.Worker = class extends EventTarget {
      constructor() {
        super();
        throw new DOMException("made to fail", "SecurityError");
      }
    } as unknown as typeof Worker;
  });
  await openPlan(page);
  const before = await valueOf(page);
  await move(page);
  await expect(knot(page, "Spinach, winter type, Bed 7")).not.toHaveAttribute(
    "aria-valuetext",
    before ?? "",
  );
  await page.goto("/today");
  await expect(page.getByRole("button", { name: /^Done: / }).first()).toBeVisible();
});
