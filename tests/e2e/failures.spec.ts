import { expect, type Page } from "@playwright/test";
import { gardenMenu, importFile, knot, openPlan, test, textOf } from "./garden";
import type { GardenFile } from "@/core/gardenFile";
import { fill as fillWords } from "@/words/en/fill";
import { gardenFile as gardenFileWords } from "@/words/en/gardenFile";
import { imports as importsWords } from "@/words/en/imports";
import { joining as joiningWords } from "@/words/en/joining";
import { keeping as keepingWords } from "@/words/en/keeping";
import { larder as larderWords } from "@/words/en/larder";
import { plan as planWords } from "@/words/en/plan";
import { place as placeWords } from "@/words/en/place";
import { lessonTitles, practise as practiseWords } from "@/words/en/practise";
import { rehearse as rehearseWords } from "@/words/en/rehearse";
import { shell as shellWords } from "@/words/en/shell";
import { store as storeWords } from "@/words/en/store";
import { ui as uiWords } from "@/words/en/ui";
import { waiting as waitingWords } from "@/words/en/waiting";

/** Moves the spinach of bed 7 a day on, by its knot. */
async function move(page: Page): Promise<string | null> {
  const spinach = knot(page, "Spinach, winter type, Bed 7");
  await spinach.focus();
  await page.keyboard.press("ArrowRight");
  return spinach.getAttribute("aria-valuetext");
}

/** What the knot tells; also where something stands over it, so that it is not to be reached. */
const valueOf = (page: Page) =>
  page.locator('[data-planting="planting-07"] .knot').getAttribute("aria-valuetext");

/** The way on that every notice about storage gives. */
async function savedFile(page: Page): Promise<GardenFile> {
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: importsWords.saveAsAFile }).click();
  return JSON.parse(await textOf(await download)) as GardenFile;
}

/** Chooses a file of this garden, as from another device. */
async function chooseToJoin(page: Page, text: string): Promise<void> {
  const chooser = page.waitForEvent("filechooser");
  await gardenMenu(page, joiningWords.joinAnotherDevicesFile);
  const file = { name: "tablet.json", mimeType: "application/json", buffer: Buffer.from(text) };
  await (await chooser).setFiles(file);
}

for (const [what, name, words] of [
  ["the disk is full", "QuotaExceededError", storeWords.storageIsFullSoThisChangeWasNot],
  ["the database is closed", "InvalidStateError", storeWords.thisChangeCouldNotBeSavedSaveThe],
  ["the disk fails", "UnknownError", storeWords.thisChangeCouldNotBeSavedSaveThe],
] as const) {
  test(`${what} in the middle of the work: it is said, nothing is half-changed, and a file can be saved`, async ({
    page,
  }) => {
    await page.addInitScript((error) => {
      const { transaction } = IDBDatabase.prototype;
      IDBDatabase.prototype.transaction = function (tables, mode, how) {
        if (mode === "readwrite" && Reflect.get(window, "isBroken") === true) {
          throw new DOMException("made to fail", error);
        }
        return transaction.call(this, tables, mode, how);
      };
    }, name);
    await openPlan(page);
    const before = await valueOf(page);
    await page.evaluate(() => Reflect.set(window, "isBroken", true));
    await move(page);
    await expect(page.getByRole("alert").filter({ hasText: words }).first()).toBeVisible();
    // What is on the screen is what is kept: the day before.
    await expect(knot(page, "Spinach, winter type, Bed 7")).toHaveAttribute(
      "aria-valuetext",
      before ?? "",
    );
    const file = await savedFile(page);
    expect(file.plantings.find(({ id }) => id === "planting-07")?.sowOn).toBe("2026-08-20");

    // Once there is room again, work goes on where it was.
    await page.evaluate(() => Reflect.set(window, "isBroken", false));
    await move(page);
    await expect(page.getByRole("button", { name: /^Undo moving spinach/i }).first()).toBeVisible();
    await page.reload();
    await expect(knot(page, "Spinach, winter type, Bed 7")).not.toHaveAttribute(
      "aria-valuetext",
      before ?? "",
    );
  });
}

test("where no worker starts everything is worked out on the page, and where one breaks it goes on", async ({
  page,
}) => {
  await page.addInitScript(() => {
    window.Worker = class extends EventTarget {
      constructor() {
        super();
        throw new DOMException("made to fail", "SecurityError");
      }
    } as unknown as typeof Worker;
  });
  await openPlan(page);
  const before = await valueOf(page);
  await move(page);
  await expect(knot(page, "Spinach, winter type, Bed 7")).not.toHaveAttribute(
    "aria-valuetext",
    before ?? "",
  );
  await page.goto("/today");
  await expect(page.getByRole("button", { name: /^Done: / }).first()).toBeVisible();
});

test("each worker that breaks is told where its work was asked for, and works when asked again", async ({
  page,
}) => {
  await page.addInitScript(() => {
    const { Worker: Whole } = window;
    window.Worker = class extends Whole {
      constructor(at: string | URL, how?: WorkerOptions) {
        super(Reflect.get(window, "isBroken") === true ? "/no-such-worker.js" : at, how);
      }
    };
  });
  const setBroken = (isBroken: boolean) =>
    page.evaluate((is) => Reflect.set(window, "isBroken", is), isBroken);
  const dialog = page.getByRole("dialog");

  await page.goto("/larder");
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await page.getByLabel(larderWords.people).fill("3");
  await page.getByRole("button", { name: larderWords.begin }).click();
  await setBroken(true);
  await page.getByRole("button", { name: fillWords.closeTheGaps }).click();
  await dialog.getByRole("button", { name: fillWords.search, exact: true }).click();
  await expect(dialog.getByRole("alert")).toHaveText(fillWords.failed);
  await setBroken(false);
  await dialog.getByRole("button", { name: fillWords.search, exact: true }).click();
  await expect(dialog.getByRole("button", { name: fillWords.stop })).toBeVisible();
  await page.keyboard.press("Escape");

  // A garden file, another device's file, a weather record.
  const download = page.waitForEvent("download");
  await gardenMenu(page, gardenFileWords.saveGardenFile);
  const text = await textOf(await download);
  await setBroken(true);
  await importFile(page, "garden.json", text);
  await expect(dialog).toContainText(importsWords.theFileCouldNotBeReadItMayHaveBeen);
  await page.keyboard.press("Escape");
  await chooseToJoin(page, text);
  await expect(dialog).toContainText(joiningWords.couldNotBeJoined);
  await page.keyboard.press("Escape");
  await setBroken(false);
  await chooseToJoin(page, text);
  await expect(dialog).toContainText(joiningWords.nothingNew);
  await page.keyboard.press("Escape");

  await page.getByRole("link", { name: shellWords.place, exact: true }).click();
  await page.getByRole("button", { name: placeWords.importAnother }).click();
  const record = { name: "days.csv", mimeType: "text/csv", buffer: Buffer.from("Day;Low\n") };
  await setBroken(true);
  await dialog.getByLabel(placeWords.weatherRecordFile).setInputFiles(record);
  await expect(dialog).toContainText(placeWords.theFileCouldNotBeReadItMayHaveBeen);
  await page.keyboard.press("Escape");

  await page.goto("/practise");
  const lesson = page.getByRole("button", {
    name: `${practiseWords.start}: ${lessonTitles.tooFewCovers}`,
  });
  await expect(lesson).toBeVisible();
  await setBroken(true);
  await lesson.click();
  await expect(page.getByRole("alert").filter({ hasText: practiseWords.broke })).toBeVisible();
  await setBroken(false);
  await page.getByRole("button", { name: practiseWords.toStart }).click();
  await lesson.click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(/^Dusk/);

  // Workers are got ready as soon as the view is open: broken there, they are begun anew.
  await page.goto("/plan");
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await setBroken(true);
  await page.getByRole("link", { name: planWords.rehearse }).click();
  await page.getByRole("button", { name: rehearseWords.start({ winters: 100 }) }).click();
  await expect(page.getByRole("alert").filter({ hasText: rehearseWords.brokenAll })).toBeVisible();
  await setBroken(false);
  await page.getByRole("button", { name: rehearseWords.again, exact: true }).click();
  await expect(page.getByRole("button", { name: /reaches a harvest in/ }).first()).toBeVisible();
});

test("whichever part of the program does not come at the start, it is said, with a way on", async ({
  context,
  page,
}) => {
  const asked = new Set<string>();
  page.on("request", (request) => {
    if (request.resourceType() === "script") asked.add(request.url());
  });
  await openPlan(page);
  // What the page itself names, and not what comes once the view is there.
  const first = await page.evaluate(
    () =>
      new Promise<string[]>((resolve) =>
        fetch("/plan")
          .then((answer) => answer.text())
          .then((html) =>
            resolve([...html.matchAll(/<script src="([^"]+)"/g)].map(([, src]) => src ?? "")),
          ),
      ),
  );
  const parts = [...asked].filter((url) => first.some((src) => src !== "" && url.endsWith(src)));
  expect(parts.length).toBeGreaterThan(10);
  // Every third of them: they are alike, and each is a visit.
  for (const part of parts.filter((_url, index) => index % 3 === 0)) {
    const visit = await context.newPage();
    await visit.route(part, (route) => route.abort());
    await visit.goto("/plan");
    const told = visit.getByRole("alert").filter({ hasText: waitingWords.couldNotStart });
    const drawn = knot(visit, "Broccoli, main crop, Bed 1");
    await expect(told.or(drawn).first()).toBeVisible();
    if (await told.isVisible()) {
      await visit.unroute(part);
      await told.getByRole("link", { name: uiWords.reloadThePage }).click();
      await expect(drawn).toBeVisible();
      await expect(told).toBeHidden();
    }
    await visit.close();
  }
  // What fails once is asked for again without a word.
  const visit = await context.newPage();
  let failed = 0;
  await visit.route(parts[0] ?? "", (route) => (failed++ === 0 ? route.abort() : route.continue()));
  await visit.goto("/plan");
  await expect(knot(visit, "Broccoli, main crop, Bed 1")).toBeVisible();
  expect(failed).toBe(2);
  await expect(visit.getByText(waitingWords.couldNotStart)).toBeHidden();
});

interface OpenedLater {
  what: string;
  open: (page: Page) => Promise<unknown>;
  /** What has to be there before. */
  first?: (page: Page) => Promise<unknown>;
}

const openMenu = (page: Page) =>
  page.getByRole("banner").getByRole("button", { expanded: false }).first().click();
const inMenu = (what: string): OpenedLater => ({
  what,
  first: async (page) => {
    await openMenu(page);
    await expect(page.getByRole("menuitem", { name: what })).toBeVisible();
  },
  open: (page) => page.getByRole("menuitem", { name: what }).click(),
});

/** What is opened from the plan, and how: each needs parts that its first view has not fetched. */
const OPENED_LATER: readonly OpenedLater[] = [
  { what: "the palette", open: (page) => page.keyboard.press("Control+k") },
  { what: "the log", open: (page) => page.keyboard.press("l") },
  { what: "help", open: (page) => page.keyboard.press("?") },
  {
    what: "the settings",
    open: (page) => page.getByRole("button", { name: shellWords.settings, exact: true }).click(),
  },
  {
    what: "a wish",
    open: (page) => page.getByRole("button", { name: planWords.iWant }).click(),
  },
  {
    what: "what can be sown",
    open: (page) => page.getByRole("button", { name: planWords.sowNow }).click(),
  },
  {
    what: "several",
    open: (page) => page.getByRole("button", { name: planWords.selectSeveral }).click(),
  },
  {
    what: "a planting",
    open: (page) => knot(page, "Spinach, winter type, Bed 7").press("Enter"),
  },
  { what: "a move", open: move },
  { what: "the menu", open: openMenu },
  inMenu(gardenFileWords.saveCalendarIcs),
  inMenu(gardenFileWords.saveGardenFile),
  inMenu(keepingWords.backups),
];

test("whatever cannot be fetched later is told where it was asked for, and the plan stands as it was", async ({
  context,
  page,
}) => {
  await openPlan(page);
  for (const { what, first, open } of OPENED_LATER) {
    const visit = await context.newPage();
    await openPlan(visit);
    await first?.(visit);
    const before = await valueOf(visit);
    // Whatever was fetched is at hand; everything else is out of reach.
    await visit.route(/\/_next\/static\/chunks\//, (route) => route.abort());
    await open(visit);
    const told = visit.getByText(storeWords.partOfLateEmberCouldNotBeLoadedSo).first();
    await expect(told, what).toBeVisible();
    // What was moved on the screen alone goes back.
    await expect.poll(() => valueOf(visit), what).toBe(before);
    await visit.close();
  }
});
