import type { ShoppingItem } from "../bedCare";
import type { Units } from "../units";
import { writeCsv } from "./csv";
import type { FileWords } from "./fileWords";

/** The shopping list as CSV, one thing a line. */
export function writeShoppingCsv(
  items: readonly ShoppingItem[],
  { tell }: FileWords,
  units: Units,
): string {
  const rows = items.map(({ item, litres, grams, firstOn, beds, notes }) => ({
    item: tell(item),
    litres: litres > 0 ? Math.round(litres) : "",
    grams: grams > 0 ? Math.round(grams) : "",
    first_on: firstOn,
    beds: beds.join("; "),
    note: notes.map(tell).join("; "),
  }));
  const fields = ["item", "litres", "grams", "first_on", "beds", "note"];
  return writeCsv(units, fields, rows);
}
