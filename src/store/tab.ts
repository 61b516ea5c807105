import { newId } from "./newId";

const KEY = "late-ember-tab";

/** This tab's name, the same after a reload; a new one where the browser keeps nothing. */
export function tabName(): string {
  try {
    const known = sessionStorage.getItem(KEY);
    if (known) return known;
    const name = newId("tab");
    sessionStorage.setItem(KEY, name);
    return name;
  } catch {
    return newId("tab");
  }
}
