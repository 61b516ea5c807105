/** Unit tests stand beside their code. Those that need a browser-like world say so in a docblock. */
const config = {
  testEnvironment: "node",
  roots: ["<rootDir>/src", "<rootDir>/data"],
  transform: {
    "^.+\\.tsx?$": [
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
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/src/$1", "^@data/(.*)$": "<rootDir>/data/$1" },
};

export default config;
