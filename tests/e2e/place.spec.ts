import { expect } from "@playwright/test";
import { EMPTY, test } from "./garden";

test("from an empty browser to a first planting", async ({ page }) => {
  await page.goto(`${EMPTY}/plan`);
  await page.getByRole("button", { name: "Start with my place" }).click();
  await page.getByRole("textbox", { name: "Name of the place" }).fill("Lower terrace");
  await page.getByRole("textbox", { name: "Latitude" }).fill("-41,3");
  await page.getByRole("textbox", { name: "Longitude" }).fill("174");
  await page.getByRole("textbox", { name: "Elevation" }).fill("120");
  const [coldLow, warmLow] = [page.getByLabel("Low").nth(0), page.getByLabel("Low").nth(1)];
  const [coldHigh, warmHigh] = [page.getByLabel("High").nth(0), page.getByLabel("High").nth(1)];
  await coldLow.fill("5");
  await coldHigh.fill("11");
  await warmLow.fill("11");
  await warmHigh.fill("23");
  await expect(page.getByTestId("short-days")).toContainText(/from \d+ May to \d+ (July|August)/);
  await page.getByRole("radio", { name: "stays away most winters" }).check();
  await expect(page.getByRole("group", { name: "Frost odds" })).toContainText("seldom");
  await page.getByRole("button", { name: "Keep this place" }).click();

  await page.getByRole("button", { name: "Several beds…" }).click();
  await page.getByRole("textbox", { name: "How many" }).fill("2");
  await page.getByRole("button", { name: "Add", exact: true }).click();
  await page.getByRole("link", { name: "Plan" }).click();
  await page.getByRole("button", { name: "What if I sow today?" }).click();
  const wish = page.getByRole("dialog", { name: "I want…" });
  await wish
    .getByRole("button", { name: /^Plant it: Spinach/ })
    .first()
    .click();
  await expect(page.getByRole("slider", { name: /^Spinach, .*Bed 1: sowing day/ })).toBeVisible();
});

test("the place is edited with live consequences, wrong numbers are told at their field, undo brings it back", async ({
  page,
}) => {
  await page.goto("/place");
  await page.getByRole("button", { name: "Daylight" }).click();
  const latitude = page.getByRole("textbox", { name: "Latitude" });
  await expect(latitude).toHaveValue("47.1");
  await expect(page.getByTestId("short-days")).toContainText("2 November to 9 February");

  await latitude.fill("97");
  await expect(page.getByText("Latitude runs from −90 (south) to 90 (north).")).toBeVisible();
  await page.getByRole("button", { name: "Keep this place" }).click();
  await page.reload();
  await expect(latitude).toHaveValue("47.1");
  await page.getByRole("button", { name: "Daylight" }).click();

  await latitude.fill("70");
  await expect(page.getByTestId("short-days")).toContainText("the sun does not rise at all");
  await latitude.fill("5");
  await expect(page.getByTestId("short-days")).toContainText(
    "No day here is shorter than 10 hours",
  );
  await latitude.fill("60");
  await page.getByRole("button", { name: "Keep this place" }).click();
  await expect(page.getByRole("region", { name: "Season" })).toContainText(
    /under 10 hours: \d+ Oct/,
  );
  await page.getByRole("button", { name: "Undo change of the place" }).click();
  await expect(latitude).toHaveValue("47.1");
});

test("units follow everywhere, in and out", async ({ page }) => {
  await page.goto("/place");
  await page.getByRole("button", { name: "Settings" }).click();
  await page.getByRole("combobox", { name: "Units" }).click();
  await page.getByRole("option", { name: /Imperial/ }).click();
  await page.getByRole("button", { name: "Done" }).click();
  await page.getByRole("button", { name: "A few numbers" }).click();
  await expect(page.getByLabel("High").nth(1)).toHaveValue("78.8");
  await expect(page.getByRole("textbox", { name: "Elevation" })).toHaveValue("1772");
  await expect(page.getByText("Killing frost, 28 °F")).toBeVisible();
});
