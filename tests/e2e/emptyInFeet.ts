import { expect, type Page } from "@playwright/test";
import { readFileSync } from "node:fs";
import { COMMONS, EMPTY } from "./garden";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { today as todayWords } from "@/words/en/today";

export const commons = JSON.parse(readFileSync(COMMONS, "utf8")) as {
  garden: object;
  settings: object;
};

/** Tarnholt's place and weather with nothing in it, in feet and inches. */
export function emptyInFeet(today: string): string {
  const lists = Object.entries(commons).map(([name, value]) => [
    name,
    Array.isArray(value) ? [] : value,
  ]);
  return JSON.stringify({
    ...Object.fromEntries(lists),
    garden: { ...commons.garden, sample: false, today },
    settings: { ...commons.settings, units: "imperial" },
    plot: null,
    outlook: null,
  });
}

/** Opens it in a browser that starts with nothing. */
export async function openEmptyInFeet(page: Page, today = "2026-09-24"): Promise<void> {
  await page.goto(`${EMPTY}/today`);
  await expect(
    page.getByRole("heading", { name: gardenFileWords.harvestThroughWinter }),
  ).toBeVisible();
  const chooser = page.waitForEvent("filechooser");
  await page.getByRole("button", { name: gardenFileWords.importAGardenFile2 }).click();
  await (
    await chooser
  ).setFiles({
    name: "feet.json",
    mimeType: "application/json",
    buffer: Buffer.from(emptyInFeet(today)),
  });
  await expect(page.getByRole("heading", { name: todayWords.firstBed, level: 2 })).toBeVisible();
}
