/**
 * Has Zod read its schemas and not compile them: a page's policy lets no text become code, and each
 * try would be refused and reported. Put before the module that keeps Zod's settings.
 */
module.exports = function uncompiledSchemas(source) {
  return `globalThis.__zod_globalConfig ??= { jitless: true };\n${source}`;
};
