import { expect } from "@playwright/test";
import { openPlan, test } from "./garden";
import { beds as bedsWords } from "@/words/en/beds";
import { logbook as logbookWords } from "@/words/en/logbook";
import { plan as planWords } from "@/words/en/plan";
import { shell as shellWords } from "@/words/en/shell";

const pane = { name: /^Bed 9$/ };

test("the address tells what is looked at: kept, sent on, and come back to", async ({
  page,
  context,
}) => {
  await openPlan(page);
  await page.goto("/beds?on=2026-11-10&bed=bed-9&part=soil");
  await expect(page.getByRole("complementary", pane)).toBeVisible();
  await expect(page.getByRole("tab", { name: bedsWords.soil })).toHaveAttribute(
    "aria-selected",
    "true",
  );
  await expect(page.getByText("Tuesday 10 November")).toBeVisible();
  // Another part, and back to the one before; then a reload finds the same.
  await page.getByRole("tab", { name: bedsWords.freeSpace }).click();
  await expect(page).toHaveURL(/part=fill/);
  await page.goBack();
  await expect(page.getByRole("tab", { name: bedsWords.soil })).toHaveAttribute(
    "aria-selected",
    "true",
  );
  await page.reload();
  await expect(page.getByRole("tab", { name: bedsWords.soil })).toHaveAttribute(
    "aria-selected",
    "true",
  );
  // Sent to another tab it shows the same.
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByRole("complementary", pane)).toBeVisible();
  await expect(other.getByText("Tuesday 10 November")).toBeVisible();
});

test("the back button closes what was opened and then leaves the view", async ({ page }) => {
  await openPlan(page);
  await page.getByRole("link", { name: logbookWords.logbook }).click();
  await expect(page.getByRole("heading", { name: logbookWords.logbook, level: 1 })).toBeVisible();
  await page.getByRole("button", { name: shellWords.settings, exact: true }).click();
  await expect(page).toHaveURL(/dialog=settings/);
  await expect(page.getByRole("dialog", { name: shellWords.settings })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole("dialog", { name: shellWords.settings })).toBeHidden();
  await expect(page.getByRole("heading", { name: logbookWords.logbook, level: 1 })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole("heading", { name: planWords.plan, level: 1 })).toBeVisible();
});

test("an address that says what is not there opens the view all the same", async ({ page }) => {
  await openPlan(page);
  await page.goto("/beds?bed=gone&part=roof&on=yesterday&dialog=bomb");
  await expect(page.getByRole("heading", { name: bedsWords.beds, level: 1 })).toBeVisible();
  await expect(page).not.toHaveURL(/roof|yesterday|bomb/);
});
