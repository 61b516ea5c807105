import { expect, type Page } from "@playwright/test";
import { knot, openPlan, test, textOf } from "./garden";
import type { GardenFile } from "@/core/gardenFile";
import { imports as importsWords } from "@/words/en/imports";
import { store as storeWords } from "@/words/en/store";
import { ui as uiWords } from "@/words/en/ui";
import { waiting as waitingWords } from "@/words/en/waiting";

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

test("whichever part of the program does not come at the start, it is said, with a way on", async ({
  context,
  page,
}) => {
  const asked = new Set<string>();
  page.on("request", (request) => {
    if (request.resourceType() === "script") asked.add(request.url());
  });
  await openPlan(page);
  // What the page itself names, and not what comes once the view is there.
  const first = await page.evaluate(
    () =>
      new Promise<string[]>((resolve) =>
        fetch("/plan")
          .then((answer) => answer.text())
          .then((html) =>
            resolve([...html.matchAll(/<script src="([^"]+)"/g)].map(([, src]) => src ?? "")),
          ),
      ),
  );
  const parts = [...asked].filter((url) => first.some((src) => src !== "" && url.endsWith(src)));
  expect(parts.length).toBeGreaterThan(10);
  // Every third of them: they are alike, and each is a visit.
  for (const part of parts.filter((_url, index) => index % 3 === 0)) {
    const visit = await context.newPage();
    await visit.route(part, (route) => route.abort());
    await visit.goto("/plan");
    const told = visit.getByRole("alert").filter({ hasText: waitingWords.couldNotStart });
    const drawn = knot(visit, "Broccoli, main crop, Bed 1");
    await expect(told.or(drawn).first()).toBeVisible();
    if (await told.isVisible()) {
      await visit.unroute(part);
      await told.getByRole("link", { name: uiWords.reloadThePage }).click();
      await expect(drawn).toBeVisible();
      await expect(told).toBeHidden();
    }
    await visit.close();
  }
});
