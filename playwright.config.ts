import { defineConfig } from "@playwright/test";
import { DEMO_PORT, EMPTY_PORT } from "./tests/e2e/ports";
import { browserPath } from "./scripts/browser.mjs";

// The browser starts pages of its own, out of sight, for each new window (the address bar's list):
// a second of processor time in every test. Given again with what the runner itself turns off,
// since the browser takes the last such list alone.
const TURNED_OFF = [
  "AvoidUnnecessaryBeforeUnloadCheckSync",
  "DestroyProfileOnBrowserClose",
  "HttpsUpgrades",
  "HttpsFirstBalancedModeAutoEnable",
  "LensOverlay",
  "MediaRouter",
  "PaintHolding",
  "ThirdPartyStoragePartitioning",
  "AvoidCorsURLLoaderRestartOnRedirect",
  "OptimizationHints",
  "NetworkTimeServiceQuerying",
  "AimEnabled",
  "PreconnectToSearch",
  "PreloadTopChromeWebUI",
  "WebUIOmniboxPopup",
  "WebUIOmniboxAimPopup",
];

/** Whoever writes tests leaves the two running, and looks at what is built. */
const reuseExistingServer = process.env.REUSE_SERVERS === "1";

/** Two servers of the same build: one starts with the demo garden, one empty. */
export default defineConfig({
  testDir: "tests/e2e",
  projects: [
    { name: "views", teardown: "policy" },
    // After all the others: what their browsers were kept from.
    { name: "policy", testMatch: "policy.last.ts" },
  ],
  fullyParallel: true,
  workers: 2,
  retries: 0,
  // Long enough for a machine that is busy with other things: a test that passes waits no longer for it.
  timeout: 240_000,
  expect: { timeout: 60_000 },
  use: {
    baseURL: `http://localhost:${DEMO_PORT}`,
    viewport: { width: 1280, height: 800 },
    locale: "en-GB",
    // The program kept in the browser is what offline.spec.ts is about; the others are served anew.
    serviceWorkers: "block",
    // What fades and slides is drawn frame by frame without a graphics card: half of the tests' time.
    contextOptions: { reducedMotion: "reduce" },
    launchOptions: {
      executablePath: browserPath(),
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
        `--disable-features=${TURNED_OFF.join(",")}`,
        // A page lives seconds here: compiling its code again and again, faster each time, never pays.
        "--js-flags=--no-turbofan,--invocation-count-for-maglev=1000,--min-semi-space-size=64",
      ],
    },
  },
  webServer: [
    {
      command: `node scripts/demo.mjs --hears-reports --port ${DEMO_PORT}`,
      url: `http://localhost:${DEMO_PORT}/plan`,
      timeout: 240_000,
      reuseExistingServer,
    },
    {
      command: `node scripts/demo.mjs --hears-reports --empty --port ${EMPTY_PORT}`,
      url: `http://localhost:${EMPTY_PORT}/plan`,
      timeout: 240_000,
      reuseExistingServer,
    },
  ],
});
