// Takes the pictures in docs/screenshots from the demo garden, served here for the purpose: all of them,
// or those named, as in `npm run screenshots -- larder`.
import { chromium } from "@playwright/test";
import { spawn } from "node:child_process";
import { root } from "./prepare.mjs";
import { browserPath } from "./browser.mjs";

const PORT = 4771;
const ADDRESS = `http://localhost:${PORT}`;
const WIDE = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

const named = process.argv.slice(2);
const PICTURES = [
  { name: "today", path: "/place", act: todayBeforeAFreeze },
  {
    name: "today-phone",
    path: "/today",
    viewport: PHONE,
    colorScheme: "dark",
    act: (page) => page.getByRole("heading", { name: "This week" }).scrollIntoViewIfNeeded(),
  },
  { name: "sheet", path: "/today/sheet" },
  { name: "logbook", path: "/logbook" },
  {
    name: "numbers",
    path: "/logbook/numbers",
    act: (page) => page.getByRole("switch").first().waitFor(),
  },
  { name: "seasons", path: "/logbook/seasons", act: readLastSeason },
  { name: "trials", path: "/logbook/trials" },
  { name: "plan", path: "/plan", act: selectSpinach },
  { name: "plan-lamp", path: "/plan", colorScheme: "dark", act: selectSpinach },
  { name: "plan-phone", path: "/plan", viewport: PHONE },
  {
    name: "beds",
    path: "/beds",
    act: (page) => page.getByRole("button", { name: /^Bed 10:/ }).click(),
  },
  { name: "shelters", path: "/shelters", act: (page) => lookAhead(page, 12) },
  { name: "seedlings", path: "/seedlings" },
  { name: "larder", path: "/larder", act: salad },
  { name: "rehearse", path: "/plan/rehearse", act: rehearse },
  { name: "practise", path: "/practise", act: tooFewCovers },
  { name: "place", path: "/place" },
  { name: "sun", path: "/place", act: sunOnBed13 },
  { name: "wish", path: "/plan", act: wishForSpinach },
];

const server = spawn(process.execPath, ["scripts/demo.mjs", "--port", String(PORT)], {
  cwd: root,
  stdio: "ignore",
});
const browser = await chromium.launch({
  executablePath: browserPath(),
  args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking"],
});
try {
  await untilServed();
  for (const { name, path, viewport = WIDE, colorScheme = "light", act } of PICTURES) {
    if (named.length > 0 && !named.includes(name)) continue;
    const context = await browser.newContext({ viewport, colorScheme, locale: "en-GB" });
    const page = await context.newPage();
    await page.goto(`${ADDRESS}${path}`);
    await page.getByRole("heading", { level: 1 }).waitFor();
    await act?.(page);
    await page.waitForTimeout(800);
    await page.screenshot({ path: `${root}/docs/screenshots/${name}.png` });
    await context.close();
  }
} finally {
  await browser.close();
  server.kill("SIGTERM");
}

async function selectSpinach(page) {
  await page.getByRole("slider", { name: /^Spinach, winter type, Bed 7/ }).click();
}

/** An outlook of a hard freeze in September, typed. */
async function typeFreeze(page) {
  await look(page, "Forecast");
  await page.getByRole("button", { name: "Enter by hand…" }).click();
  for (const [index, [low, high]] of [
    ["4", "14"],
    ["-5", "5"],
    ["-3", "7"],
    ["0", "9"],
  ].entries()) {
    await page
      .getByRole("textbox", { name: /^Low on/ })
      .nth(index)
      .fill(low);
    await page
      .getByRole("textbox", { name: /^High on/ })
      .nth(index)
      .fill(high);
  }
  await page.getByRole("dialog").getByRole("button", { name: "Save" }).click();
}

/** What there is to do before a freeze; one thing is done. */
async function todayBeforeAFreeze(page) {
  await typeFreeze(page);
  await page.getByRole("link", { name: "Today" }).click();
  await page
    .getByRole("button", { name: /^Done: Harvest before tonight/ })
    .first()
    .click();
  await page.waitForTimeout(7500); // until the message has gone
}

/** Moves the lantern by weeks. */
async function lookAhead(page, weeks) {
  await page.getByRole("slider", { name: "Date in view" }).focus();
  for (let week = 0; week < Math.abs(weeks); week += 1) {
    await page.keyboard.press(weeks < 0 ? "PageDown" : "PageUp");
  }
}

async function look(page, section) {
  await page.getByRole("button", { name: section, exact: true }).click();
}

async function sunOnBed13(page) {
  await look(page, "Sun");
  await page.getByRole("combobox", { name: "Where" }).click();
  await page.getByRole("option", { name: /^Bed 13/ }).click();
}

async function wishForSpinach(page) {
  await page.getByRole("button", { name: "I want…" }).click();
  await page
    .getByRole("button", { name: /Add to plan/ })
    .first()
    .waitFor();
}

/** The last season on its page. */
async function readLastSeason(page) {
  const read = page.getByRole("button", { name: "Read 2025/26" });
  await read.click();
  await page.getByRole("region", { name: "For next time" }).waitFor();
  await page
    .getByRole("heading", { name: "Closed seasons" })
    .evaluate((heading) => heading.scrollIntoView());
}

async function untilServed() {
  for (let tries = 0; tries < 600; tries += 1) {
    if ((await fetch(`${ADDRESS}/plan`).catch(() => null))?.ok) return;
    await new Promise((resolve) => setTimeout(resolve, 400));
  }
  throw new Error("The demo was not served.");
}

/** The salad gap, with the ways that still work. */
async function rehearse(page) {
  await page.getByRole("button", { name: /^Rehearse 100 winters/ }).click();
  await page.getByText("100 winters rehearsed").waitFor();
}

async function tooFewCovers(page) {
  await page.getByRole("button", { name: "Start: Too few covers" }).click();
  const night = page.getByRole("button", { name: "Start the night" });
  await night.click();
  await page.getByText(/^Dusk, 17 /).waitFor();
  await page.getByRole("group").getByRole("button").first().click();
}

async function salad(page) {
  await page
    .getByRole("region", { name: "Gaps" })
    .getByRole("button", { name: /^Salad/ })
    .first()
    .click();
  await page
    .getByRole("button", { name: /^Plan it/ })
    .first()
    .waitFor();
}
