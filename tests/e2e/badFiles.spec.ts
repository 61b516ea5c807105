import { readFileSync } from "node:fs";
import { expect, test } from "@playwright/test";
import { importFile, knot, openPlan } from "./garden";

const demo = JSON.parse(readFileSync("data/demo/tarnholt-commons.json", "utf8"));
const with_ = (some: object) => JSON.stringify({ ...demo, ...some });

const CASES: [string, string, RegExp][] = [
  ["no JSON", "this is a shopping list", /This is not JSON/],
  [
    "a newer version",
    with_({ version: 99 }),
    /version: This garden was saved by a newer Late Ember/,
  ],
  [
    "a broken reference",
    with_({ beds: demo.beds.slice(1) }),
    /plantings\[0\]\.bedId: There is no bed "bed-1"/,
  ],
  [
    "a script in a name",
    with_({ garden: { ...demo.garden, name: "<script>alert(1)</script>" } }),
    /garden\.name: A name cannot hold </,
  ],
  [
    "a latitude past the pole",
    with_({ place: { ...demo.place, latitudeDeg: 99 } }),
    /place\.latitudeDeg: Latitude runs from/,
  ],
];

test("a garden file that cannot be is refused in a sentence, and nothing changes", async ({
  page,
}) => {
  await openPlan(page);
  const before = await page.locator(".knot").count();
  for (const [what, text, words] of CASES) {
    await importFile(page, "garden.json", text);
    const told = page.getByRole("alert").filter({ hasText: "Nothing was imported." });
    await expect(told, what).toContainText(words);
    await told.getByRole("button", { name: "Close" }).click();
    await expect(told).toHaveCount(0);
    expect(await page.locator(".knot").count(), what).toBe(before);
  }
  await page.reload();
  await expect(knot(page, "Broccoli, main crop, Bed 1")).toBeVisible();
  expect(await page.locator(".knot").count()).toBe(before);
});

test("an import is one step that undo takes back", async ({ page }) => {
  await openPlan(page);
  const plantings = demo.plantings.slice(0, 2);
  await importFile(page, "garden.json", with_({ plantings, trays: [], logEntries: [] }));
  await expect(page.locator(".knot")).toHaveCount(2);
  await page.getByRole("status").getByRole("button", { name: "Undo" }).click();
  await expect(page.locator(".knot")).toHaveCount(demo.plantings.length);
});

test("a browser that refuses to store anything says so and still works", async ({ page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, "indexedDB", {
      value: {
        open: () => {
          throw new DOMException("denied", "SecurityError");
        },
      },
    });
  });
  await page.goto("/plan");
  await expect(page.getByText(/does not let Late Ember keep anything/)).toBeVisible();
  await expect(knot(page, "Broccoli, main crop, Bed 1")).toBeVisible();
});
