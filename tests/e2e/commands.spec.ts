import { spawn, spawnSync } from "node:child_process";
import { createServer } from "node:net";
import { expect } from "@playwright/test";
import { test, COMMONS } from "./garden";
import { beds as bedsWords } from "@/words/en/beds";

const EMBER = ["run", "--silent", "ember", "--"];

test("the headless command is a program like others: output, exit code, a reader that leaves early", () => {
  const good = spawnSync("npm", [...EMBER, "check", COMMONS], { encoding: "utf8" });
  expect(good.status).toBe(0);
  expect(JSON.parse(good.stdout)).toMatchObject({ ok: true });
  const bad = spawnSync("npm", [...EMBER, bedsWords.ready2, "--garden", COMMONS], {
    encoding: "utf8",
  });
  expect(bad.status).toBe(2);
  expect(bad.stdout).toBe("");
  expect(bad.stderr).toContain("--sow is missing.");
  const piped = spawnSync(
    "sh",
    ["-c", `npm ${EMBER.join(" ")} sun --lat 47 --from 1950-01-01 --to 2049-12-31 | head -n 3`],
    { encoding: "utf8" },
  );
  expect(piped.stdout).toContain('"days"');
  expect(piped.stderr).not.toContain("Error");
});

test("a busy port is told, and the next one is taken", async ({ page }) => {
  const port = 4791;
  const busy = createServer();
  await new Promise<void>((resolve) => busy.listen(port, resolve));
  const commons = spawn(process.execPath, ["scripts/demo.mjs", "--port", String(port)]);
  try {
    let said = "";
    commons.stdout.on("data", (chunk: Buffer) => (said += chunk.toString()));
    await expect.poll(() => said, { timeout: 60_000 }).toContain(`http://localhost:${port + 1}`);
    expect(said).toContain(`Port ${port} is in use; trying ${port + 1}.`);
    await page.goto(`http://localhost:${port + 1}/`);
    await expect(page.getByText("Tarnholt Commons")).toBeVisible();
  } finally {
    commons.kill("SIGTERM");
    busy.close();
  }
});
