// `npm run words`: every sentence stands in a table of `src/words/en`, so that it can be corrected or
// translated in one place. The core says none: it gives facts.
import { readFileSync } from "node:fs";
import { execFileSync } from "node:child_process";
import ts from "typescript";

/** Where the core holds English: what is read in, what was kept by earlier versions, names it gives. */
const ENGLISH_IN_CORE: Readonly<Record<string, string>> = {
  "src/core/logbook/clause.ts": "what growers type into the log",
  "src/core/logbook/lineDates.ts": "what growers type into the log",
  "src/core/logbook/names.ts": "what growers type into the log",
  "src/core/logbook/vocabulary.ts": "what growers type into the log",
  "src/core/gardenFile/migrations.ts": "what earlier versions kept",
  "src/core/garden/garden.ts": "the name of a new garden",
  "src/core/formats/geoJsonIn.ts": "the name of a new bed",
  "src/core/bedSpace/occupancy.ts": "the name of a rest beside plantings",
  "src/core/plantings/growing.ts": "the name of a planting",
  "src/core/formats/calendarFile.ts": "the program's name in a file",
  "src/core/fill/fillModel.ts": "key words of the LP format",
  "src/core/derive/keepEqual.ts": "kinds of objects",
};
/** Little words between names and numbers that are put together where they are shown. */
const MOST_IN_INTERFACE = 3;

/** Where English may stand: page titles are made beforehand, faults are for developers. */
const ALLOWED_FILES = /^src\/(app\/|words\/|derive\/deriver\.ts)/;

/** Texts for machines: style sheets, selectors, lists of codes, scripts that stand in a page. */
const FOR_MACHINES =
  /^use client$|^\(function\(\)|^Late Ember$|^Ctrl K$|^plant out$|^stands until$|^@media|^"top|gradient\(|var\(--|^[&*.#]|\b\d*\.?\d+(px|fr|mm|em)\b|^\d+ \/ span|^\(pointer|^color-mix|^calc|^(translate|repeat|minmax|min|layout style)\b|system-ui|Georgia|^button:not|^(?:[A-Z]{2} )+[A-Z]{2}$|^span \d/;

interface Found {
  file: string;
  line: number;
  text: string;
}

const files = execFileSync("git", ["ls-files", "-co", "--exclude-standard", "src"], {
  encoding: "utf8",
})
  .split("\n")
  .filter((file) => /\.tsx?$/.test(file) && !/\.(test|testdata)\./.test(file));

const inCore: Found[] = [];
const inInterface: Found[] = [];
for (const file of files) {
  if (ALLOWED_FILES.test(file)) continue;
  if (file.startsWith("src/core/")) {
    if (!(file in ENGLISH_IN_CORE)) inCore.push(...proseIn(file));
  } else inInterface.push(...proseIn(file));
}
for (const { file, line, text } of inCore) {
  console.error(`${file}:${line}: “${text}” should be a fact, told by src/words/en/facts.`);
}
for (const { file, line, text } of inInterface) {
  console.error(`${file}:${line}: “${text}” belongs into a table of src/words/en.`);
}
console.log(
  `Sentences outside the tables: ${inInterface.length} in the interface (${MOST_IN_INTERFACE} at most), ` +
    `${inCore.length} in the core (none).`,
);
process.exitCode = inInterface.length > MOST_IN_INTERFACE || inCore.length > 0 ? 1 : 0;

/** The texts of a file that read like something said: two words at least. */
function proseIn(file: string): Found[] {
  const source = readFileSync(file, "utf8");
  const kind = file.endsWith("x") ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
  const tree = ts.createSourceFile(file, source, ts.ScriptTarget.ES2022, true, kind);
  const found: Found[] = [];
  const look = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isThrowStatement(node)) return;
    if (ts.isNewExpression(node) && /Error|RegExp/.test(node.expression.getText())) return;
    const text = textOf(node);
    if (text !== null && /[A-Za-z]{2,}[,;:.]? [A-Za-z{]|\} [a-z]{2,}/.test(text)) {
      const { line } = tree.getLineAndCharacterOfPosition(node.getStart());
      if (!FOR_MACHINES.test(text.trim())) found.push({ file, line: line + 1, text });
    }
    ts.forEachChild(node, look);
  };
  look(tree);
  return found;
}

function textOf(node: ts.Node): string | null {
  if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) return node.text;
  if (ts.isJsxText(node)) return node.text.replace(/\s+/g, " ").trim();
  if (!ts.isTemplateExpression(node)) return null;
  return node.head.text + node.templateSpans.map(({ literal }) => `{}${literal.text}`).join("");
}
