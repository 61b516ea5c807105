import AxeBuilder from "@axe-core/playwright";
import { expect, test, type Page } from "@playwright/test";
import { EMPTY, knot, openPlan } from "./garden";

async function expectClean(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(
    violations.map(
      ({ id, nodes }) => `${id}: ${nodes.map((node) => node.target.join(" ")).join(" | ")}`,
    ),
  ).toEqual([]);
}

for (const [look, colorScheme] of [
  ["Day", "light"],
  ["Lamp", "dark"],
] as const) {
  test.describe(`axe finds nothing, in ${look}`, () => {
    test.use({ colorScheme });

    test("on Plan with a planting selected, and with a wish", async ({ page }) => {
      await openPlan(page);
      await knot(page, "Kale, curly, Bed 3").click();
      await expect(page.getByRole("complementary")).toBeVisible();
      await expectClean(page);
      await page.getByRole("button", { name: "I want…" }).click();
      await expect(
        page
          .getByRole("dialog")
          .getByRole("button", { name: /Plant it/ })
          .first(),
      ).toBeVisible();
      await page.waitForTimeout(400); // the dialog fades in; axe measures contrast
      await expectClean(page);
    });

    test("on Place, in the settings and the palette", async ({ page }) => {
      await page.goto("/place");
      await expect(page.getByTestId("short-days")).toBeVisible();
      await expectClean(page);
      await page.getByRole("button", { name: "Settings" }).click();
      await expect(page.getByRole("dialog")).toBeVisible();
      await page.waitForTimeout(400);
      await expectClean(page);
      await page.keyboard.press("Escape");
      await page.keyboard.press("Control+k");
      await expect(page.getByRole("combobox", { name: "Do or find" })).toBeFocused();
      await page.waitForTimeout(400);
      await expectClean(page);
    });

    test("in an empty browser", async ({ page }) => {
      await page.goto(`${EMPTY}/plan`);
      await expect(page.getByRole("heading", { name: "Harvest through winter" })).toBeVisible();
      await expectClean(page);
    });
  });
}

test("on a phone: nothing runs over the edge, and the inspector rises from below", async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openPlan(page);
  for (const path of ["/plan", "/place"]) {
    await page.goto(path);
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    const over = await page.evaluate(
      () => document.documentElement.scrollWidth - window.innerWidth,
    );
    expect(over).toBeLessThanOrEqual(0);
  }
  await page.goto("/plan");
  await knot(page, "Kale, curly, Bed 3").click();
  await expect(page.getByText("from sowing", { exact: true })).toBeInViewport();
  await expectClean(page);
});
