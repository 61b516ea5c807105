import { expect, type Page } from "@playwright/test";
import { readFileSync } from "node:fs";
import {
  COMMONS,
  findByPalette,
  importFile,
  importGarden,
  knot,
  openPlan,
  test,
  textOf,
  told,
} from "./garden";
import { waiting as waitingWords } from "@/words/en/waiting";
import { beds as bedsWords } from "@/words/en/beds";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { logbook as logbookWords } from "@/words/en/logbook";
import { place as placeWords } from "@/words/en/place";
import { plan as planWords } from "@/words/en/plan";
import { quickLog as quickLogWords } from "@/words/en/quickLog";
import { seedlings as seedlingsWords } from "@/words/en/seedlings";
import { shell as shellWords } from "@/words/en/shell";
import { trays as traysWords } from "@/words/en/trays";

const commons = JSON.parse(readFileSync(COMMONS, "utf8")) as {
  garden: object;
};

/** Puts an entity into the browser's database behind the program's back. */
async function meddle(page: Page, key: [string, string], entity: unknown): Promise<void> {
  await page.evaluate(
    ([at, value]) =>
      new Promise<void>((resolve, reject) => {
        const asked = indexedDB.open("late-ember");
        asked.onerror = () => reject(asked.error);
        asked.onsuccess = () => {
          const database = asked.result;
          const write = database.transaction("entities", "readwrite");
          write.objectStore("entities").put(value, at);
          write.oncomplete = () => {
            database.close();
            resolve();
          };
        };
      }),
    [key, entity] as const,
  );
}

test("one damaged bed and damaged settings are set aside and named; every view opens, and all can be saved", async ({
  page,
}) => {
  await openPlan(page);
  await meddle(page, ["bed", "bed-1"], { id: "bed-1", name: "Bed 1", covers: 7 });
  await meddle(page, ["settings", "settings"], { id: "settings", units: {} });
  await page.reload();
  const notice = page.getByRole("alert").filter({ hasText: "could not be read" });
  await expect(notice).toContainText("the bed Bed 1");
  await expect(notice).toContainText("the settings");
  for (const name of [
    shellWords.today,
    bedsWords.beds,
    shellWords.shelters,
    seedlingsWords.seedlings,
    logbookWords.logbook,
    placeWords.place,
  ]) {
    await page.getByRole("link", { name, exact: true }).click();
    await expect(page.getByRole("heading", { name, level: 1 })).toBeVisible();
  }
  const saved = page.waitForEvent("download");
  await notice.getByRole("button", { name: gardenFileWords.saveEverythingAsAFile }).click();
  const everything = await textOf(await saved);
  expect(everything).toContain('"covers":7');
  // And what was saved is read back, as far as it reads.
  await importFile(page, "everything.json", everything);
  await expect(page.getByRole("status").filter({ hasText: "Tarnholt Commons" })).toBeVisible();
});

test("a damaged place fails every view at once, and is set aside all the same", async ({
  page,
}) => {
  await openPlan(page);
  await meddle(page, ["place", "place"], { id: "place", climateFrom: "record", horizon: 3 });
  await page.reload();
  await expect(page.getByRole("alert").filter({ hasText: "could not be read" })).toContainText(
    "the place",
  );
  await page.getByRole("link", { name: bedsWords.beds, exact: true }).click();
  await expect(page.getByRole("button", { name: /^Bed 7/ })).toBeVisible();
});

test("a newer garden takes no edits, and an older tab is waited for", async ({ context, page }) => {
  // A picture of the same origin: nothing of the program runs there.
  await page.goto("/icon.svg");
  const hold = (version: number) =>
    page.evaluate(
      (wanted) =>
        new Promise<void>((resolve) => {
          const asked = indexedDB.open("late-ember", wanted);
          asked.onupgradeneeded = () => {
            for (const table of ["entities", "steps", "counters"]) {
              if (!asked.result.objectStoreNames.contains(table)) {
                asked.result.createObjectStore(table);
              }
            }
          };
          asked.onsuccess = () => {
            (window as unknown as { held: IDBDatabase }).held = asked.result;
            resolve();
          };
        }),
      version,
    );
  await hold(6);
  const fresh = await context.newPage();
  await fresh.goto("/plan");
  await expect(
    fresh.getByRole("heading", { name: waitingWords.lateEmberIsOpenInAnotherTab }),
  ).toBeVisible();
  await page.evaluate(() => (window as unknown as { held: IDBDatabase }).held.close());
  await expect(knot(fresh, "Broccoli, main crop, Bed 1")).toBeVisible();

  // Another tab upgrades: this one says so, and keeps nothing that it cannot keep.
  await hold(99);
  await expect(fresh.getByText(/Late Ember was updated in another tab/)).toBeVisible();
  await fresh.getByRole("button", { name: planWords.calendarDays }).click();
  await expect(fresh.getByRole("button", { name: planWords.calendarDays })).toHaveAttribute(
    "aria-pressed",
    "false",
  );
  await page.evaluate(() => (window as unknown as { held: IDBDatabase }).held.close());
  await fresh.reload();
  await expect(
    fresh.getByRole("heading", { name: waitingWords.thisGardenWasMadeByANewerLateEmber }),
  ).toBeVisible();
});

test("left open over midnight the page wakes up in the new day, and a tick is kept under it", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2026-09-24T23:50:00") });
  await page.goto("/today");
  await expect(page.getByRole("heading", { name: shellWords.today, level: 1 })).toBeVisible();
  await page.clock.runFor(3_000);
  await importGarden(
    page,
    "live.json",
    JSON.stringify({ ...commons, garden: { ...commons.garden, today: null, sample: false } }),
  );
  await page.clock.runFor(1_000);
  await expect(page.getByTestId("date-in-view")).toContainText("Thursday 24 September");
  await page.clock.runFor(15 * 60_000);
  await expect(page.getByTestId("date-in-view")).toContainText("Friday 25 September");
  const done = page.getByRole("button", { name: /^Done: / }).first();
  await done.click();
  await page.clock.runFor(1_000);
  await page.getByRole("link", { name: logbookWords.logbook, exact: true }).click();
  await page.clock.runFor(1_000);
  await expect(
    page.getByRole("table", { name: logbookWords.entries }).getByRole("row").nth(1),
  ).toContainText("Fri 25 Sept");
});

test("over plain http from a phone: a line is logged, a wish planted, a tray added", async ({
  page,
}) => {
  await page.addInitScript(() => {
    Object.defineProperty(Crypto.prototype, "randomUUID", { value: undefined });
  });
  await openPlan(page);
  await page.keyboard.press("l");
  const log = page.getByRole("dialog", { name: logbookWords.logSomething });
  await log.getByLabel(quickLogWords.inAFewWords).fill("1,250 g kale on 20.9.");
  await expect(log.getByRole("region", { name: quickLogWords.willBeLogged })).toContainText(
    "1.25 kg",
  );
  await log.getByRole("button", { name: bedsWords.save }).click();
  await expect(log).toBeHidden();
  await findByPalette(page, "add arugula");
  await page
    .getByRole("button", { name: /^Add to plan/ })
    .first()
    .click();
  await expect(told(page, "Arugula added")).toBeVisible();
  await page.getByRole("link", { name: seedlingsWords.seedlings }).click();
  await page.getByRole("button", { name: traysWords.newTray2 }).click();
  await page.getByRole("dialog").getByRole("button", { name: traysWords.addTray }).click();
  await expect(page.getByRole("dialog")).toBeHidden();
});

test("brackets that need AltGr or Option move the date, and Ctrl alone does not", async ({
  page,
}) => {
  await openPlan(page);
  const date = page.getByTestId("date-in-view");
  await expect(date).toContainText("24 September");
  const press = (init: { key: string; ctrlKey?: boolean; altKey?: boolean }) =>
    page.evaluate((event) => {
      window.dispatchEvent(new KeyboardEvent("keydown", { ...event, bubbles: true }));
    }, init);
  await press({ key: "]", ctrlKey: true, altKey: true });
  await expect(date).toContainText("25 September");
  await press({ key: "[", altKey: true });
  await expect(date).toContainText("24 September");
  await press({ key: "}", ctrlKey: true, altKey: true });
  await expect(date).toContainText("1 October");
  await press({ key: "]", ctrlKey: true });
  await expect(date).toContainText("1 October");
});
