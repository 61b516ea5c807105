import { gzipSync } from "node:zlib";
import type { Response } from "@playwright/test";
import { withDemo } from "./serve";
import { report } from "./timing";

const PORT = 4751;

/** Script that the first view asks for, gzipped, from a real browser on the real build. */
export async function benchFirstView(): Promise<void> {
  await withDemo(PORT, async (page, address) => {
    await page.route("**/*", (route) => route.continue()); // keeps the browser's cache out of it
    for (const visit of ["first visit, which also checks in the demo garden", "later visit"]) {
      const scripts: Promise<number>[] = [];
      const count = (response: Response) => {
        if (response.request().resourceType() !== "script") return;
        scripts.push(response.body().then((body) => gzipSync(body).length));
      };
      // What an earlier page still fetches while it rests is not of this one.
      await page.goto("about:blank");
      page.on("response", count);
      await page.goto(`${address}/plan`);
      // Until the view is drawn: what is fetched afterwards, while the page rests, nobody waits for.
      await page.locator(".knot").first().waitFor();
      page.off("response", count);
      // The outlook is kept after its answer has come: a later visit must not fetch it again.
      await page.waitForTimeout(1500);
      const bytes = (await Promise.all(scripts)).reduce((sum, size) => sum + size, 0);
      report(`script of the first view (${visit}), gzipped`, bytes / 1000, 300, "kB");
    }
  });
}
