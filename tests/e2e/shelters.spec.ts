import { expect, type Page } from "@playwright/test";
import { EMPTY, test, told } from "./garden";
import { beds as bedsWords } from "@/words/en/beds";
import { crops as cropsWords } from "@/words/en/crops";
import { place as placeWords } from "@/words/en/place";
import { shell as shellWords } from "@/words/en/shell";
import { settings as settingsWords } from "@/words/en/settings";
import { shelters as sheltersWords } from "@/words/en/shelters";
import { ui as uiWords } from "@/words/en/ui";

async function openShelters(page: Page, weeksOn = 0): Promise<void> {
  await page.goto("/shelters");
  await expect(page.getByRole("heading", { name: shellWords.shelters, level: 1 })).toBeVisible();
  await page.getByRole("slider", { name: uiWords.dateInView }).focus();
  for (let week = 0; week < weeksOn; week += 1) await page.keyboard.press("PageUp");
}
const group = (page: Page, name: RegExp) =>
  page
    .getByRole("navigation", { name: sheltersWords.coversInThisGarden })
    .getByRole("button", { name });

test("double cover is built: the degrees it gains and the light it costs are told before and after", async ({
  page,
}) => {
  await openShelters(page, 12); // 17 December
  await group(page, /House 1, House 2/).click();
  const before = page.getByRole("img", { name: /under greenhouse/ });
  await expect(before).toHaveAccessibleName(/outside −\d/);
  // What the shelter's own thermometer says stands beside what is reckoned.
  await expect(page.getByTestId("thermometer-pair")).toHaveText(
    /The thermometers \(simulated\) of 23 September: .* in Greenhouse, .* outside, [+−].*The calculation gives [+−]/,
  );
  const row = page.getByRole("row", { name: /^Row cover, medium/ });
  await expect(row).toContainText("53 %"); // 0.85 × 0.83 × 0.75
  const gains = Number(/\+(\d+(\.\d)?) °C/.exec((await row.textContent()) ?? "")?.[1]);
  expect(gains).toBeGreaterThan(1.5);
  // Two beds lie under the same covers: the one that is meant is covered, and the other is not.
  await row.getByRole("button", { name: /^Add/ }).click();
  await page.getByRole("menuitem", { name: "House 2" }).click();
  await expect(told(page, "House 2: Row cover, medium added")).toBeVisible();
  await group(page, /greenhouse \+ row cover/).click();
  await expect(page.getByText("53 %").first()).toBeVisible();
  await expect(page.getByRole("img", { name: /under greenhouse .*under row cover/ })).toBeVisible();
  await page.keyboard.press("Control+z");
  await expect(group(page, /greenhouse \+ row cover/)).toHaveCount(0);
});

test("the hour is pointed at by keys, and the section and the words follow", async ({ page }) => {
  await openShelters(page, 12);
  const hour = page.getByRole("slider", { name: sheltersWords.hourShown });
  await hour.focus();
  const before = await hour.getAttribute("aria-valuetext");
  for (let hours = 0; hours < 6; hours += 1) await page.keyboard.press("PageUp");
  await expect(hour).not.toHaveAttribute("aria-valuetext", before ?? "");
  const at = (await hour.getAttribute("aria-valuetext"))?.split(":").slice(0, 2).join(":") ?? "";
  await expect(page.getByRole("img", { name: new RegExp(`^${at}`) })).toBeVisible();
});

test("a bright spring day is aired: the hours are told, and how hot it would get shut", async ({
  page,
}) => {
  await openShelters(page, 26); // late March
  await group(page, /^cold frame/).click();
  await expect(
    page.getByText(/Closed, it would reach \d\d °C today\. Open it about \d+:\d\d/),
  ).toBeVisible();
  await page.getByRole("combobox", { name: sheltersWords.venting }).click();
  await page.getByRole("option", { name: sheltersWords.closedAllDay }).click();
  await expect(page.getByRole("combobox", { name: sheltersWords.venting })).toContainText(
    sheltersWords.closedAllDay,
  );
});

test("a typed outlook of a hard freeze in September: soft plants are named first, with what to do", async ({
  page,
}) => {
  await page.goto("/place");
  await page.getByRole("button", { name: placeWords.forecast, exact: true }).click();
  await page.getByRole("button", { name: placeWords.enterByHand }).click();
  const form = page.getByRole("dialog", { name: placeWords.enterAForecast });
  for (const [day, low, high] of [
    ["Thu 24 Sept", "4", "14"],
    ["Fri 25 Sept", "-8", "4"],
  ] as const) {
    await form.getByRole("textbox", { name: `Low on ${day}` }).fill(low);
    await form.getByRole("textbox", { name: `High on ${day}` }).fill(high);
  }
  await form.getByRole("button", { name: bedsWords.save }).click();
  await page.getByRole("link", { name: shellWords.shelters }).click();
  const night = page.getByRole("region", { name: settingsWords.tonight });
  await expect(night).toContainText("They are not hardened after mild weeks");
  await expect(night).toContainText(/plants may die/);
  await expect(night).toContainText(/% hardened/);
  // In the middle of December the same night would find them hardened: fewer are in danger.
  const soft = await night.getByText(/plants may die/).count();
  expect(soft).toBeGreaterThan(5);
});

test("an empty garden says what comes first", async ({ page }) => {
  await page.goto(`${EMPTY}/shelters`);
  await page
    .getByRole("button", { name: /Give your place|Start/ })
    .first()
    .click();
  await page.getByRole("link", { name: shellWords.shelters }).click();
  await expect(page.getByText(sheltersWords.setYourLocationAndAddBedsFirst)).toBeVisible();
});

/** Types an outlook: lows and highs from the garden's today on. */
async function typeOutlook(
  page: Page,
  days: readonly (readonly [string, string])[],
): Promise<void> {
  await page.goto("/place");
  await page.getByRole("button", { name: placeWords.forecast, exact: true }).click();
  await page.getByRole("button", { name: placeWords.enterByHand }).click();
  const form = page.getByRole("dialog", { name: placeWords.enterAForecast });
  for (const [index, [low, high]] of days.entries()) {
    await form
      .getByRole("textbox", { name: /^Low on/ })
      .nth(index)
      .fill(low);
    await form
      .getByRole("textbox", { name: /^High on/ })
      .nth(index)
      .fill(high);
  }
  await form.getByRole("button", { name: bedsWords.save }).click();
  await expect(form).toHaveCount(0);
  await page.getByRole("link", { name: shellWords.shelters }).click();
}

test("a −8 °C outlook with two covers for four beds: they go where they save most, lie there, and come in again", async ({
  page,
}) => {
  await page.goto("/shelters");
  // Two covers are left in storage: the others are removed.
  await page.getByRole("button", { name: /^In storage/ }).click();
  const stock = page.getByRole("region", { name: sheltersWords.coversYouOwn });
  for (const [name, place] of [
    [/^Edit row cover, 5 m, in storage/, 0],
    [/^Edit heavy cover, 9 m, in storage/, 1],
  ] as const) {
    await stock.getByRole("button", { name }).nth(place).click();
    await page.getByRole("button", { name: bedsWords.remove }).click();
    await expect(told(page, "Cover removed")).toBeVisible();
    await expect(page.getByRole("dialog")).toHaveCount(0);
  }
  await typeOutlook(page, [
    ["4", "14"],
    ["-8", "4"],
    ["-3", "6"],
  ]);
  await expect(
    page.getByText(/Tonight: \d+ plantings are at risk, not hardened after mild weeks/),
  ).toBeVisible();
  const put = page.getByRole("region", { name: sheltersWords.coversToPutOn });
  await expect(put.getByRole("listitem")).toHaveCount(2);
  await expect(put.getByRole("listitem").first()).toContainText(/saves about [\d.]+ kg/);
  const night = page.getByRole("region", { name: settingsWords.tonight });
  await expect(night).toContainText(/no cover is left for them/);
  await put.getByRole("button", { name: sheltersWords.markAsOn }).click();
  await expect(told(page, "2 covers on")).toBeVisible();
  await expect(night).toContainText(/On for the night: .* on .*; .* on /);
  await expect(put).toHaveCount(0);
  await night.getByRole("button", { name: sheltersWords.putThemBack }).click();
  await expect(put.getByRole("listitem")).toHaveCount(2);
  // A week of nights against what kills half of it.
  await night
    .getByRole("button", { name: /^Coming nights for/ })
    .first()
    .click();
  await expect(
    night.getByRole("img", { name: /coming nights at the plants: .*half die at/ }),
  ).toBeVisible();
});

test("a week of readings is typed: the balance is corrected, the school in force says so, and the plan moves", async ({
  page,
}) => {
  await openShelters(page);
  await group(page, /House 1, House 2/).click();
  const schools = page.getByRole("radiogroup", {
    name: sheltersWords.degreesAboveOutsideTonightBy,
  });
  await expect(schools.getByRole("radio", { name: /energy balance · selected/ })).toBeVisible();
  await expect(schools.getByRole("radio", { name: /your own thermometer/ })).toContainText(
    sheltersWords.noReadingsYet,
  );
  await page.getByRole("button", { name: sheltersWords.enterReadings }).click();
  const form = page.getByRole("dialog", { name: /^Your thermometer readings/ });
  // One side alone tells nothing.
  await form
    .getByRole("textbox", { name: /^Low inside/ })
    .first()
    .fill("9");
  await form.getByRole("button", { name: bedsWords.save }).click();
  await expect(form.getByRole("alert")).toContainText(/enter both lows/);
  for (let index = 0; index < 7; index += 1) {
    await form
      .getByRole("textbox", { name: /^Low inside/ })
      .nth(index)
      .fill("6");
    await form
      .getByRole("textbox", { name: /^Low outside/ })
      .nth(index)
      .fill("6");
  }
  await form.getByRole("button", { name: bedsWords.save }).click();
  await expect(page.getByText(/From 7 nights: \d(\.\d)? °C colder than the balance/)).toBeVisible();
  await expect(
    schools.getByRole("radio", { name: /your own thermometer · selected/ }),
  ).toContainText(/[+−]\d/);
  await expect(page.getByRole("img", { name: /measured 6 °C, calculated/ })).toBeVisible();
  await schools.getByRole("radio", { name: /rule of thumb/ }).click();
  await expect(told(page, "Temperatures now come from the rule of thumb")).toBeVisible();
  await expect(schools.getByRole("radio", { name: /rule of thumb · selected/ })).toBeChecked();
  await page.keyboard.press("Control+z");
  await expect(
    schools.getByRole("radio", { name: /your own thermometer · selected/ }),
  ).toBeChecked();
  // By keys: arrows choose among the three.
  await schools.getByRole("radio", { name: /your own thermometer/ }).focus();
  await page.keyboard.press("ArrowLeft");
  await expect(schools.getByRole("radio", { name: /energy balance · selected/ })).toBeFocused();
});

test("a logger's table with a gap, a stuck sensor and Fahrenheit: taken, left and why; the simulated logger too", async ({
  page,
}) => {
  await openShelters(page);
  await group(page, /House 1, House 2/).click();
  const table = [
    "date,inside_min,outside_min",
    ...["50,46", "52,45", "48,41", "48,46", "48,50"].map(
      (row, index) => `2026-09-${10 + index},${row}`,
    ),
  ].join("\n");
  await page
    .getByLabel(sheltersWords.thermometerSpreadsheet)
    .setInputFiles({ name: "nights.csv", mimeType: "text/csv", buffer: Buffer.from(table) });
  const told = page.getByRole("alert").filter({ hasText: /added/ });
  await expect(told).toContainText("2 nights added.");
  await expect(told).toContainText(/3 nights left out: .*stuck thermometer/);
  await expect(told).toContainText("read as °F");
  await page
    .getByLabel(sheltersWords.thermometerSpreadsheet)
    .setInputFiles({ name: "list.csv", mimeType: "text/csv", buffer: Buffer.from("a,b\n1,2") });
  await expect(page.getByRole("alert").filter({ hasText: /no column for the date/ })).toBeVisible();
  await page.getByRole("button", { name: sheltersWords.importAWeekFromTheLogger }).click();
  await expect(page.getByRole("alert").filter({ hasText: /[5-7] nights added/ })).toBeVisible();
});

test("a greenhouse is built with a cover inside and changed; what cannot be is refused in plain words", async ({
  page,
}) => {
  await openShelters(page, 12);
  await page.getByRole("button", { name: sheltersWords.addAShelter2 }).click();
  const form = page.getByRole("dialog", { name: sheltersWords.addAShelter });
  await expect(form).toContainText(/permit/);
  await form.getByRole("textbox", { name: /^Average height/ }).fill("0");
  await form.getByRole("button", { name: sheltersWords.addShelter }).click();
  await expect(form.getByRole("alert")).toContainText("A shelter needs some height to hold air");
  await form.getByRole("textbox", { name: /^Average height/ }).fill("2.4");
  await form.getByRole("textbox", { name: /^Starts to open/ }).fill("-2");
  await form.getByRole("button", { name: sheltersWords.addShelter }).click();
  await expect(form.getByRole("alert")).toContainText(
    "opens at freezing or below lets the frost in",
  );
  await form.getByRole("textbox", { name: /^Starts to open/ }).fill("14");
  await form.getByRole("textbox", { name: /^Beds inside/ }).fill("2");
  await form.getByRole("combobox", { name: /^Inner cover/ }).click();
  await page.getByRole("option", { name: /^Row cover, light/ }).click();
  await form.getByRole("button", { name: sheltersWords.addShelter }).click();
  await expect(told(page, "Greenhouse 2 added")).toBeVisible();
  await group(page, /Greenhouse 2: /).click();
  await expect(page.getByRole("combobox", { name: sheltersWords.venting })).toContainText(
    "vented above 14 °C",
  );
  await expect(page.getByText("60 %").first()).toBeVisible(); // 0.85 × 0.83 × 0.85
  await page.getByRole("button", { name: cropsWords.edit }).click();
  const change = page.getByRole("dialog", { name: "Change Greenhouse 2" });
  await change.getByRole("button", { name: sheltersWords.removeShelter }).click();
  await expect(told(page, "Its beds are now uncovered")).toBeVisible();
  await page.keyboard.press("Control+z");
  await expect(group(page, /Greenhouse 2: /)).toBeVisible();
});

test("October against December: the same night kills soft plants and spares hardened ones", async ({
  page,
}) => {
  await typeOutlook(page, [
    ["4", "14"],
    ["-6", "3"],
  ]);
  const night = page.getByRole("region", { name: settingsWords.tonight });
  await expect(page.getByText(/Tonight: \d+ plantings are at risk/)).toBeVisible();
  const inDanger = async () =>
    Number(
      /(\d+) plantings? (are|is) at risk/.exec(await page.getByRole("main").innerText())?.[1] ?? 0,
    );
  const soft = await inDanger();
  expect(soft).toBeGreaterThan(5);
  // In mid December nights of usual cold, as cold as that one, find them hardened.
  await page.getByRole("slider", { name: uiWords.dateInView }).focus();
  for (let week = 0; week < 12; week += 1) await page.keyboard.press("PageUp");
  await expect(night.getByRole("heading")).toContainText("17 December");
  expect(await inDanger()).toBeLessThan(soft / 2);
  await expect(
    page.getByText(/Do not water today: it freezes at the plants tonight/),
  ).toBeVisible();
});
