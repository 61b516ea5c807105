import { expect, type Page } from "@playwright/test";
import { expectClean } from "./axe";
import { COMMONS, giveGarden, test, told } from "./garden";
import { readFile } from "node:fs/promises";
import { beds as bedsWords } from "@/words/en/beds";
import { containers as words } from "@/words/en/containers";
import { ground as groundWords } from "@/words/en/ground";
import { planting as plantingWords } from "@/words/en/planting";
import { settings as settingsWords } from "@/words/en/settings";
import { shell as shellWords } from "@/words/en/shell";

const pane = (page: Page) => page.getByRole("complementary");
const bed = (page: Page, name: string) =>
  page.getByRole("button", { name: new RegExp(`^${name}:`) });

/** The tests' garden on another day, its outlook with it or without. */
async function gardenOn(today: string | null, some: Record<string, unknown> = {}): Promise<string> {
  const file = JSON.parse(await readFile(COMMONS, "utf8")) as Record<string, unknown>;
  const garden = { ...(file.garden as object), today };
  return JSON.stringify({ ...file, garden, outlook: null, ...some });
}

async function addContainers(page: Page, kind: string, fill: Record<string, string>) {
  await page.goto("/beds");
  await page.getByRole("button", { name: bedsWords.addBeds }).first().click();
  const dialog = page.getByRole("dialog", { name: settingsWords.addBeds });
  await dialog.getByRole("combobox", { name: words.what }).click();
  await page.getByRole("option", { name: kind, exact: true }).click();
  for (const [label, value] of Object.entries(fill))
    await dialog.getByLabel(label, { exact: true }).fill(value);
  return dialog;
}

test("peas go round the rim of three pots, which are carried in and said to be there", async ({
  page,
}) => {
  const dialog = await addContainers(page, words.pot, { "Diameter (cm)": "0" });
  await dialog.getByRole("button", { name: settingsWords.add, exact: true }).click();
  await expect(dialog).toContainText(words.enterTheDiameter);
  await dialog.getByLabel("Diameter (cm)").fill("30");
  await expect(dialog).toContainText("Each holds about 21 L");
  await dialog.getByRole("button", { name: settingsWords.add, exact: true }).click();
  await expect(told(page, settingsWords.bedAdded)).toBeVisible();
  await bed(page, "Pots").click();
  await pane(page).getByRole("tab", { name: bedsWords.freeSpace }).click();
  await pane(page)
    .getByRole("button", { name: /^Add to plan: Spinach/ })
    .first()
    .click();
  await expect(told(page, "added to Pots")).toBeVisible();
  await pane(page).getByRole("tab", { name: bedsWords.growing }).click();
  await pane(page)
    .getByRole("button", { name: /^Open Spinach/ })
    .first()
    .click();
  await pane(page).getByRole("button", { name: plantingWords.edit }).click();
  const form = page.getByRole("dialog", { name: "Spinach" });
  await form.getByRole("combobox", { name: groundWords.inEach }).click();
  await page.getByRole("option", { name: words.aroundTheRim }).click();
  await form.getByLabel("From the rim (cm)").fill("5");
  await form.getByLabel("In row (cm)").fill("5");
  await form.getByLabel(words.howManyOf).fill("4");
  await form.getByRole("button", { name: plantingWords.save }).click();
  await expect(form.getByRole("alert")).toContainText("Pots");
  await form.getByLabel(words.howManyOf).fill("3");
  // 2 π × 10 cm ÷ 5 cm, three times.
  await expect(form).toContainText("3 pots × 12 stations = 36 plants");
  await form.getByRole("button", { name: plantingWords.save }).click();
  await expect(form).toBeHidden();
  await expect(pane(page)).toContainText("36 plants");
  // They are moved to a window, and feel the air there.
  await page.keyboard.press("Escape");
  await bed(page, "Pots").click();
  await pane(page).getByRole("tab", { name: bedsWords.position }).click();
  await pane(page).getByLabel(words.from).fill("2026-10-10");
  await pane(page).getByRole("button", { name: words.moveThem }).click();
  await expect(told(page, "Pots moved: at a window indoors.")).toBeVisible();
  await expect(pane(page)).toContainText("at a window indoors from 10 October");
  // In December into a room with warmth and lamps of its own; what cannot be is said.
  await pane(page).getByRole("combobox", { name: words.to }).click();
  await page.getByRole("option", { name: words.placeRoom }).click();
  await pane(page).getByLabel(words.from).fill("2026-12-01");
  await pane(page)
    .getByLabel(words.days({ unit: "°C" }))
    .fill("9");
  await pane(page).getByRole("button", { name: words.moveThem }).click();
  await expect(
    page.getByRole("alert").filter({ hasText: "By day it is at least as warm as at night." }),
  ).toBeVisible();
  await pane(page)
    .getByLabel(words.days({ unit: "°C" }))
    .fill("20");
  // 120 µmol for 16 hours a day.
  await pane(page).getByLabel(words.lampHours).fill("16");
  await expect(pane(page)).toContainText(words.lampHint({ mol: "6.9" }));
  await expectClean(page);
  await pane(page).getByRole("button", { name: words.moveThem }).click();
  await expect(pane(page)).toContainText(
    "in a growing room, 14 °C to 20 °C, 16 h of lamps from 1 December",
  );
});

test("sacks of potatoes are planted and filled up three times as the shoots show", async ({
  browser,
}) => {
  test.slow();
  const context = await browser.newContext();
  await giveGarden(context, await gardenOn(null, { plantings: [], trays: [], logEntries: [] }));
  const page = await context.newPage();
  await page.clock.install({ time: "2026-04-25T09:00:00" });
  const dialog = await addContainers(page, words.sack, { "Depth (cm)": "65" });
  await expect(dialog).toContainText("Today asks for 3 fillings");
  await dialog.getByRole("button", { name: settingsWords.add, exact: true }).click();
  await expect(told(page, settingsWords.bedAdded)).toBeVisible();
  await bed(page, "Sacks").click();
  await pane(page).getByRole("tab", { name: bedsWords.freeSpace }).click();
  await pane(page).getByRole("button", { name: "Add to plan: Potato", exact: true }).click();
  await expect(told(page, "added to Sacks")).toBeVisible();
  await page.goto("/today");
  await page.getByRole("button", { name: /^Done: (Sow|Plant) potato/i }).click();
  const filled: string[] = [];
  const earthUp = page.getByRole("button", { name: /^Done: Earth up potato/i });
  for (let week = 1; week <= 14 && filled.length < 3; week += 1) {
    const day = new Date(Date.UTC(2026, 3, 25 + 7 * week, 9)).toISOString().slice(0, 10);
    await page.clock.setFixedTime(`${day}T09:00:00`);
    await page.reload();
    await expect(page.getByRole("heading", { name: shellWords.today, level: 1 })).toBeVisible();
    await page.waitForTimeout(800);
    if ((await earthUp.count()) === 0) continue;
    const more = page.getByRole("button", { name: /^More about Earth up potato/i });
    await more.click();
    await expect(page.getByRole("main")).toContainText(`filling ${filled.length + 1} of 3`);
    await expect(page.getByRole("main")).toContainText("for all 2");
    await earthUp.click();
    filled.push(day);
  }
  expect(filled).toHaveLength(3);
  await context.close();
});

test("an October evening: the pots that the night would hurt are asked in, those at a window are not", async ({
  browser,
}) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
  });
  const pots = (id: string, name: string, at: object) => ({
    id,
    name,
    lengthM: 0.9,
    widthM: 0.3,
    shelterId: null,
    covers: [],
    horizon: null,
    position: null,
    history: [],
    container: {
      kind: "pot",
      outline: "round",
      eachM: 0.3,
      depthM: 0.3,
      stays: [{ from: "2026-05-01", at }],
    },
  });
  const file = JSON.parse(await readFile(COMMONS, "utf8")) as {
    beds: object[];
    plantings: { cropId: string }[];
  };
  const some = file.plantings[0];
  const basil = (id: string, bedId: string) => ({
    ...some,
    id,
    bedId,
    cropId: "basil",
    varietyId: "large",
    sowOn: "2026-07-20",
    method: "transplant",
    stage: "full",
    fromM: 0,
    lengthM: 0.9,
    across: { kind: "whole" },
    rowCm: 20,
    inRowCm: 20,
    successionId: null,
    clearOn: null,
    bought: null,
    mix: null,
  });
  await giveGarden(
    context,
    await gardenOn("2026-09-24", {
      beds: [
        ...file.beds,
        pots("pots-out", "Terrace pots", { kind: "outdoors" }),
        pots("pots-in", "Sill pots", { kind: "window" }),
      ],
      plantings: [basil("basil-out", "pots-out"), basil("basil-in", "pots-in")],
      trays: [],
      logEntries: [],
      outlook: frostOutlook,
    }),
  );
  const page = await context.newPage();
  await page.goto("/today");
  const bringIn = page.getByRole("button", { name: /^Done: Bring in basil/i });
  await expect(bringIn).toHaveCount(1);
  await expect(page.getByRole("main")).toContainText("Terrace pots");
  await bringIn.tap();
  await expect(bringIn).toHaveCount(0);
  await context.close();
});

/** A clear night of four degrees of frost after 24 September. */
const frostOutlook = {
  id: "outlook",
  receivedAt: "2026-09-24T15:00:00Z",
  outlook: {
    format: "late-ember-outlook",
    version: 1,
    source: "Made up",
    simulated: true,
    issuedOn: "2026-09-24",
    days: [
      ["2026-09-24", 2, 14],
      ["2026-09-25", -4, 9],
      ["2026-09-26", 3, 13],
    ].map(([date, minTempC, maxTempC]) => ({
      date,
      minTempC,
      maxTempC,
      spreadC: 1.5,
      precipitationMm: 0,
      cloudShare: 0.1,
      windMps: 1,
    })),
  },
};
