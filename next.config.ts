import type { NextConfig } from "next";

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
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
    },
  },
  // The published schema and the demo garden are read by other programs too.
  async headers() {
    return [
      {
        source: "/:path*",
        headers: [
          { key: "X-Content-Type-Options", value: "nosniff" },
          { key: "Referrer-Policy", value: "no-referrer" },
        ],
      },
    ];
  },
};

export default config;
