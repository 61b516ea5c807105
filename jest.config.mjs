/** Unit tests stand beside their code. */
const config = {
  testEnvironment: "node",
  // How many times more often than usual some properties are tried.
  globals: { TIMES_MORE: Number(process.env.TIMES_MORE ?? 1) },
  // By itself Jest leaves a core idle, which is half of a small machine.
  maxWorkers: "100%",
  roots: ["<rootDir>/src", "<rootDir>/data", "<rootDir>/tests/practice"],
  transform: {
    "^.+\\.(tsx?|mjs|js)$": [
      "@swc/jest",
      {
        jsc: {
          parser: { syntax: "typescript", tsx: true },
          transform: { react: { runtime: "automatic" } },
          target: "es2022",
        },
      },
    ],
  },
  // These come as ES modules only.
  transformIgnorePatterns: ["node_modules/(?!(d3-[a-z-]+|internmap|@noble/hashes)/)"],
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/src/$1", "^@data/(.*)$": "<rootDir>/data/$1" },
};

export default config;
