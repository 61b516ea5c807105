import AxeBuilder from "@axe-core/playwright";
import { expect, type Page } from "@playwright/test";

/** Axe finds nothing wrong with what is shown. */
export async function expectClean(page: Page): Promise<void> {
  const axe = new AxeBuilder({ page });
  // Both looks draw the same parts: by lamplight only their colours are another matter.
  const isLamp = (await page.locator("html").getAttribute("data-theme")) === "dark";
  const { violations } = await (isLamp ? axe.withRules(["color-contrast"]) : axe).analyze();
  expect(
    violations.map(
      ({ id, nodes }) => `${id}: ${nodes.map((node) => node.target.join(" ")).join(" | ")}`,
    ),
  ).toEqual([]);
}
