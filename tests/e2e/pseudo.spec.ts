import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { expect, type Page } from "@playwright/test";
import { COMMONS, test, textsOf, VIEWS } from "./garden";

// In the pseudo-locale every text of the tables is marked ⟦ ⟧ and longer by four tenths: what has no
// mark stands in no table, and what does not fit would not fit in German either.
test.use({ locale: "en-XA" });

const KNOWN = knownTexts();

// A few walks instead of a test for each: what a browser has fetched once it need not read again.
for (const views of [VIEWS.slice(0, 5), VIEWS.slice(5, 11), VIEWS.slice(11)]) {
  test(`every text of ${views.join(", ")} stands in a table and has room, also from right to left`, async ({
    page,
  }) => {
    for (const path of views) {
      await open(page, path);
      expect.soft(unmarked(await textsOf(page)), path).toEqual([]);
      expect.soft(await cutOff(page), path).toEqual([]);
      expect.soft(await fromRightToLeft(page), path).toEqual([]);
    }
  });
}

test("every text of a planting's inspector stands in a table", async ({ page }) => {
  await open(page, "/plan");
  await selectKale(page);
  expect(unmarked(await textsOf(page))).toEqual([]);
});

test("on a phone nothing is cut off when texts grow by four tenths", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const found: string[] = [];
  for (const path of VIEWS) {
    await open(page, path);
    for (const one of await cutOff(page)) found.push(`${path}: ${one}`);
    for (const one of await fromRightToLeft(page)) found.push(`${path}: ${one}`);
  }
  expect(found).toEqual([]);
});

async function open(page: Page, path: string): Promise<void> {
  await page.goto(path);
  // On a phone a bed's sheet may lie over it already.
  await expect(page.getByRole("heading", { level: 1, includeHidden: true })).toContainText("⟦");
  await expect(page.getByText(/Cálculátíng/)).toHaveCount(0);
  // Parts that come after the first view.
  await page.waitForTimeout(700);
}

async function selectKale(page: Page): Promise<void> {
  await page.getByRole("slider", { name: /K.l., c.rly, B.d 3/ }).click();
  await expect(page.getByRole("complementary")).toContainText("⟦");
  await page.waitForTimeout(700);
}

/** Texts with words that no table has: neither marked, nor names of the garden or the data, dates, units. */
function unmarked(texts: readonly string[]): string[] {
  return texts.filter((text) => {
    let rest = text;
    for (let before = ""; before !== rest;) {
      before = rest;
      rest = rest.replace(/⟦[^⟦⟧]*⟧/g, " ");
    }
    rest = rest.toLowerCase();
    for (const known of KNOWN) if (rest.includes(known)) rest = rest.replaceAll(known, " ");
    return /[a-z]{3,}/.test(rest);
  });
}

/** Names and texts that are no part of the program: of the garden, of the library, of the calendar. */
function knownTexts(): string[] {
  const known = new Set<string>(["late ember", "esc", "ctrl k", "tarnholt mill (simulated)"]);
  const take = (value: unknown): void => {
    if (typeof value === "string") known.add(value.toLowerCase());
    else if (typeof value === "object" && value !== null) Object.values(value).forEach(take);
  };
  const files = readdirSync("data", { recursive: true, encoding: "utf8" });
  for (const file of files.filter((name) => name.endsWith(".json"))) {
    take(JSON.parse(readFileSync(join("data", file), "utf8")));
  }
  take(JSON.parse(readFileSync(COMMONS, "utf8")));
  for (let month = 0; month < 12; month += 1) {
    for (const style of ["long", "short"] as const) {
      const name = new Intl.DateTimeFormat("en-US", { month: style, timeZone: "UTC" });
      known.add(name.format(new Date(Date.UTC(2026, month, 15))).toLowerCase());
      const day = new Intl.DateTimeFormat("en-US", { weekday: style, timeZone: "UTC" });
      known.add(day.format(new Date(Date.UTC(2026, 1, 1 + (month % 7)))).toLowerCase());
    }
  }
  // The longest first: "red kale" before "kale".
  return [...known].filter((text) => text.length > 2).sort((a, b) => b.length - a.length);
}

/** Texts that their box cuts off, and a page that is wider than its window. */
function cutOff(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const found: string[] = [];
    if (document.documentElement.scrollWidth > innerWidth + 1) found.push("the page is too wide");
    for (const one of document.querySelectorAll<HTMLElement>("body *")) {
      if (one instanceof SVGElement || !one.checkVisibility()) continue;
      const hasText = [...one.childNodes].some(
        (node) => node.nodeType === Node.TEXT_NODE && (node.textContent ?? "").includes("⟧"),
      );
      if (!hasText) continue;
      const { overflowX, position, clipPath } = getComputedStyle(one);
      // Hidden from the eye on purpose, for screen readers.
      if (position === "absolute" && (one.clientWidth <= 1 || clipPath !== "none")) continue;
      const cuts = overflowX === "hidden" || overflowX === "clip" || one.tagName === "BUTTON";
      if (cuts && one.scrollWidth > one.clientWidth + 1) {
        found.push(`${one.tagName.toLowerCase()} “${(one.textContent ?? "").slice(0, 50)}”`);
      }
    }
    return found;
  });
}

/** What goes wrong when the language is written from right to left. */
function fromRightToLeft(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const { documentElement: root } = document;
    const found: string[] = [];
    const bar = () => document.querySelector("nav")?.getBoundingClientRect().left ?? 0;
    const before = bar();
    root.dir = "rtl";
    if (root.scrollWidth > innerWidth + 1) found.push("the page is too wide from right to left");
    // At the side on a desk, at the foot on a phone.
    if (innerWidth > 600 && bar() <= before) found.push("the views stay on the left");
    for (const drawing of document.querySelectorAll("svg")) {
      if (getComputedStyle(drawing).direction !== "ltr") found.push("a drawing turns round");
    }
    root.dir = "ltr";
    return found;
  });
}
