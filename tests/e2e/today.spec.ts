import { expect, type Page } from "@playwright/test";
import { readFileSync } from "node:fs";
import { COMMONS, EMPTY, importGarden, openPlan, test, told } from "./garden";
import { beds as bedsWords } from "@/words/en/beds";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { logbook as logbookWords } from "@/words/en/logbook";
import { place as placeWords } from "@/words/en/place";
import { plan as planWords } from "@/words/en/plan";
import { quickLog as quickLogWords } from "@/words/en/quickLog";
import { shell as shellWords } from "@/words/en/shell";
import { today as todayWords } from "@/words/en/today";

const commons = JSON.parse(readFileSync(COMMONS, "utf8")) as {
  garden: object;
};

/** The demo garden on an evening in October, with a freeze and then wind in the outlook. */
function octoberEvening(): string {
  const nights = [4, -7, -4, 1, 3, 4, 5];
  const days = nights.map((minTempC, index) => ({
    date: `2026-10-${12 + index}`,
    minTempC,
    maxTempC: minTempC + 9,
    spreadC: 1,
    precipitationMm: 0,
    cloudShare: 0.1,
    windMps: index === 2 ? 12 : 1,
  }));
  return JSON.stringify({
    ...commons,
    garden: { ...commons.garden, today: "2026-10-12" },
    outlook: {
      id: "outlook",
      receivedAt: "2026-10-12T16:00:00Z",
      outlook: {
        format: "late-ember-outlook",
        version: 1,
        source: "the grower",
        simulated: false,
        issuedOn: "2026-10-12",
        days,
      },
    },
  });
}

/** Today with all its tasks, also those that are done when one passes. */
async function openToday(page: Page): Promise<void> {
  await page.goto("/today");
  await expect(page.getByRole("heading", { name: shellWords.today, level: 1 })).toBeVisible();
  await showWhatIsDoneInPassing(page);
}

async function showWhatIsDoneInPassing(page: Page): Promise<void> {
  const pile = todayWords.pilePassing;
  await page.getByRole("button", { name: todayWords.showPile({ pile, isOpen: false }) }).click();
}

/** Writes a line of the log and keeps it. */
async function log(page: Page, line: string): Promise<void> {
  await page
    .getByRole("button", { name: /^Log something/ })
    .filter({ visible: true })
    .click();
  const dialog = page.getByRole("dialog", { name: logbookWords.logSomething });
  await dialog.getByLabel(quickLogWords.inAFewWords).fill(line);
  await dialog.getByRole("button", { name: bedsWords.save }).click();
  await expect(dialog).toBeHidden();
}

test("an evening in October: from Today to covers to log to tomorrow", async ({ page }) => {
  await openToday(page);
  await importGarden(page, "october.json", octoberEvening());
  await expect(page.getByTestId("date-in-view")).toContainText("12 October");

  // Tonight comes first: covers out of the shed, what to shut, what to pick.
  const dark = page.getByRole("list", { name: todayWords.beforeDark });
  const putOn = dark.getByRole("button", { name: /^Done: Put on/ });
  await expect(putOn.first()).toBeVisible();
  const covers = await putOn.count();
  const label = (await putOn.first().getAttribute("aria-label")) ?? "";
  const bedName = label.split(", ").at(-1) ?? "";
  await putOn.first().click();
  await expect(putOn).toHaveCount(covers - 1);
  await dark
    .getByRole("button", { name: "Done: Shut greenhouse, Greenhouse" })
    .or(dark.getByRole("button", { name: /^Done: Shut greenhouse/ }))
    .first()
    .click();

  // What is picked before the frost is ticked with a tap, and weighed after.
  const pick = dark.getByRole("button", { name: /^Done: Harvest before tonight: broccoli/ });
  await pick.first().click();
  const settled = page.getByRole("list", { name: bedsWords.done });
  await settled.getByRole("textbox", { name: /^kg of Broccoli/ }).fill("2,5");
  await settled.getByRole("button", { name: /^Save the weight of Broccoli/ }).click();
  await expect(settled).toContainText("2.5 kg");

  // The thermometers, in a line.
  await log(page, "-3.5 in the house, -9 out");
  await page.getByRole("link", { name: logbookWords.logbook, exact: true }).click();
  const entries = page.getByRole("table", { name: logbookWords.entries });
  await expect(entries.getByRole("row", { name: /Temperature Greenhouse/ }).first()).toContainText(
    "lowest −3.5 °C, −9 °C outside",
  );
  await expect(entries.getByRole("row", { name: /Picked Broccoli.*2\.5 kg/ })).toBeVisible();

  // The cover lies on its bed, and stays there after a reload; it is not asked for again.
  await page.getByRole("link", { name: shellWords.shelters }).click();
  await expect(page.getByText(/On for the night:/)).toContainText(`on ${bedName}`);
  await page.reload();
  await page.getByRole("link", { name: shellWords.today }).click();
  await expect(dark.getByRole("button", { name: /^Done: / }).first()).toBeVisible();
  await expect(dark.getByRole("button", { name: label })).toHaveCount(0);

  // Tomorrow, as it is expected: told, not ticked.
  await page.keyboard.press("]");
  await expect(page.getByText(/Expected tasks, if everything/)).toBeVisible();
  await expect(page.getByRole("heading", { name: /13 October/ })).toBeVisible();
  await expect(page.getByText(/Strong wind 14 October/)).toBeVisible();
  await expect(page.getByRole("button", { name: /^Done: / }).first()).toBeDisabled();
});

test("a new grower comes from an empty garden to the first sowing", async ({ page }) => {
  await page.clock.setFixedTime(new Date("2026-08-12T09:00:00"));
  await page.goto(`${EMPTY}/today`);
  await page.getByRole("button", { name: gardenFileWords.startWithMyLocation }).click();
  await page.getByRole("combobox", { name: placeWords.startFromAnExampleLocation }).click();
  await page.getByRole("option").first().click();
  await page.getByRole("button", { name: placeWords.saveLocation }).click();
  const bed = page.getByRole("form", { name: todayWords.firstBed });
  await bed.getByLabel("Length (m)").fill("0");
  await bed.getByRole("button", { name: todayWords.addBed }).click();
  await expect(bed.getByRole("alert")).toContainText("At least 0.1 m.");
  await bed.getByLabel("Length (m)").fill("3,6");
  await bed.getByRole("button", { name: todayWords.addBed }).click();
  const crops = page.getByRole("list", { name: todayWords.firstCrops });
  await expect(crops.getByRole("checkbox")).toHaveCount(3);
  await expect(crops).toContainText(/ready \d+ (September|October)/);
  await crops.getByRole("checkbox").last().uncheck();
  await page.getByRole("button", { name: "Add these 2" }).click();
  const sow = page.getByRole("button", { name: /^Done: Sow / });
  await expect(sow.first()).toBeVisible();
  await sow.first().click();
  await expect(page.getByRole("list", { name: bedsWords.done })).toContainText(bedsWords.sown2);

  // The plan knows it as sown now, and will not move it.
  await page.getByRole("link", { name: planWords.plan }).click();
  await expect(page.locator('[aria-valuetext^="sown 12 August (logged)"]')).toBeVisible();
});

test("what is not understood is kept as a note and says why; entries are found, put right and undone", async ({
  page,
}) => {
  await page.goto("/logbook");
  await expect(page.getByRole("table", { name: logbookWords.entries })).toBeVisible();
  const before = await page.getByRole("row").count();
  await page.getByRole("button", { name: logbookWords.logSomething }).click();
  const dialog = page.getByRole("dialog", { name: logbookWords.logSomething });
  const line = dialog.getByLabel(quickLogWords.inAFewWords);
  for (const [typed, problem] of [
    ["sowed blorf bed 7", "“blorf” is not recognized"],
    ["tomorrow picked 1 kg kale", "25 September is in the future"],
    ["harvested 2 tons kale bed 3", "More than 500 kg in one entry"],
    ["0 kg kale bed 3", "A harvest weighs more than nothing."],
    ["1 kg garlic bed 10", "No garlic grows in Bed 10 on 24 September"],
    ["spinach", "What did you do with the spinach?"],
  ] as const) {
    await line.fill(typed);
    await expect(dialog.getByText(problem, { exact: false })).toBeVisible();
  }
  // What is still to come is the one thing that the log does not take.
  await line.fill("tomorrow picked 1 kg kale");
  await dialog.getByRole("button", { name: bedsWords.save }).click();
  await expect(dialog).toBeVisible();

  // By taps alone: the deed, then what stands there; another planting can be meant.
  await line.fill("");
  await dialog.getByRole("button", { name: "picked", exact: true }).click();
  await dialog.getByRole("button", { name: logbookWords.kaleBed3 }).click();
  await line.press("End");
  await line.pressSequentially("1.2 kg");
  await expect(dialog.getByRole("region", { name: quickLogWords.willBeLogged })).toContainText(
    "Picked: Kale, curly in Bed 3, 1.2 kg, 24 September.",
  );
  await dialog.getByRole("button", { name: bedsWords.save }).click();
  await expect(page.getByRole("row")).toHaveCount(before + 1);

  // A harvest before its sowing is refused in words, in the entry's own form too.
  await page.getByRole("button", { name: /^Edit Picked Chard.*22 Sep/ }).click();
  const form = page.getByRole("dialog", { name: /^Picked: Chard/ });
  await form.getByLabel("Day").fill("2026-05-01");
  await form.getByRole("button", { name: bedsWords.save }).click();
  await expect(form.getByRole("alert")).toContainText(/planned for sowing on 10 July/);
  await form.getByLabel("Day").fill("2026-09-21");
  await form.getByLabel(logbookWords.weightKg).fill("1.3");
  await form.getByRole("button", { name: bedsWords.save }).click();

  const search = page.getByRole("search", { name: logbookWords.filter });
  await search.getByLabel(logbookWords.words).fill("chard");
  await expect(search).toContainText(/2 of \d+ entries; 2\.2 kg harvested/);
  await page.getByRole("button", { name: /^Remove Picked Chard.*21 Sep/ }).click();
  await expect(search).toContainText(/1 of \d+ entries/);
  await page.getByRole("status").getByRole("button", { name: shellWords.undo }).click();
  await expect(search).toContainText(/2 of \d+ entries; 2\.2 kg harvested/);
});

test("what was done in fact moves what comes after, on the strand and in words", async ({
  page,
}) => {
  await page.goto("/logbook");
  await page.getByRole("button", { name: logbookWords.logSomething }).click();
  const dialog = page.getByRole("dialog", { name: logbookWords.logSomething });
  await dialog.getByLabel(quickLogWords.inAFewWords).fill("sowed spinach bed 7 on 27 Aug");
  await dialog.getByRole("button", { name: bedsWords.save }).click();
  const otherwise = page.getByRole("region", { name: logbookWords.changedFromPlan });
  await expect(otherwise).toContainText(/Spinach, winter type, Bed 7 sown 7 days late: ready/);
  await otherwise.getByRole("button", { name: /Spinach/ }).click();
  const inspector = page.getByRole("complementary", { name: /^Spinach/ });
  await expect(inspector).toContainText("Sown 27 August, 7 days later than planned.");
  await expect(inspector.getByLabel(bedsWords.sown2, { exact: true })).toBeDisabled();
  await page.goto("/plan");
  await expect(
    page.getByRole("slider", { name: "Spinach, winter type, Bed 7: sowing day" }),
  ).toHaveAttribute("aria-valuetext", /^sown 27 August \(logged\), ready/);
});

test("what is found on the look round a bed is told with its remedy, and asked after again", async ({
  page,
}) => {
  await openToday(page);
  await page.getByRole("button", { name: /^More about Scout for caterpillars.*Bed 3/ }).click();
  const stop = page.getByRole("list", { name: "Bed 3" });
  await expect(stop).toContainText("Keep out: fine netting");
  await stop.getByRole("button", { name: "Found caterpillars, Bed 3" }).click();
  await expect(told(page, "Pick off eggs and caterpillars")).toBeVisible();
  await stop.getByRole("button", { name: /^Done: Scout for caterpillars/ }).click();
  // The look is done with that; what was found is asked after in its days, spray last and with its label.
  await expect(stop.getByText(/^Scout for/)).toHaveCount(0);
  for (let day = 0; day < 5; day += 1) await page.keyboard.press("]");
  await stop.getByRole("button", { name: /^More about Caterpillars again/ }).click();
  await expect(stop).toContainText("Seen 24 September.");
  await expect(stop).toContainText(/Only if that is not enough: .* by its label/);
  await expect(stop).toContainText("The label is the law");
});

test("two tabs that tick the same task leave it done once", async ({ context, page }) => {
  await openToday(page);
  const other = await context.newPage();
  await openToday(other);
  const task = /^Done: Pick kale, curly/;
  // The tab behind does not draw: its tap is given to it at once.
  // Both buttons are at hand before either is clicked: the first click takes the other away.
  const buttons = await Promise.all(
    [page, other].map((tab) => tab.getByRole("button", { name: task }).elementHandle()),
  );
  await Promise.all(buttons.map((button) => button?.dispatchEvent("click")));
  for (const tab of [page, other]) {
    await expect(tab.getByRole("button", { name: task })).toHaveCount(0);
    await expect(tab.getByRole("list", { name: bedsWords.done }).getByRole("listitem")).toHaveCount(
      1,
    );
    await expect(tab.getByRole("alert").filter({ hasText: /./ })).toHaveCount(0);
  }
});

test.describe("on a phone", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test("several are settled at once, one is put off, and the walk goes in one's own order", async ({
    page,
  }) => {
    await openToday(page);
    const walk = page.getByRole("region", { name: todayWords.pilePassing });
    await page.getByRole("button", { name: /^Snooze: Pick turnip/ }).tap();
    await expect(told(page, "Snoozed to 25 September: Pick turnip")).toBeVisible();
    await page.getByRole("button", { name: todayWords.selectSeveral }).tap();
    await walk.getByRole("checkbox", { name: /^Choose: Pick beet/ }).tap();
    await walk.getByRole("checkbox", { name: /^Choose: Pick carrot, storage/ }).tap();
    await page.getByRole("toolbar").getByRole("button", { name: "Done: 2" }).tap();
    await expect(page.getByRole("button", { name: /: Pick (beet|carrot, storage)/ })).toHaveCount(
      0,
    );
    await expect(page.getByRole("list", { name: bedsWords.done })).toContainText("Beet");
    const settled = page.getByRole("list", { name: bedsWords.done });
    await settled.getByRole("button", { name: /^Undo Picked: Beet/ }).tap();
    await expect(walk.getByRole("button", { name: /^Done: Pick beet/ })).toBeVisible();

    // Bed 3 is dragged to the top, Bed 2 follows by taps.
    await page.getByRole("button", { name: todayWords.walkingOrder }).tap();
    const order = page.getByRole("dialog", { name: todayWords.walkingOrder2 });
    await order
      .getByRole("button", { name: "Drag Bed 3" })
      .dragTo(order.getByRole("button", { name: "Drag Bed 1", exact: true }), { steps: 8 });
    await expect(order.getByRole("listitem").first()).toContainText("Bed 3");
    await order.getByRole("button", { name: "Move Bed 2 up" }).click();
    await order.getByRole("button", { name: bedsWords.save }).tap();
    await expect(order).toBeHidden();
    const stops = walk.getByRole("heading", { level: 3, name: /^Bed / });
    await expect(stops.first()).toHaveText("Bed 3");
    await expect(stops.nth(1)).toHaveText("Bed 2");
  });
});

test("the week is printed on one page, with a box for each task, in the order of the walk", async ({
  page,
}) => {
  await page.goto("/today/sheet");
  const sheet = page.getByRole("article", { name: /^Tarnholt Commons, week from/ });
  await expect(sheet.getByRole("listitem").first()).toBeVisible();
  expect(await sheet.getByRole("listitem").count()).toBeGreaterThan(30);
  await expect(sheet.getByRole("region", { name: "Bed 3" })).toContainText("Pick kale, curly");
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString("latin1");
  expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
  await page.getByRole("button", { name: todayWords.withReasons }).click();
  await expect(sheet.getByText(/Last harvested 17 September/)).toBeVisible();
});

test("the sample garden goes away with a tap, and comes back with undo", async ({ page }) => {
  await openPlan(page);
  await page.getByRole("link", { name: shellWords.today }).click();
  await page.getByRole("button", { name: gardenFileWords.removeTheSampleAndStartMyGarden }).click();
  await expect(
    page.getByRole("heading", { name: gardenFileWords.harvestThroughWinter }),
  ).toBeVisible();
  await page.getByRole("status").getByRole("button", { name: shellWords.undo }).click();
  await expect(page.getByRole("heading", { name: shellWords.today, level: 1 })).toBeVisible();
  await showWhatIsDoneInPassing(page);
  await expect(page.getByRole("button", { name: /^Done: Pick kale, curly/ })).toBeVisible();
});
