import type { Page } from "@playwright/test";
import { writeGardenFile } from "@/core/formats";
import type { Garden } from "@/core/garden";
import { gardenFile } from "@/words/en/gardenFile";
import { imports } from "@/words/en/imports";

const LARGEST_TAKES_MS = 240_000;

/** Puts a garden in place of the demo, through the look at what it replaces, and waits until it is there. */
export async function importGarden(page: Page, garden: Garden): Promise<void> {
  const chooser = page.waitForEvent("filechooser");
  await page.getByRole("button", { name: /Tarnholt Comm/ }).click();
  await page.getByRole("menuitem", { name: gardenFile.importAGardenFile }).click();
  const buffer = Buffer.from(writeGardenFile(garden));
  await (await chooser).setFiles({ name: "large.json", mimeType: "application/json", buffer });
  const look = page.getByRole("dialog");
  await look
    .getByRole("button", { name: imports.importWord2 })
    .click({ timeout: LARGEST_TAKES_MS });
  await page
    .getByText(/ opened: /)
    .first()
    .waitFor({ timeout: LARGEST_TAKES_MS });
}
