/**
 * What British growers call and spell otherwise, American on the left. Longer ones come first.
 * Source: Royal Horticultural Society and USDA plant names in common use; Oxford spelling.
 */
const BRITISH: readonly (readonly [american: string, british: string])[] = [
  ["fava bean", "broad bean"],
  ["lima bean", "butter bean"],
  ["napa cabbage", "Chinese leaf"],
  ["swiss chard", "chard"],
  ["green onion", "spring onion"],
  ["scallion", "spring onion"],
  ["arugula", "rocket"],
  ["cilantro", "coriander"],
  ["eggplant", "aubergine"],
  ["rutabaga", "swede"],
  ["zucchini", "courgette"],
  ["mâche", "corn salad"],
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
