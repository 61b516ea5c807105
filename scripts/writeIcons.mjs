// Draws the icons of an installed Late Ember from the one in `src/app/icon.svg`.
import { chromium } from "@playwright/test";
import { mkdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { root } from "./prepare.mjs";
import { browserPath } from "./browser.mjs";

const SVG = readFileSync(join(root, "src", "app", "icon.svg"), "utf8");
const FOLDER = join(root, "public", "icons");
/** Where a phone looks that reads no manifest. */
const APPLE = join(root, "src", "app", "apple-icon.png");
const CORNERS = 'rx="7"';
/** Of a maskable icon a phone may cut off all but the middle four fifths. */
const IN_THE_MIDDLE = 'viewBox="-3.5 -3.5 39 39"';

const full = SVG.replace(CORNERS, "").replace(
  'width="32" height="32"',
  'x="-8" y="-8" width="48" height="48"',
);
const ICONS = [
  { name: "ember-192", size: 192, svg: SVG },
  { name: "ember-512", size: 512, svg: SVG },
  {
    name: "ember-maskable-512",
    size: 512,
    svg: full.replace('viewBox="0 0 32 32"', IN_THE_MIDDLE),
  },
  { path: APPLE, size: 180, svg: full },
];

mkdirSync(FOLDER, { recursive: true });
const browser = await chromium.launch({
  executablePath: browserPath(),
  args: ["--no-sandbox", "--disable-gpu"],
});
for (const { name, path, size, svg } of ICONS) {
  const page = await browser.newPage({ viewport: { width: size, height: size } });
  await page.setContent(`<style>body{margin:0}svg{display:block;width:100vw}</style>${svg}`);
  await page.screenshot({ path: path ?? join(FOLDER, `${name}.png`), omitBackground: true });
}
await browser.close();
