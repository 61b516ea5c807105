import { expect } from "@playwright/test";
import { EMPTY, test } from "./garden";
import { PLANTED } from "./planted";

test("a script that is not the program's own does not run, and no page can frame it", async ({
  page,
  request,
}) => {
  await page.goto(`${EMPTY}/today`);
  await expect(page.getByRole("navigation").first()).toBeVisible();
  const ran = await page.evaluate((planted) => {
    const script = document.createElement("script");
    script.textContent = `${planted} window.ran = true;`;
    document.body.append(script);
    return "ran" in window;
  }, PLANTED);
  expect(ran).toBe(false);
  await expect
    .poll(async () => (await request.get(`${EMPTY}/policy-reports`)).text())
    .toContain(PLANTED);
  const headers = (await request.get(`${EMPTY}/plan`)).headers();
  expect(headers["content-security-policy"]).toMatch(/script-src 'self'[^;]*'sha256-/);
  expect(headers["content-security-policy"]).not.toMatch(/script-src[^;]*unsafe-inline/);
  expect(headers["content-security-policy"]).toContain("frame-ancestors 'none'");
  expect(headers).toMatchObject({
    "x-content-type-options": "nosniff",
    "referrer-policy": "no-referrer",
    "cross-origin-opener-policy": "same-origin",
    "cache-control": "no-cache",
  });
  expect(headers["permissions-policy"]).toContain("geolocation=()");
});

test("what has its content in its name is kept for long, and a page that is not there is no page", async ({
  request,
}) => {
  const html = await (await request.get(`${EMPTY}/today`)).text();
  const [chunk = ""] = /\/_next\/static\/chunks\/[\w-]+\.js/.exec(html) ?? [];
  const answer = await request.get(`${EMPTY}${chunk}`);
  expect(answer.headers()["cache-control"]).toContain("immutable");
  expect((await request.get(`${EMPTY}/nowhere`)).status()).toBe(404);
});
