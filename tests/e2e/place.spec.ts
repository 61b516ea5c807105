import { expect } from "@playwright/test";
import { EMPTY, test } from "./garden";
import { beds as bedsWords } from "@/words/en/beds";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { place as placeWords } from "@/words/en/place";
import { plan as planWords } from "@/words/en/plan";
import { shell as shellWords } from "@/words/en/shell";
import { settings as settingsWords } from "@/words/en/settings";
import { today as todayWords } from "@/words/en/today";
import { ui as uiWords } from "@/words/en/ui";

test("from an empty browser to a first planting", async ({ page }) => {
  await page.goto(`${EMPTY}/plan`);
  await page.getByRole("button", { name: gardenFileWords.startWithMyLocation }).click();
  await page.getByRole("textbox", { name: placeWords.locationName }).fill("Lower terrace");
  await page.getByRole("textbox", { name: "Latitude" }).fill("-41,3");
  await page.getByRole("textbox", { name: "Longitude" }).fill("174");
  await page.getByRole("textbox", { name: placeWords.elevation }).fill("120");
  const [coldLow, warmLow] = [page.getByLabel("Low").nth(0), page.getByLabel("Low").nth(1)];
  const [coldHigh, warmHigh] = [
    page.getByLabel(placeWords.high).nth(0),
    page.getByLabel(placeWords.high).nth(1),
  ];
  await coldLow.fill("5");
  await coldHigh.fill("11");
  await warmLow.fill("11");
  await warmHigh.fill("23");
  await expect(page.getByTestId("short-days")).toContainText(/from \d+ May to \d+ (July|August)/);
  await page.getByRole("radio", { name: placeWords.notInMostWinters }).check();
  await expect(page.getByRole("group", { name: placeWords.frostOdds })).toContainText("seldom");
  await page.getByRole("button", { name: placeWords.saveLocation }).click();

  await page.getByRole("button", { name: todayWords.addSeveral }).click();
  await page.getByRole("textbox", { name: settingsWords.howMany }).fill("2");
  await page.getByRole("button", { name: "Add", exact: true }).click();
  await page.getByRole("link", { name: planWords.plan }).click();
  await page.getByRole("button", { name: planWords.ifISowToday }).click();
  const wish = page.getByRole("dialog", { name: planWords.iWant });
  await wish
    .getByRole("button", { name: /^Add to plan: Spinach/ })
    .first()
    .click();
  await expect(page.getByRole("slider", { name: /^Spinach, .*Bed 1: sowing day/ })).toBeVisible();
});

test("the place is edited with live consequences, wrong numbers are told at their field, undo brings it back", async ({
  page,
}) => {
  await page.goto("/place");
  await page.getByRole("button", { name: placeWords.daylight }).click();
  const latitude = page.getByRole("textbox", { name: "Latitude" });
  await expect(latitude).toHaveValue("47.1");
  await expect(page.getByTestId("short-days")).toContainText("2 November to 9 February");

  await latitude.fill("97");
  await expect(page.getByText("Latitude runs from −90 (south) to 90 (north).")).toBeVisible();
  await page.getByRole("button", { name: placeWords.saveLocation }).click();
  await page.reload();
  await expect(latitude).toHaveValue("47.1");
  await page.getByRole("button", { name: placeWords.daylight }).click();

  await latitude.fill("70");
  await expect(page.getByTestId("short-days")).toContainText("the sun does not rise at all");
  await latitude.fill("5");
  await expect(page.getByTestId("short-days")).toContainText(
    "No day here is shorter than 10 hours",
  );
  await latitude.fill("60");
  await page.getByRole("button", { name: placeWords.saveLocation }).click();
  await expect(page.getByRole("region", { name: uiWords.season })).toContainText(
    /under 10 hours: \d+ Oct/,
  );
  await page.getByRole("button", { name: "Undo location change" }).click();
  await expect(latitude).toHaveValue("47.1");
});

test("units follow everywhere, in and out", async ({ page }) => {
  await page.goto("/place");
  await page.getByRole("button", { name: shellWords.settings }).click();
  await page.getByRole("combobox", { name: settingsWords.units }).click();
  await page.getByRole("option", { name: /Imperial/ }).click();
  await page.getByRole("button", { name: bedsWords.done }).click();
  await page.getByRole("button", { name: placeWords.aFewNumbers }).click();
  await expect(page.getByLabel(placeWords.high).nth(1)).toHaveValue("78.8");
  await expect(page.getByRole("textbox", { name: placeWords.elevation })).toHaveValue("1772");
  await expect(page.getByText("Killing frost, 28 °F")).toBeVisible();
});
