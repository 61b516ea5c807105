import type { Clause } from "./clause";

/**
 * Parts that say nothing by themselves belong to the one before: "12 broccoli plants, bought, bed 2"
 * is one thing that happened.
 */
export function withLooseParts(clauses: readonly Clause[]): Clause[] {
  const whole: Clause[] = [];
  for (const clause of clauses) {
    const before = whole.at(-1);
    if (before && isLoose(clause) && canTake(before, clause)) {
      before.bedId ??= clause.bedId;
      before.shelterId ??= clause.shelterId;
      before.day ??= clause.day;
      before.isBought ||= clause.isBought;
      before.text = `${before.text}, ${clause.text}`;
    } else whole.push(clause);
  }
  return whole;
}

/** Names nothing but a place, a day, or that the plants were bought. */
function isLoose(clause: Clause): boolean {
  const { deed, plainWork, crop, grams, count, tempC, pestId, share, rows, lengthM } = clause;
  const said = [deed, plainWork, crop, grams, count, tempC, pestId, share, rows, lengthM];
  const isPlaced = clause.bedId !== null || clause.shelterId !== null || clause.isBought;
  return isPlaced && said.every((one) => one === null) && clause.unknown.length === 0;
}

function canTake(before: Clause, { bedId, shelterId }: Clause): boolean {
  if (before.crop === null) return false;
  const isPlaced = before.bedId !== null || before.shelterId !== null;
  return !isPlaced || (bedId === null && shelterId === null);
}
