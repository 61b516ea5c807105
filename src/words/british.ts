/**
 * What is spelled and said otherwise in Britain, American on the left; longer ones come first. Names
 * of crops are no matter of spelling: they come from the crop library.
 */
const BRITISH: readonly (readonly [american: string, british: string])[] = [
  ["gray", "grey"],
  ["color", "colour"],
  ["colored", "coloured"],
  ["mold", "mould"],
  ["plow", "plough"],
  ["fiber", "fibre"],
  ["favorite", "favourite"],
  ["in fall", "in autumn"],
  ["this fall", "this autumn"],
  ["fall and winter", "autumn and winter"],
];

const pattern = new RegExp(
  `\\b(${BRITISH.map(([american]) => american).join("|")})(e?s)?\\b`,
  "gi",
);
const known = new Map(BRITISH);

/** A sentence as it is said in Britain, and wherever English is spelled so. */
export function british(text: string): string {
  return text.replace(pattern, (_all, found: string, plural: string | undefined) => {
    const word = known.get(found.toLowerCase()) ?? found;
    const isCapital = found[0] !== found[0]?.toLowerCase();
    return (isCapital ? word.charAt(0).toUpperCase() + word.slice(1) : word) + (plural ?? "");
  });
}
