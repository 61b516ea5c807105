import { expect, type Page } from "@playwright/test";
import { test } from "./garden";
import { shell as shellWords } from "@/words/en/shell";

/** What the last visit had worked out, kept beside the garden. */
interface Kept {
  revision: number;
  answers: { value: { id: string }[] }[];
}

const DEVICE = "late-ember-device";

function kept(page: Page): Promise<Kept | null> {
  return page.evaluate(
    (name) =>
      new Promise<Kept | null>((resolve) => {
        const opening = indexedDB.open(name);
        opening.onsuccess = () => {
          const database = opening.result;
          if (!database.objectStoreNames.contains("kept")) {
            database.close();
            return resolve(null);
          }
          const asked = database.transaction("kept").objectStore("kept").get("start");
          asked.onsuccess = () => {
            database.close();
            resolve((asked.result as Kept | undefined) ?? null);
          };
        };
      }),
    DEVICE,
  );
}

function keep(page: Page, value: Kept): Promise<void> {
  return page.evaluate(
    ([name, start]) =>
      new Promise<void>((resolve) => {
        const opening = indexedDB.open(name);
        opening.onsuccess = () => {
          const writing = opening.result.transaction("kept", "readwrite");
          writing.objectStore("kept").put(start, "start");
          writing.oncomplete = () => {
            opening.result.close();
            resolve();
          };
        };
      }),
    [DEVICE, value] as const,
  );
}

test("a later visit begins with what the last one had worked out, of the same garden only", async ({
  context,
  page,
}) => {
  const done = page.getByRole("button", { name: /^Done: / });
  const heading = page.getByRole("heading", { name: shellWords.today, level: 1 });
  await page.goto("/today");
  await expect(heading).toBeVisible();
  await expect.poll(async () => (await kept(page))?.answers.length).toBe(2);
  const start = (await kept(page)) as Kept;
  // Only one task is left in what is kept, and the worker that would put it right never answers.
  const fewer = start.answers.map((answer) => ({ ...answer, value: answer.value.slice(0, 1) }));
  await keep(page, { ...start, answers: fewer });
  await context.addInitScript(() => {
    window.Worker = class extends EventTarget {
      postMessage = () => undefined;
      terminate = () => undefined;
    } as unknown as typeof Worker;
  });
  const later = await context.newPage();
  await later.goto("/today");
  await expect(later.getByRole("button", { name: /^Done: / })).toHaveCount(1);
  await later.close();
  // Of another state of the garden nothing is taken.
  await keep(page, { ...start, revision: start.revision - 1, answers: fewer });
  await page.reload();
  await expect(heading).toBeVisible();
  await expect.poll(() => done.count()).toBeGreaterThan(1);
});
