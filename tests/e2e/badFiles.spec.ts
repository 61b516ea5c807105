import { readFileSync } from "node:fs";
import { expect } from "@playwright/test";
import { COMMONS, gardenMenu, importFile, importGarden, knot, openPlan, test } from "./garden";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { imports as importsWords } from "@/words/en/imports";
import { place as placeWords } from "@/words/en/place";
import { shell as shellWords } from "@/words/en/shell";

const commons = JSON.parse(readFileSync(COMMONS, "utf8"));
const with_ = (some: object) => JSON.stringify({ ...commons, ...some });

const CASES: [string, string, RegExp][] = [
  ["no JSON", "this is a shopping list", /This is not JSON/],
  [
    "a newer version",
    with_({ version: 99 }),
    /version: This garden was saved by a newer Late Ember/,
  ],
  [
    "a broken reference",
    with_({ beds: commons.beds.slice(1) }),
    /plantings\[0\]\.bedId: There is no bed "bed-1"/,
  ],
  [
    "fifty thousand plantings with nothing in them, and as many fields nobody knows",
    with_({
      plantings: Array.from({ length: 50_000 }, () => ({})),
      ...Object.fromEntries(Array.from({ length: 50_000 }, (_, index) => [`hen${index}`, index])),
    }),
    /"hen0".* and 49,995 more here.*There are more problems/s,
  ],
  [
    "a script in a name",
    with_({ garden: { ...commons.garden, name: "<script>alert(1)</script>" } }),
    /garden\.name: A name cannot hold </,
  ],
  [
    "a latitude past the pole",
    with_({ place: { ...commons.place, latitudeDeg: 99 } }),
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
    const dialog = page.getByRole("dialog", { name: "Import garden.json" });
    const told = dialog.getByRole("alert").filter({ hasText: "nothing was changed" });
    await expect(told, what).toContainText(words);
    await dialog.getByRole("button", { name: importsWords.close }).click();
    await expect(dialog).toBeHidden();
    expect(await page.locator(".knot").count(), what).toBe(before);
  }
  await page.reload();
  await expect(knot(page, "Broccoli, main crop, Bed 1")).toBeVisible();
  expect(await page.locator(".knot").count()).toBe(before);
});

test("an import is one step that undo takes back", async ({ page }) => {
  await openPlan(page);
  const plantings = commons.plantings.slice(0, 2);
  await importGarden(page, "garden.json", with_({ plantings, trays: [], logEntries: [] }));
  await expect(page.locator(".knot")).toHaveCount(2);
  await page.getByRole("status").getByRole("button", { name: shellWords.undo }).click();
  await expect(page.locator(".knot")).toHaveCount(commons.plantings.length);
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
  await expect(page.getByText(/does not allow storage/)).toBeVisible();
  await expect(knot(page, "Broccoli, main crop, Bed 1")).toBeVisible();
});

test("what overlaps in a file is mended on consent, and a station that it names is asked only then", async ({
  page,
}) => {
  const asked: string[] = [];
  await page.route("http://station.example/**", (route) => {
    asked.push(route.request().url());
    return route.abort();
  });
  await openPlan(page);
  const over = commons.beds[1];
  const beds = commons.beds.map((bed: { id: string }) =>
    bed.id === "bed-3" ? { ...bed, position: over.position } : bed,
  );
  const sent = { ...commons.settings, stationUrl: "http://station.example/reboot?now=1#" };
  const dialog = page.getByRole("dialog", { name: "Import garden.json" });
  const { sample: _sample, ...garden } = commons.garden;
  const old = with_({ version: 6, beds, settings: sent, garden });
  await importFile(page, "garden.json", old);
  await expect(dialog.getByText("Bed 3 is placed beside the others.")).toBeVisible();
  await expect(dialog.getByText("http://station.example/reboot", { exact: true })).toBeVisible();
  await dialog.getByRole("button", { name: importsWords.cancel }).click();
  await expect(knot(page, "Broccoli, main crop, Bed 1")).toBeVisible();
  await importFile(page, "garden.json", old);
  await dialog.getByRole("button", { name: importsWords.importRepaired }).click();
  await expect(dialog).toBeHidden();
  await page.getByRole("link", { name: placeWords.place }).click();
  await expect(page.getByRole("heading", { name: placeWords.place, level: 1 })).toBeVisible();
  expect(asked).toEqual([]);
  await importFile(page, "garden.json", old);
  await dialog.getByRole("checkbox", { name: /^Get forecast and thermometer/ }).check();
  await dialog.getByRole("button", { name: importsWords.importRepaired }).click();
  await expect.poll(() => asked.length).toBeGreaterThan(0);
  for (const url of asked) expect(url).toMatch(/^http:\/\/station\.example\/reboot\/\w+\?date=/);
});

test("a file of hundreds of megabytes is told to be too large, not empty", async ({ page }) => {
  await openPlan(page);
  await page.evaluate(() => {
    const input = document.createElement.bind(document);
    // The chooser of a test cannot hold so much: the file is made in the page.
    document.createElement = ((name: string) => {
      const made = input(name);
      if (name === "input") {
        (made as HTMLInputElement).click = () => {
          const part = new Blob([new Uint8Array(50_000_000)]);
          const file = new File(
            Array.from({ length: 14 }, () => part),
            "large.json",
          );
          Object.defineProperty(made, "files", { value: [file] });
          (made as HTMLInputElement).onchange?.(new Event("change"));
        };
      }
      return made;
    }) as typeof document.createElement;
  });
  await gardenMenu(page, gardenFileWords.importAGardenFile);
  await expect(page.getByRole("dialog", { name: "Import large.json" })).toContainText(
    "This file is larger than 50 MB",
  );
});
