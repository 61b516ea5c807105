import Papa from "papaparse";
import type { ShoppingItem } from "../bedCare";
import { CSV_OPTIONS } from "./csvOptions";
import type { FileWords } from "./fileWords";

/** The shopping list as CSV, one thing a line; metric. */
export function writeShoppingCsv(items: readonly ShoppingItem[], { tell }: FileWords): string {
  const rows = items.map(({ item, litres, grams, firstOn, beds, notes }) => ({
    item: tell(item),
    litres: litres > 0 ? Math.round(litres) : "",
    grams: grams > 0 ? Math.round(grams) : "",
    first_on: firstOn,
    beds: beds.join("; "),
    note: notes.map(tell).join("; "),
  }));
  const fields = ["item", "litres", "grams", "first_on", "beds", "note"];
  return Papa.unparse({ fields, data: rows }, CSV_OPTIONS);
}
