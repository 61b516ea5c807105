/** Classes that the interface's library makes: by the key of its cache. */
const MADE = /\.(mui-[\w-]+)/g;

/**
 * The page's rules that elements go by: those of the classes that they and what is in them have, and those
 * of no class. Names of fonts and the like hold for the whole page anyway.
 */
export function rulesFor(elements: readonly Element[]): string {
  const classes = new Set(
    elements.flatMap((root) =>
      [root, ...root.querySelectorAll("[class]")].flatMap((one) => [...one.classList]),
    ),
  );
  return (
    [...document.styleSheets]
      .flatMap((sheet) => [...sheet.cssRules])
      .filter((rule) => isNeeded(rule, classes))
      // Chromium leaves out what a shorthand inherits where one of its parts is set as well.
      .map(({ cssText }) => cssText.replaceAll(/([\w-]+): ;/g, "$1: inherit;"))
      .join("\n")
  );
}

function isNeeded(rule: CSSRule, classes: ReadonlySet<string>): boolean {
  if (rule instanceof CSSStyleRule) {
    const made = [...rule.selectorText.matchAll(MADE)].map(([, name]) => name ?? "");
    if (made.length > 0) return made.some((name) => classes.has(name));
    return !/[.#]|:root/.test(rule.selectorText);
  }
  return (
    rule instanceof CSSGroupingRule && [...rule.cssRules].some((one) => isNeeded(one, classes))
  );
}
