import { expect, type Page } from "@playwright/test";
import { writeFileSync } from "node:fs";
import { expectClean } from "./axe";
import { gardenMenu, test, textOf, told } from "./garden";
import type { GardenFile } from "@/core/gardenFile";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { joining as words } from "@/words/en/joining";
import { logbook as logbookWords } from "@/words/en/logbook";
import { shell as shellWords } from "@/words/en/shell";

const dialog = (page: Page) => page.getByRole("dialog");

async function joinFile(page: Page, path: string): Promise<void> {
  const chooser = page.waitForEvent("filechooser");
  await gardenMenu(page, words.joinAnotherDevicesFile);
  await (await chooser).setFiles(path);
}

test("another device's file is joined: its picking comes, a bed named on both is chosen, undo takes it back", async ({
  page,
}, info) => {
  await page.goto("/today");
  const download = page.waitForEvent("download");
  await gardenMenu(page, gardenFileWords.saveGardenFile);
  const shared = JSON.parse(await textOf(await download)) as GardenFile;
  expect(shared.history).not.toBeNull();
  const [bed] = shared.beds;
  const [planting] = shared.plantings;
  if (!bed || !planting) throw new Error("The garden is empty.");
  const write = (name: string, file: GardenFile) => {
    writeFileSync(info.outputPath(name), JSON.stringify(file));
    return info.outputPath(name);
  };
  const named = (name: string) => shared.beds.map((one) => (one === bed ? { ...one, name } : one));
  const picking = { kind: "harvested" as const, grams: 412, count: null, isLast: false };
  const tablet = write("tablet.json", {
    ...shared,
    beds: named("By the gate"),
    logEntries: [
      ...shared.logEntries,
      {
        id: "from-the-tablet",
        on: "2026-09-23",
        taskId: null,
        what: { ...picking, plantingId: planting.id },
        note: "",
        by: { device: "Shed tablet", role: "helper" },
      },
    ],
  });
  await joinFile(page, tablet);
  await expect(dialog(page)).toContainText(words.comes({ count: 2 }));
  await dialog(page).getByRole("button", { name: words.join }).click();
  await expect(told(page, words.joined({ comes: words.comes({ count: 2 }) }))).toBeVisible();

  // A third device had the file, too, and named the same bed.
  await joinFile(page, write("phone.json", { ...shared, beds: named("North bed") }));
  const both = dialog(page).getByRole("region", { name: words.changedOnBoth });
  await expect(both.getByRole("radio")).toHaveCount(2);
  await expectClean(page);
  await both.getByRole("radio", { name: /North bed/ }).check();
  await dialog(page).getByRole("button", { name: words.join }).click();
  await expect(dialog(page)).toHaveCount(0);
  await page.getByRole("link", { name: shellWords.beds, exact: true }).click();
  await expect(page.getByRole("button", { name: /^North bed:/ })).toBeVisible();
  await page.getByRole("link", { name: logbookWords.logbook, exact: true }).click();
  await expect(page.getByText("Shed tablet, helper")).toBeVisible();

  // Once more: nothing is to be joined.
  await joinFile(page, tablet);
  await expect(dialog(page)).toContainText(words.nothingNew);
  await page.keyboard.press("Escape");
  await page.keyboard.press("Control+z");
  await page.keyboard.press("Control+z");
  await expect(page.getByText("Shed tablet, helper")).toHaveCount(0);
});
