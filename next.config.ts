import type { NextConfig } from "next";

/** Nothing of the machine that Late Ember has no use for. */
const NOTHING_OF_THE_MACHINE = [
  "accelerometer",
  "camera",
  "display-capture",
  "geolocation",
  "gyroscope",
  "magnetometer",
  "microphone",
  "midi",
  "payment",
  "publickey-credentials-get",
  "usb",
]
  .map((feature) => `${feature}=()`)
  .join(", ");

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  // Empty where a program is still being written; see scripts/prepare.mjs.
  env: { LATE_EMBER_BUILD: process.env.LATE_EMBER_BUILD ?? "" },
  // The gate checks types by itself, beside the build: once is enough.
  typescript: { ignoreBuildErrors: true },
  experimental: {
    // Views are the same for a whole version: one that was fetched stays at hand where the network ends.
    staleTimes: { static: 31_536_000 },
  },
  turbopack: {
    rules: {
      // Not data/sources.json and data/crops/sources, which views show.
      "*.json": {
        condition: { all: [{ path: /(^|\/)data\// }, { not: { path: /sources/ } }] },
        loaders: [{ loader: "./scripts/withoutSources.cjs", options: {} }],
        as: "*.json",
      },
      "core.js": {
        condition: { path: /zod\/v4\/core\/core\.js$/ },
        loaders: [{ loader: "./scripts/uncompiledSchemas.cjs", options: {} }],
      },
    },
  },
  // What a page may load and run is said by the server (scripts/policy.mjs), which knows its scripts.
  async headers() {
    return [
      {
        source: "/:path*",
        headers: [
          { key: "X-Content-Type-Options", value: "nosniff" },
          { key: "Referrer-Policy", value: "no-referrer" },
          { key: "X-Frame-Options", value: "DENY" },
          { key: "Cross-Origin-Opener-Policy", value: "same-origin" },
          { key: "Permissions-Policy", value: NOTHING_OF_THE_MACHINE },
        ],
      },
      {
        // All but what has its content's hash in its name: a page is asked for anew each time.
        source: "/((?!_next/static/).*)",
        headers: [{ key: "Cache-Control", value: "no-cache" }],
      },
    ];
  },
};

export default config;
