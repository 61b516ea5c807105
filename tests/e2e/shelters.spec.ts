import { expect, test, type Page } from "@playwright/test";
import { EMPTY } from "./garden";

async function openShelters(page: Page, weeksOn = 0): Promise<void> {
  await page.goto("/shelters");
  await expect(page.getByRole("heading", { name: "Shelters", level: 1 })).toBeVisible();
  await page.getByRole("slider", { name: "Date in view" }).focus();
  for (let week = 0; week < weeksOn; week += 1) await page.keyboard.press("PageUp");
}
const group = (page: Page, name: RegExp) =>
  page.getByRole("navigation", { name: "Covers of the garden" }).getByRole("button", { name });

test("double cover is built: the degrees it gains and the light it costs are told before and after", async ({
  page,
}) => {
  await openShelters(page, 12); // 17 December
  await group(page, /House 1, House 2/).click();
  const before = page.getByRole("img", { name: /under greenhouse/ });
  await expect(before).toHaveAccessibleName(/outside −\d/);
  // What the shelter's own thermometer says stands beside what is reckoned.
  await expect(page.getByTestId("thermometer-pair")).toHaveText(
    /The thermometers \(simulated\) of 23 September: .* in Greenhouse, .* outside, [+−].*The balance gives [+−]/,
  );
  const row = page.getByRole("row", { name: /^Row cover, medium/ });
  await expect(row).toContainText("64 %"); // 0.85 × 0.75
  const gains = Number(/\+(\d+(\.\d)?) °C/.exec((await row.textContent()) ?? "")?.[1]);
  expect(gains).toBeGreaterThan(1.5);
  await row.getByRole("button", { name: /^Put it on/ }).click();
  await expect(page.getByRole("status")).toContainText("Row cover, medium (30 g/m²) is on");
  await group(page, /greenhouse \+ row cover/).click();
  await expect(page.getByText("64 %").first()).toBeVisible();
  await expect(page.getByRole("img", { name: /under greenhouse .*under row cover/ })).toBeVisible();
  await page.keyboard.press("Control+z");
  await expect(group(page, /greenhouse \+ row cover/)).toHaveCount(0);
});

test("the hour is pointed at by keys, and the section and the words follow", async ({ page }) => {
  await openShelters(page, 12);
  const hour = page.getByRole("slider", { name: "Hour looked at" });
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
    page.getByText(/Shut it would come to \d\d °C today: open it about \d+:\d\d/),
  ).toBeVisible();
  await page.getByRole("combobox", { name: "Worked" }).click();
  await page.getByRole("option", { name: "shut all day" }).click();
  await expect(page.getByRole("combobox", { name: "Worked" })).toContainText("shut all day");
});

test("a typed outlook of a hard freeze in September: soft plants are named first, with what to do", async ({
  page,
}) => {
  await page.goto("/place");
  await page.getByRole("button", { name: "Outlook", exact: true }).click();
  await page.getByRole("button", { name: "Type it by hand…" }).click();
  const form = page.getByRole("dialog", { name: "Outlook by hand" });
  for (const [day, low, high] of [
    ["Thu 24 Sept", "4", "14"],
    ["Fri 25 Sept", "-8", "4"],
  ] as const) {
    await form.getByRole("textbox", { name: `Low on ${day}` }).fill(low);
    await form.getByRole("textbox", { name: `High on ${day}` }).fill(high);
  }
  await form.getByRole("button", { name: "Keep it" }).click();
  await page.getByRole("link", { name: "Shelters" }).click();
  const night = page.getByRole("region", { name: "The night to come" });
  await expect(night).toContainText("They are soft after mild weeks");
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
  await page.getByRole("link", { name: "Shelters" }).click();
  await expect(page.getByText(/(Give the place|Add beds) first.*reckoned here/)).toBeVisible();
});
