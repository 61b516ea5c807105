/**
 * Which room may lean on which: app -> features -> ui, store, workers -> core -> data.
 * The build fails when an arrow points the other way.
 */
const onlyThroughIndex = (room) => ({
  name: `${room}-through-its-index`,
  comment: `A module of src/${room} is used through its index.ts, not by reaching into its files.`,
  severity: "error",
  from: { path: "^(src|tests|scripts)/", pathNot: "\\.test\\.tsx?$" },
  to: { path: `^src/${room}/[^/]+/.+`, pathNot: `^src/${room}/[^/]+/index\\.tsx?$` },
});

module.exports = {
  forbidden: [
    { name: "no-circles", severity: "error", from: {}, to: { circular: true } },
    {
      name: "core-stands-alone",
      comment: "The computing core imports the core, its data, Zod and small pure libraries only.",
      severity: "error",
      from: { path: "^src/core/", pathNot: "\\.(test|testdata)\\.ts$" },
      to: {
        pathNot: [
          "^src/core/",
          "^data/",
          "^node_modules/(zod|ical\\.js|papaparse|@types/papaparse|@leeoniya/ufuzzy)/",
        ],
      },
    },
    {
      name: "store-and-ui-lean-on-core-only",
      severity: "error",
      from: { path: "^src/(store|workers)/" },
      to: { path: "^src/(ui|features|app|cli|station)/" },
    },
    {
      name: "the-solver-knows-nothing",
      comment: "It is given a programme as text.",
      severity: "error",
      from: { path: "^src/solver/" },
      to: { path: "^src/" },
    },
    {
      name: "joining-knows-the-core",
      comment: "Two gardens in, one out; the engine is known here alone.",
      severity: "error",
      from: { path: "^src/joining/" },
      to: { path: "^src/(ui|store|words|features|app|cli|workers|derive)/" },
    },
    {
      name: "only-joining-knows-its-engine",
      severity: "error",
      from: { path: "^src/", pathNot: "^src/joining/" },
      to: { path: "^node_modules/@automerge/" },
    },
    {
      name: "the-service-worker-knows-nothing",
      comment: "It hands out what a version is made of, and never touches a garden.",
      severity: "error",
      from: { path: "^src/offline/" },
      to: { path: "^src/", pathNot: "^src/offline/" },
    },
    {
      name: "words-lean-on-core-only",
      severity: "error",
      from: { path: "^src/words/" },
      to: { path: "^src/(ui|store|workers|derive|features|app|cli|station)/" },
    },
    {
      name: "what-is-derived-knows-no-view",
      severity: "error",
      from: { path: "^src/derive/" },
      to: { path: "^src/(ui|features|app|cli|station)/" },
    },
    {
      name: "ui-knows-no-view",
      severity: "error",
      from: { path: "^src/ui/" },
      to: { path: "^src/(features|app|cli|workers)/" },
    },
    {
      name: "features-know-no-route",
      severity: "error",
      from: { path: "^src/features/" },
      to: { path: "^src/(app|cli)/" },
    },
    {
      name: "features-do-not-know-each-other",
      comment: "The shell and the view of seedlings are put together of other rooms; see below.",
      severity: "error",
      from: { path: "^src/features/([^/]+)/", pathNot: "^src/features/(shell|seedlings)/" },
      to: { path: "^src/features/([^/]+)/", pathNot: "^src/features/$1/" },
    },
    {
      name: "the-shell-is-put-together-of-these",
      severity: "error",
      from: { path: "^src/features/shell/" },
      to: {
        path: "^src/features/",
        pathNot: "^src/features/(shell|gardenFile|offline|planting|quickLog|growingNow)/",
      },
    },
    {
      name: "seedlings-are-put-together-of-these",
      severity: "error",
      from: { path: "^src/features/seedlings/" },
      to: {
        path: "^src/features/",
        pathNot: "^src/features/(seedlings|trays|seedBox|seedSaving|crops)/",
      },
    },
    {
      name: "app-is-thin",
      comment: "Routes compose features; they do not compute.",
      severity: "error",
      from: { path: "^src/app/" },
      to: { path: "^src/(core|cli)/" },
    },
    {
      name: "the-station-is-outside",
      comment: "The simulated station knows the core; nothing but its routes knows the station.",
      severity: "error",
      from: { path: "^src/", pathNot: "^src/(station|app/api/station)/" },
      to: { path: "^src/station/" },
    },
    {
      name: "the-station-leans-on-core-only",
      severity: "error",
      from: { path: "^src/station/" },
      to: { path: "^src/(ui|store|workers|features|app|cli)/" },
    },
    {
      name: "cli-is-headless",
      severity: "error",
      from: { path: "^src/cli/" },
      to: { path: ["^src/(ui|store|features|app|workers)/", "^node_modules/(react|next|@mui)"] },
    },
    {
      name: "only-the-store-knows-the-database",
      severity: "error",
      from: { path: "^src/", pathNot: "^src/store/" },
      to: { path: "^node_modules/(idb|fake-indexeddb)/" },
    },
    { name: "no-loose-ends", severity: "error", from: {}, to: { couldNotResolve: true } },
    {
      ...onlyThroughIndex("core"),
      from: { path: "^src/core/([^/]+)/", pathNot: "\\.(test|testdata)\\.ts$" },
      to: { path: "^src/core/[^/]+/.+", pathNot: ["^src/core/$1/", "^src/core/[^/]+/index\\.ts$"] },
    },
    {
      ...onlyThroughIndex("core"),
      name: "core-from-outside-through-its-index",
      from: { path: "^(src|tests|scripts)/", pathNot: ["^src/core/"] },
      // What tests share is no part of the program.
      to: {
        path: "^src/core/[^/]+/.+",
        pathNot: ["^src/core/[^/]+/index\\.tsx?$", "\\.testdata\\.(ts|json)$"],
      },
    },
    {
      ...onlyThroughIndex("features"),
      from: { path: "^src/app/" },
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "node", "default", "types"],
      extensions: [".ts", ".tsx", ".js", ".mjs", ".cjs", ".json"],
    },
  },
};
