import nextVitals from "eslint-config-next/core-web-vitals";
import tseslint from "typescript-eslint";

const config = [
  { ignores: [".next/**", "node_modules/**", "next-env.d.ts", "test-results/**", "public/**"] },
  ...nextVitals,
  ...tseslint.configs.strict,
  {
    files: ["**/*.{ts,tsx}"],
    rules: {
      "@typescript-eslint/no-non-null-assertion": "error",
      "@typescript-eslint/consistent-type-imports": "error",
      // Taking some fields out of an object names them without using them.
      "@typescript-eslint/no-unused-vars": ["error", { ignoreRestSiblings: true }],
      "no-console": "error",
      eqeqeq: "error",
    },
  },
  {
    // The core is the same everywhere and every time: no clock, no dice, no browser.
    files: ["src/core/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      "no-restricted-globals": [
        "error",
        "Date",
        "window",
        "document",
        "fetch",
        "localStorage",
        "navigator",
        "process",
      ],
      "no-restricted-properties": [
        "error",
        { object: "Math", property: "random", message: "Use a seeded generator." },
      ],
    },
  },
  { files: ["src/cli/**/*.ts", "tests/**/*.ts", "scripts/**"], rules: { "no-console": "off" } },
];

export default config;
