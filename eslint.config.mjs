import nextVitals from "eslint-config-next/core-web-vitals";
import tseslint from "typescript-eslint";

/** What is missing in some of the browsers and networks in which Late Ember has to work. */
const neverAsked = [
  {
    object: "crypto",
    property: "randomUUID",
    message: "It is missing over plain http: use newId of the store.",
  },
];

/** What a decimal comma breaks. */
const numberTraps = [
  {
    selector: 'JSXAttribute[name.name="type"][value.value="number"]',
    message: "A browser's number field drops a decimal comma: use NumberField of ui/forms.",
  },
  {
    selector: 'Property[key.name="valueAsNumber"]',
    message: "It is NaN after a decimal comma: use NumberField of ui/forms.",
  },
];

/** A planting's dates come from its state, so that every view and rule gives the same answer. */
const onePlantingState = {
  patterns: [
    {
      group: ["**/schedule", "**/schedule/index", "**/schedule/timeline"],
      importNames: ["timelineFrom"],
      message: "Ask plantingState, stateIfSown or timelineIfSown of core/plantings.",
    },
  ],
};

/** Every form is of one kind: its fields checked by a schema, half-typed ones left alone by other tabs. */
const oneFormKit = {
  paths: [
    {
      name: "react-hook-form",
      importNames: ["useForm"],
      message: "Use useFields or useKeptFields of ui/forms.",
    },
  ],
};

/** What is kept by hand goes stale by hand. */
const handKept = {
  selector: "NewExpression[callee.name='WeakMap']",
  message: "Use derive of core/derive: it keeps what was computed for the same inputs.",
};

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
      "no-restricted-properties": ["error", ...neverAsked],
      "no-restricted-syntax": ["error", ...numberTraps, handKept],
      "no-restricted-imports": ["error", { ...onePlantingState, ...oneFormKit }],
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
        ...neverAsked,
        { object: "Math", property: "random", message: "Use a seeded generator." },
      ],
    },
  },
  {
    files: ["src/{features,store,ui}/**/*.{ts,tsx}"],
    ignores: ["**/*.test.{ts,tsx}"],
    rules: {
      "no-restricted-syntax": [
        "error",
        ...numberTraps,
        handKept,
        {
          selector:
            "ImportExpression:not(CallExpression[callee.name=/^(lazyPart|whenNeeded)$/] ImportExpression)",
          message:
            "Load it with lazyPart or whenNeeded, so that it is there when the network ends.",
        },
      ],
    },
  },
  {
    files: ["src/core/schedule/**/*.ts", "src/core/plantings/plantingState.ts"],
    rules: { "no-restricted-imports": "off" },
  },
  { files: ["src/ui/forms/useFields.ts"], rules: { "no-restricted-imports": "off" } },
  { files: ["src/core/derive/derive.ts"], rules: { "no-restricted-syntax": "off" } },
  { files: ["src/cli/**/*.ts", "tests/**/*.ts", "scripts/**"], rules: { "no-console": "off" } },
  {
    // Compiled by AssemblyScript, which knows no imports of types alone.
    files: ["src/core/shelter/balance/assembly/**"],
    rules: { "@typescript-eslint/consistent-type-imports": "off" },
  },
];

export default config;
