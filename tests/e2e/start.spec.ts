import { expect, type Page } from "@playwright/test";
import { expectClean } from "./axe";
import { test } from "./garden";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { plan as planWords } from "@/words/en/plan";
import { shell as shellWords } from "@/words/en/shell";
import { waiting as waitingWords } from "@/words/en/waiting";

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

/** Lets a database of the browser's answer only once the page says so; the names are those it keeps back. */
async function holdBack(page: Page, ...names: string[]): Promise<void> {
  await page.addInitScript((held) => {
    const { open } = IDBFactory.prototype;
    const waiting: (() => void)[] = [];
    Reflect.set(window, "letGo", () => waiting.forEach((go) => go()));
    IDBFactory.prototype.open = function (name, version) {
      const asked = open.call(this, name, version);
      if (!held.includes(name)) return asked;
      asked.addEventListener(
        "success",
        (event) => {
          event.stopImmediatePropagation();
          waiting.push(() => {
            asked.dispatchEvent(new Event("success"));
          });
        },
        { once: true },
      );
      return asked;
    };
  }, names);
}

test("a browser that is slow to hand over the garden is said to be, and what is only kept for speed is not waited for", async ({
  context,
  page,
}) => {
  await page.goto("/plan");
  await expect(page.getByRole("heading", { name: planWords.plan, level: 1 })).toBeVisible();
  const withoutSpeed = await context.newPage();
  await holdBack(withoutSpeed, DEVICE);
  await withoutSpeed.goto("/plan");
  await expect(withoutSpeed.getByRole("heading", { name: planWords.plan, level: 1 })).toBeVisible();
  await withoutSpeed.close();

  const held = await context.newPage();
  await held.clock.install();
  await holdBack(held, "late-ember");
  await held.goto("/plan");
  await expect(held.getByRole("status", { name: waitingWords.openingTheGarden })).toBeVisible();
  await held.clock.fastForward(10_000);
  const slow = held.getByRole("heading", { name: waitingWords.theGardenTakesLongToOpen });
  await expect(slow).toBeVisible();
  await expectClean(held);
  await held.evaluate(() => (Reflect.get(window, "letGo") as () => void)());
  await expect(held.getByRole("heading", { name: planWords.plan, level: 1 })).toBeVisible();
  await expect(slow).toBeHidden();
});

test("where the sample garden cannot be had at the start it is said, and the next start has it", async ({
  page,
}) => {
  let isOut = true;
  await page.route("/api/start", (route) =>
    isOut ? route.fulfill({ status: 200, body: "not what was asked for" }) : route.continue(),
  );
  await page.goto("/today");
  await expect(
    page.getByRole("heading", { name: gardenFileWords.harvestThroughWinter }),
  ).toBeVisible();
  isOut = false;
  await page.reload();
  await expect(page.getByRole("heading", { name: shellWords.today, level: 1 })).toBeVisible();
});
