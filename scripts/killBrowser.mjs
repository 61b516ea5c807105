// Kills the browser in mid-write, again and again: what it had acknowledged must be there afterwards.
// `npm run killed -- http://localhost:4600 200`, with a server running.
import { spawn } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium } from "playwright-core";
import { browserPath } from "./browser.mjs";

const [address = "http://localhost:4600", times = "200"] = process.argv.slice(2);
/** It is killed so long after it began to write, ms. */
const [SOONEST_MS, LATEST_MS] = [500, 2500];

const profile = mkdtempSync(join(tmpdir(), "late-ember-killed-"));
/** Entries that the program said were kept, by their notes. */
const acknowledged = new Set();
let cut = 0;
let lost = 0;
for (let kill = 1; kill <= Number(times) + 1 && lost === 0; kill += 1) {
  const { child, browser } = await opened();
  const page = browser.contexts()[0]?.pages()[0] ?? (await browser.contexts()[0].newPage());
  await page.goto(`${address}/logbook`);
  await page.getByRole("heading", { level: 1, name: "Logbook" }).waitFor();
  const there = new Set(await page.evaluate(notesKept));
  lost = [...acknowledged].filter((mark) => !there.has(mark)).length;
  const writing = write(page, kill);
  const afterMs = SOONEST_MS + Math.random() * (LATEST_MS - SOONEST_MS);
  await new Promise((resolve) => setTimeout(resolve, afterMs));
  process.kill(-child.pid, "SIGKILL");
  await writing;
  await browser.close().catch(() => undefined);
  if (kill % 10 === 0)
    console.log(`${kill} kills, ${acknowledged.size} acknowledged, ${lost} lost`);
}
rmSync(profile, { recursive: true, force: true });
console.log(`${acknowledged.size} acknowledged, ${cut} cut off in mid-write, ${lost} lost`);
process.exit(lost > 0 ? 1 : 0);

/** A browser of its own process group, with the profile that outlives it. */
async function opened() {
  const child = spawn(
    browserPath(),
    [
      ...["--headless", "--no-sandbox", "--disable-gpu", "--no-first-run"],
      ...["--remote-debugging-port=0", `--user-data-dir=${profile}`, "about:blank"],
    ],
    { detached: true, stdio: ["ignore", "ignore", "pipe"] },
  );
  const endpoint = await new Promise((resolve, reject) => {
    let said = "";
    child.stderr.on("data", (chunk) => {
      said += chunk;
      const found = /ws:\/\/\S+/.exec(said);
      if (found) resolve(found[0]);
    });
    child.on("exit", () => reject(new Error(`The browser did not start: ${said}`)));
  });
  return { child, browser: await chromium.connectOverCDP(endpoint) };
}

/** Writes entry after entry, each once the one before was told as kept, until the browser is gone. */
async function write(page, kill) {
  try {
    for (let entry = 1; ; entry += 1) {
      const mark = `mark ${kill} ${entry}`;
      await page.keyboard.press("l");
      const dialog = page.getByRole("dialog");
      await dialog.getByRole("textbox").first().fill(mark);
      await dialog.getByRole("textbox").first().press("Enter");
      // The dialog closes when the store says that the entry is kept.
      await dialog.waitFor({ state: "detached" });
      acknowledged.add(mark);
    }
  } catch {
    cut += 1;
  }
}

/** The notes of the entries in the database, read past the program. */
function notesKept() {
  return new Promise((resolve, reject) => {
    const opening = indexedDB.open("late-ember");
    opening.onerror = () => reject(opening.error);
    opening.onsuccess = () => {
      const all = opening.result.transaction("entities").objectStore("entities").getAll();
      all.onsuccess = () => {
        opening.result.close();
        resolve(all.result.flatMap(({ note }) => (typeof note === "string" ? [note] : [])));
      };
    };
  });
}
