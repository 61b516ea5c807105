import {
  expect,
  test as base,
  type BrowserContext,
  type Download,
  type Locator,
  type Page,
  type TestInfo,
} from "@playwright/test";
import { readFile } from "node:fs/promises";
import { EMPTY_PORT } from "./ports";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { imports as importsWords } from "@/words/en/imports";
import { keeping as keepingWords } from "@/words/en/keeping";
import { plan as planWords } from "@/words/en/plan";
import { shell as shellWords } from "@/words/en/shell";

/** The garden that the tests begin with: their own, so that the demo may change without them. */
export const COMMONS = "src/core/gardenFile/commons.testdata.json";

/** Browsers to which the tests' garden is given where the demo would be. */
export const test = base.extend({
  context: async ({ context }, run, info) => {
    const heard: string[] = [];
    context.on("console", (message) => {
      if (message.type() === "error") heard.push(message.text());
    });
    context.on("weberror", (error) => heard.push(error.error().message));
    context.on("requestfailed", (request) => heard.push(`failed: ${request.url()}`));
    await saveData(context);
    await giveCommons(context);
    await run(context);
    if (info.status !== info.expectedStatus) await reportPages(context, heard, info);
  },
});

const LETTERS_SHOWN = 280;

/** Where a test fails, its report says where each page stood and what it complained of. */
async function reportPages(
  context: BrowserContext,
  heard: string[],
  info: TestInfo,
): Promise<void> {
  const attach = (name: string, text: string) =>
    info.attach(name, { contentType: "text/plain", body: text.slice(0, LETTERS_SHOWN) });
  for (const page of context.pages()) {
    const words = page.locator("body").innerText({ timeout: 2000 });
    await attach(page.url(), await words.catch((error: unknown) => String(error)));
  }
  await attach("complaints", heard.slice(-5).join("\n") || "none");
}

/** A browser that fetches nothing ahead: what offline.spec.ts is about costs every other test half its time. */
async function saveData(context: BrowserContext): Promise<void> {
  await context.addInitScript(() =>
    Object.defineProperty(navigator, "connection", { value: { saveData: true } }),
  );
}

/** For a browser that a test opens by itself. */
export async function giveCommons(context: BrowserContext): Promise<void> {
  await giveGarden(context, await readFile(COMMONS, "utf8"));
}

/** Gives another garden, as a file's text, where the demo would be. */
export async function giveGarden(to: BrowserContext | Page, file: string): Promise<void> {
  // Not by a route: with one, a browser keeps nothing that it has fetched before.
  await to.addInitScript((garden) => {
    const { fetch } = window;
    window.fetch = (asked, ...how) =>
      asked === "/api/demo" ? Promise.resolve(new Response(garden)) : fetch(asked, ...how);
  }, file);
}

/** The server whose browsers start with nothing. */
export const EMPTY = `http://localhost:${EMPTY_PORT}`;

/** Opens the demo garden's plan and waits until it is drawn. */
export async function openPlan(page: Page): Promise<void> {
  await page.goto("/plan");
  await expect(page.getByRole("heading", { name: planWords.plan, level: 1 })).toBeVisible();
  await expect(knot(page, "Broccoli, main crop, Bed 1")).toBeVisible();
}

/** A planting's sowing knot. */
export function knot(page: Page, name: string): Locator {
  return page.getByRole("slider", { name: `${name}: sowing day` });
}

/** The ready date that a knot tells, as its words: "20 October". */
export async function readyWords(of: Locator): Promise<string> {
  const words = (await of.getAttribute("aria-valuetext")) ?? "";
  return words.split(", ready ")[1] ?? words;
}

/** Days since 1970 of words like "14 November" or "3 April 2027"; the year is 2026 when left out. */
export function dayOf(words: string): number {
  const withYear = /\d{4}$/.test(words) ? words : `${words} 2026`;
  return Math.round(Date.parse(`${withYear} UTC`) / 86_400_000);
}

/** What the program has told below: others may be told at the same time. */
export function told(page: Page, words: string): Locator {
  return page.getByRole("status").filter({ hasText: words }).first();
}

/** Chooses from one of the menus under the garden's name. */
export async function gardenMenu(page: Page, entry: string): Promise<void> {
  await page.getByRole("banner").getByRole("button", { expanded: false }).first().click();
  await page.getByRole("menuitem", { name: entry }).click();
}

/** Saves the calendar as its dialog offers it, and reads the file. */
export async function savedCalendar(page: Page): Promise<string> {
  const download = page.waitForEvent("download");
  await gardenMenu(page, gardenFileWords.saveCalendarIcs);
  await page.getByRole("dialog").getByRole("button", { name: keepingWords.saveCalendar }).click();
  return textOf(await download);
}

export async function textOf(download: Download): Promise<string> {
  return readFile(await download.path(), "utf8");
}

/** Gives a file to the import of the garden menu. */
export async function importFile(page: Page, name: string, text: string): Promise<void> {
  const chooser = page.waitForEvent("filechooser");
  await gardenMenu(page, gardenFileWords.importAGardenFile);
  await (await chooser).setFiles({ name, mimeType: "application/json", buffer: Buffer.from(text) });
}

/** Imports a file that reads, and takes it after the look at what it replaces. */
export async function importGarden(page: Page, name: string, text: string): Promise<void> {
  await importFile(page, name, text);
  await page.getByRole("dialog").getByRole("button", { name: importsWords.importWord2 }).click();
}

/** Opens the palette by its keys, types, and takes the first thing found. */
export async function findByPalette(page: Page, typed: string): Promise<void> {
  await page.keyboard.press("Control+k");
  await expect(page.getByRole("combobox", { name: shellWords.searchOrRunACommand })).toBeFocused();
  await page.keyboard.type(typed);
  await page.keyboard.press("Enter");
}

/** What can be read, seen or heard. */
export function textsOf(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const texts = new Set<string>();
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      const parent = walker.currentNode.parentElement;
      if (!parent?.checkVisibility() || /^(SCRIPT|STYLE|NOSCRIPT)$/.test(parent.tagName)) continue;
      // Names of the library that are cut to what has room.
      if (parent.closest("[data-cut]")) continue;
      texts.add(walker.currentNode.textContent ?? "");
    }
    for (const one of document.querySelectorAll(
      "[aria-label], [title], [placeholder], [aria-valuetext]",
    )) {
      if (!one.checkVisibility()) continue;
      for (const name of ["aria-label", "title", "placeholder", "aria-valuetext"]) {
        texts.add(one.getAttribute(name) ?? "");
      }
    }
    return [...texts].filter((text) => text.trim() !== "");
  });
}

/** Every view, and those of its parts that have an address. */
export const VIEWS = [
  "/today",
  "/plan",
  "/plan/rehearse",
  "/practise",
  "/beds",
  "/beds?bed=bed-3",
  "/beds?bed=bed-3&part=soil",
  "/shelters",
  "/seedlings",
  "/seedlings?part=room",
  "/seedlings?part=seeds",
  "/seedlings?part=saving",
  "/seedlings?part=order",
  "/seedlings?part=crops",
  "/larder",
  "/logbook",
  "/logbook/numbers",
  "/logbook/seasons",
  "/logbook/trials",
  "/place",
  "/place?part=light",
  "/place?part=sun",
  "/place?part=outlook",
] as const;
