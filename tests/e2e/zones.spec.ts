import { expect, type Page } from "@playwright/test";
import { readFileSync } from "node:fs";
import { COMMONS, gardenMenu, giveGarden, savedCalendar, test, textOf } from "./garden";
import type { GardenFile } from "@/core/gardenFile";
import { beds as bedsWords } from "@/words/en/beds";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { logbook as logbookWords } from "@/words/en/logbook";
import { quickLog as quickLogWords } from "@/words/en/quickLog";
import { shell as shellWords } from "@/words/en/shell";

const commons = JSON.parse(readFileSync(COMMONS, "utf8")) as GardenFile;
/** The tests' garden by the calendar of whoever opens it. */
const live = JSON.stringify({
  ...commons,
  garden: { ...commons.garden, today: null, sample: false },
});

/** Writes a line of the log. */
async function log(page: Page, line: string): Promise<void> {
  await page.keyboard.press("l");
  const dialog = page.getByRole("dialog", { name: logbookWords.logSomething });
  await dialog.getByLabel(quickLogWords.inAFewWords).fill(line);
  await dialog.getByRole("button", { name: bedsWords.save }).click();
  await expect(dialog).toBeHidden();
}

// Two minutes before midnight there: in two zones the day of Greenwich is another one before or after.
for (const { zone, at, evening, morning } of [
  {
    zone: "Pacific/Kiritimati",
    at: "2026-11-24T09:58:00Z",
    evening: ["2026-11-24", "24 November"],
    morning: ["2026-11-25", "25 November"],
  },
  {
    zone: "America/St_Johns",
    at: "2026-11-25T03:28:00Z",
    evening: ["2026-11-24", "24 November"],
    morning: ["2026-11-25", "25 November"],
  },
  {
    // The clocks go forward at midnight: the new day begins at one.
    zone: "America/Havana",
    at: "2027-03-14T04:58:00Z",
    evening: ["2027-03-13", "13 March"],
    morning: ["2027-03-14", "14 March"],
  },
] as const) {
  test.describe(zone, () => {
    test.use({ timezoneId: zone });

    test(`over midnight in ${zone} the day, the log and the calendar are the grower's own`, async ({
      page,
    }) => {
      await giveGarden(page, live);
      await page.clock.install({ time: new Date(at) });
      await page.goto("/today");
      await expect(page.getByRole("heading", { name: shellWords.today, level: 1 })).toBeVisible();
      await expect(page.getByTestId("date-in-view")).toContainText(evening[1]);
      await log(page, "300 g kale");
      await page.clock.fastForward(3 * 60_000);
      await expect(page.getByTestId("date-in-view")).toContainText(morning[1]);
      await log(page, "400 g kale");

      const calendar = await savedCalendar(page);
      const days = [...calendar.matchAll(/^DTSTART;VALUE=DATE:(\d{8})/gm)].map(([, day]) => day);
      expect(days.length).toBeGreaterThan(3);
      expect([...days].sort()[0]).toBe(morning[0].replaceAll("-", ""));
      const stamps = new Set(
        [...calendar.matchAll(/^DTSTAMP:(\d{8}T\d{4})/gm)].map(([, stamp]) => stamp),
      );
      const now = new Date(Date.parse(at) + 3 * 60_000).toISOString().replace(/[-:]/g, "");
      expect([...stamps]).toEqual([now.slice(0, 13)]);

      const download = page.waitForEvent("download");
      await gardenMenu(page, gardenFileWords.saveGardenFile);
      const { logEntries } = JSON.parse(await textOf(await download)) as GardenFile;
      const picked = logEntries.flatMap(({ on, what }) =>
        what.kind === "harvested" && (what.grams === 300 || what.grams === 400)
          ? [[on, what.grams]]
          : [],
      );
      expect(picked).toEqual(
        expect.arrayContaining([
          [evening[0], 300],
          [morning[0], 400],
        ]),
      );
    });
  });
}
