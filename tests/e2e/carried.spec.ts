import { expect, type Page } from "@playwright/test";
import { readFileSync } from "node:fs";
import ICAL from "ical.js";
import { expectClean } from "./axe";
import { COMMONS, gardenMenu, knot, openPlan, savedCalendar, test, told } from "./garden";
import { PHONE } from "./touch";
import { help as helpWords, tourSteps } from "@/words/en/help";
import { bringIn as bringInWords } from "@/words/en/bringIn";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { imports as importsWords } from "@/words/en/imports";
import { keeping as words } from "@/words/en/keeping";
import { logbook as logbookWords } from "@/words/en/logbook";
import { seedBox as seedBoxWords } from "@/words/en/seedBox";
import { severalPlantings as severalWords } from "@/words/en/severalPlantings";
import { tables as tablesWords } from "@/words/en/tables";
import { planting as plantingWords } from "@/words/en/planting";
import { shell as shellWords } from "@/words/en/shell";
import { today as todayWords } from "@/words/en/today";
import { ui as uiWords } from "@/words/en/ui";

const dialog = (page: Page) => page.getByRole("dialog");

function eventsOf(text: string) {
  const calendar = new ICAL.Component(ICAL.parse(text) as unknown as []);
  return new Map(
    calendar.getAllSubcomponents("vevent").map((event) => [
      String(event.getFirstPropertyValue("uid")),
      {
        status: event.getFirstPropertyValue("status"),
        sequence: event.getFirstPropertyValue("sequence"),
      },
    ]),
  );
}

async function openToday(page: Page): Promise<void> {
  await page.goto("/today");
  await expect(page.getByRole("heading", { name: shellWords.today, level: 1 })).toBeVisible();
}

test("a calendar saved again cancels what was taken out of the plan", async ({ page }) => {
  await openPlan(page);
  const first = eventsOf(await savedCalendar(page));
  expect(first.get("planting-33-sow@late-ember")).toEqual({ status: "CONFIRMED", sequence: 0 });
  await knot(page, "Shelling pea, dwarf, early, House 4").click();
  await page
    .getByRole("complementary")
    .getByRole("button", { name: plantingWords.remove, exact: true })
    .click();
  await expect(page.getByRole("button", { name: /^Undo removing/ })).toBeEnabled();
  await gardenMenu(page, gardenFileWords.saveCalendarIcs);
  await expect(dialog(page)).toContainText(words.openingItAgainUpdates);
  await expectClean(page);
  await page.keyboard.press("Escape");
  const second = eventsOf(await savedCalendar(page));
  expect(second.get("planting-33-sow@late-ember")).toEqual({ status: "CANCELLED", sequence: 1 });
  expect(second.get("planting-30-sow@late-ember")).toEqual(first.get("planting-30-sow@late-ember"));
});

test("a folder gets a dated copy by itself; one is looked at and taken back; a folder that refuses is told", async ({
  page,
}) => {
  // The browser's own folder of this origin stands in for one that a grower chooses.
  await page.addInitScript(() => {
    Object.assign(window, { showDirectoryPicker: () => navigator.storage.getDirectory() });
  });
  await openToday(page);
  await gardenMenu(page, words.backups);
  await expect(dialog(page)).toContainText(words.neverSaved);
  await expectClean(page);
  await dialog(page).getByRole("button", { name: words.chooseFolder }).click();
  const today = new Date().toLocaleDateString("sv");
  const name = `Tarnholt Commons ${today}.garden.json`;
  await expect(dialog(page)).toContainText(words.copied({ file: name }));
  await expect(dialog(page)).toContainText(words.savedToday);
  await expectClean(page);

  await page.keyboard.press("Escape");
  await gardenMenu(page, gardenFileWords.startWithAnEmptyGarden);
  await expect(
    page.getByRole("heading", { name: gardenFileWords.harvestThroughWinter }),
  ).toBeVisible();
  await gardenMenu(page, gardenFileWords.openTheSampleGarden);
  await expect(page.getByRole("button", { name: /^Done: / }).first()).toBeVisible();
  await page
    .getByRole("button", { name: /^Done: / })
    .first()
    .click();
  await expect(page.getByRole("banner").getByRole("button", { name: /^Undo done/ })).toBeEnabled();
  await gardenMenu(page, words.backups);
  await dialog(page)
    .getByRole("button", { name: words.lookAtCopy({ file: name }) })
    .click();
  // What was done since would go again: told before it counts.
  const look = page.getByRole("dialog", { name: importsWords.importWord({ file: name }) });
  await expect(look).toContainText("Log entries");
  await look.getByRole("button", { name: importsWords.importWord2, exact: true }).click();
  await expect(told(page, "Tarnholt Commons opened")).toBeVisible();

  await page.evaluate(() => {
    FileSystemFileHandle.prototype.createWritable = () =>
      Promise.reject(new DOMException("The disk is full", "QuotaExceededError"));
  });
  await gardenMenu(page, words.backups);
  await dialog(page).getByRole("button", { name: words.copyNow }).click();
  await expect(dialog(page).getByRole("alert")).toContainText(
    words.copyFailed({ reason: "The disk is full." }),
  );
});

test("after many changes and no file the garden's own reminder comes, and goes once it is saved", async ({
  page,
}) => {
  const own = { ...(JSON.parse(readFileSync(COMMONS, "utf8")) as { garden: object }) };
  own.garden = { ...own.garden, sample: false };
  await page.addInitScript((text) => {
    const { fetch } = window;
    window.fetch = (asked, ...how) =>
      asked === "/api/demo" ? Promise.resolve(new Response(text)) : fetch(asked, ...how);
  }, JSON.stringify(own));
  await openToday(page);
  // As if twenty changes had been made before.
  await page.evaluate(async () => {
    const opened = indexedDB.open("late-ember");
    await new Promise((resolve) => (opened.onsuccess = resolve));
    const write = opened.result.transaction("counters", "readwrite");
    write.objectStore("counters").put(40, "revision");
    await new Promise((resolve) => (write.oncomplete = resolve));
    opened.result.close();
  });
  await page.reload();
  const reminder = page.getByRole("note").filter({ hasText: words.neverSaved });
  await expect(reminder).toBeVisible();
  await expectClean(page);
  const download = page.waitForEvent("download");
  await reminder.getByRole("button", { name: words.saveNow }).click();
  await download;
  await expect(reminder).toBeHidden();
});

/** Drops a file onto the page as a desktop does. */
async function drop(page: Page, name: string, text: string): Promise<void> {
  const transfer = await page.evaluateHandle(
    ([fileName, content]) => {
      const data = new DataTransfer();
      data.items.add(new File([content ?? ""], fileName ?? ""));
      return data;
    },
    [name, text],
  );
  // Files are taken once the page has come to rest.
  await expect(async () => {
    await page.dispatchEvent("main", "dragover", { dataTransfer: transfer });
    await expect(page.getByText(words.dropHere)).toBeVisible({ timeout: 500 });
  }).toPass();
  await page.dispatchEvent("main", "drop", { dataTransfer: transfer });
}

test("a file dropped on the page is looked at where files of its kind are, and nothing counts before", async ({
  page,
}) => {
  await openToday(page);
  const file = JSON.parse(readFileSync(COMMONS, "utf8")) as { beds: object[] };
  const [bed, ...others] = file.beds;
  const renamed = { ...file, beds: [{ ...bed, name: "By the gate" }, ...others] };
  await drop(page, "renamed.garden.txt", JSON.stringify(renamed));
  await expect(dialog(page)).toContainText("Beds");
  await dialog(page).getByRole("button", { name: importsWords.cancel }).click();

  await drop(page, "picked.csv", "date,crop,bed,weight\n2026-09-20,Kale,Bed 3,300 g\n");
  await expect(page.getByRole("dialog", { name: bringInWords.title })).toContainText(
    bringInWords.ready({ count: 1 }),
  );
  await expect(page).toHaveURL(/\/logbook/);
  await page.keyboard.press("Escape");

  await drop(page, "station.csv", "date,tmax,tmin\n2020-01-01,3,-4\n2020-01-02,4,-2\n");
  await expect(page).toHaveURL(/\/place/);
  await expect(dialog(page)).toContainText("Lows");
  await page.keyboard.press("Escape");

  await drop(page, "holiday.png", "?");
  await expect(
    page.getByRole("alert").filter({ hasText: words.dropUnknown({ file: "holiday.png" }) }),
  ).toBeVisible();
});

test("a garden is handed on by the device's own sheet, and where that fails it is saved", async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({ ...PHONE, baseURL, serviceWorkers: "block" });
  await context.addInitScript(() => {
    const shared: string[] = [];
    Object.assign(window, { shared });
    Object.assign(navigator, {
      canShare: () => true,
      share: async ({ files }: { files: File[] }) => {
        if (shared.length > 0) throw new DOMException("no", "NotAllowedError");
        shared.push(`${files[0]?.name} ${(await files[0]?.text())?.slice(0, 30)}`);
      },
    });
  });
  const page = await context.newPage();
  await openToday(page);
  await gardenMenu(page, words.shareGarden);
  await dialog(page).getByRole("button", { name: words.share, exact: true }).tap();
  await expect(dialog(page)).toHaveCount(0);
  const shared = await page.evaluate(() => (window as unknown as { shared: string[] }).shared);
  expect(shared[0]).toMatch(/^Tarnholt Commons\.garden\.txt \{/);
  await gardenMenu(page, words.shareGarden);
  await dialog(page).getByRole("button", { name: words.share, exact: true }).tap();
  await expect(dialog(page).getByRole("alert")).toContainText(words.shareFailed);
  await expectClean(page);
  const download = page.waitForEvent("download");
  await dialog(page).getByRole("button", { name: words.saveInstead }).tap();
  expect((await download).suggestedFilename()).toBe("Tarnholt Commons.garden.json");
  await context.close();
});

test("by keys alone: past the rail, help, the tour of five steps, and single keys switched off", async ({
  page,
}) => {
  await openToday(page);
  await page.keyboard.press("Tab");
  const skip = page.getByRole("link", { name: uiWords.skipToView });
  await expect(skip).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("main")).toBeFocused();

  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: shellWords.helpAndKeys })).toBeVisible();
  await expectClean(page);
  await page.getByRole("button", { name: helpWords.takeTheTour }).press("Enter");
  for (const [title, path] of [
    [tourSteps.todayTitle, "/today"],
    [tourSteps.planTitle, "/plan"],
    [tourSteps.bedsTitle, "/beds"],
    [tourSteps.sheltersTitle, "/shelters"],
    [tourSteps.placeTitle, "/place"],
  ] as const) {
    await expect(page.getByRole("heading", { name: title })).toBeFocused();
    await expect(page).toHaveURL(new RegExp(path));
    if (path === "/beds") await expectClean(page);
    if (path !== "/place") await page.getByRole("button", { name: helpWords.next }).press("Enter");
  }
  await page.keyboard.press("Escape");
  await expect(page.getByRole("heading", { name: tourSteps.placeTitle })).toHaveCount(0);

  await page.getByRole("button", { name: shellWords.settings }).press("Enter");
  await dialog(page).getByRole("switch", { name: helpWords.singleKeys }).press("Space");
  await page.keyboard.press("Escape");
  await expect(dialog(page)).toHaveCount(0);
  await page.keyboard.press("l");
  await page.keyboard.press("?");
  await expect(dialog(page)).toHaveCount(0);
  await page.keyboard.press("Control+k");
  await expect(page.getByRole("combobox")).toBeFocused();
});

test("the log is one stop of the Tab key, is sorted, shows what is chosen, and several entries go at once", async ({
  page,
}) => {
  await page.goto("/logbook");
  const table = page.getByRole("table", { name: logbookWords.entries });
  const first = table.getByRole("row").nth(1);
  await first.getByRole("checkbox").focus();
  await page.keyboard.press("ArrowRight");
  await expect(first.getByRole("button", { name: /^Edit/ })).toBeFocused();
  await page.keyboard.press("ArrowDown");
  await expect(table.getByRole("row").nth(2).getByRole("button", { name: /^Edit/ })).toBeFocused();
  await page.keyboard.press("Home");
  await expect(first.getByRole("checkbox")).toBeFocused();
  await page.keyboard.press("Tab");
  await expect(table.locator("tbody :focus")).toHaveCount(0);
  // Come back to where one left, also when the table was drawn anew since.
  const third = table.getByRole("row").nth(3).getByRole("checkbox");
  await third.press("Space");
  await expect(page.getByText(tablesWords.chosen({ count: 1 }))).toBeVisible();
  await page.keyboard.press("Shift+Tab");
  await page.keyboard.press("Tab");
  await expect(third).toBeFocused();
  await third.press("Space");

  await table.getByRole("button", { name: logbookWords.howMuch }).click();
  await expect(table.getByRole("columnheader", { name: logbookWords.howMuch })).toHaveAttribute(
    "aria-sort",
    "descending",
  );
  await expect(first).toContainText("1.6 kg");
  await page.getByRole("button", { name: tablesWords.columns }).click();
  await page.getByRole("checkbox", { name: logbookWords.note }).uncheck();
  await expectClean(page);
  await page.keyboard.press("Escape");
  await expect(table.getByRole("columnheader", { name: logbookWords.note })).toHaveCount(0);

  const rows = await table.getByRole("row").count();
  await first.getByRole("checkbox").check();
  await table.getByRole("row").nth(2).getByRole("checkbox").check();
  await page.getByRole("button", { name: tablesWords.removeChosen({ count: 2 }) }).click();
  await expect(told(page, logbookWords.entriesRemoved({ count: 2 }))).toBeVisible();
  await expect(table.getByRole("row")).toHaveCount(rows - 2);
  await page.getByRole("button", { name: /^Undo/ }).first().click();
  await expect(table.getByRole("row")).toHaveCount(rows);
});

test("a day's tasks, the plan's strands and the seed box are one stop of the Tab key each, with arrows inside", async ({
  page,
}) => {
  await page.goto("/today");
  const done = page.getByRole("button", { name: /^Done: / });
  await done.first().focus();
  const [first] = await focusedNames(page);
  await page.keyboard.press("ArrowDown");
  const [second] = await focusedNames(page);
  expect(second).toMatch(/^Done: /);
  expect(second).not.toBe(first);
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("ArrowRight");
  expect((await focusedNames(page))[0]).toMatch(/^Snooze: /);
  await page.keyboard.press("Home");
  expect((await focusedNames(page))[0]).toBe(first);
  await page.keyboard.press("Tab");
  // To the next list, past all others of this one: each has one stop.
  expect((await focusedNames(page))[0]).not.toBe(second);
  const stops = await page
    .getByRole("region", { name: todayWords.todaysTasks })
    .locator("ol")
    .evaluateAll((lists) =>
      lists
        .map((list) => [...list.querySelectorAll<HTMLElement>("button")])
        .filter((buttons) => buttons.length > 0)
        .map((buttons) => buttons.filter(({ tabIndex }) => tabIndex === 0).length),
    );
  expect(new Set(stops)).toEqual(new Set([1]));

  await openPlan(page);
  const strands = page.locator(".knot");
  await strands.first().focus();
  await page.keyboard.press("ArrowDown");
  await expect(strands.nth(1)).toBeFocused();
  await page.keyboard.press("End");
  await expect(strands.last()).toBeFocused();
  await page.keyboard.press("Tab");
  await expect(page.locator(".knot:focus")).toHaveCount(0);
  await page.keyboard.press("Shift+Tab");
  await expect(strands.last()).toBeFocused();

  await page.goto("/seedlings?part=seeds");
  const box = page.getByRole("group", { name: seedBoxWords.seedBox });
  const packets = box.getByRole("row");
  await expect(packets).not.toHaveCount(0);
  const count = await packets.count();
  await box.getByRole("button", { name: seedBoxWords.packedFor }).click();
  await expect(box.getByRole("columnheader", { name: seedBoxWords.packedFor })).toHaveAttribute(
    "aria-sort",
    "descending",
  );
  const years = (await packets.allInnerTexts()).flatMap((text) => /\b20\d\d\b/.exec(text) ?? []);
  expect(years.length).toBe(count - 1);
  expect(years).toEqual([...years].sort().reverse());
  const marks = box.locator("tbody").getByRole("checkbox");
  await marks.first().focus();
  await page.keyboard.press("Space");
  await page.keyboard.press("ArrowDown");
  await expect(marks.nth(1)).toBeFocused();
  await page.keyboard.press("Space");
  await expectClean(page);
  await page.getByRole("button", { name: tablesWords.removeChosen({ count: 2 }) }).click();
  await expect(told(page, seedBoxWords.seedsRemoved({ count: 2 }))).toBeVisible();
  await expect(packets).toHaveCount(count - 2);
  await page.keyboard.press("Control+z");
  await expect(packets).toHaveCount(count);
});

/** What has the focus, by its name; empty where it has none. */
function focusedNames(page: Page): Promise<string[]> {
  return page
    .locator(":focus")
    .evaluateAll((all) =>
      all.map((one) => one.getAttribute("aria-label") ?? one.textContent ?? ""),
    );
}

test("by keys alone several plantings are selected, moved a day together, and let go", async ({
  page,
}) => {
  await openPlan(page);
  const first = knot(page, "Garlic, hardneck, Bed 10");
  const second = knot(page, "Broad bean, spring, large-podded, Bed 10");
  const before = [
    await first.getAttribute("aria-valuenow"),
    await second.getAttribute("aria-valuenow"),
  ];
  await first.press("Control+Enter");
  await second.press("Enter");
  await expect(first).toHaveAttribute("aria-valuetext", /, selected$/);
  await expect(second).toHaveAttribute("aria-valuetext", /, selected$/);
  const bar = page.getByRole("toolbar", { name: severalWords.withThem });
  await expect(bar).toContainText(severalWords.selected({ count: 2 }));
  await expectClean(page);
  await bar.getByRole("button", { name: severalWords.by({ days: 1 }) }).press("Enter");
  await expect(told(page, severalWords.moved({ moved: 2, stayed: 0, days: 1 }))).toBeVisible();
  for (const [at, one] of [first, second].entries()) {
    await expect(one).toHaveAttribute("aria-valuenow", String(Number(before[at]) + 1));
  }
  await page.keyboard.press("Escape");
  await expect(bar).toBeHidden();
  await expect(first).not.toHaveAttribute("aria-valuetext", /, selected$/);
});
