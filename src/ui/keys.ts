const KEY = "late-ember-single-keys";

/** Whether single keys do something on this device; on where nobody said otherwise. */
export function areSingleKeysOn(): boolean {
  try {
    return localStorage.getItem(KEY) !== "off";
  } catch {
    return true;
  }
}

/** @returns whether this browser keeps it */
export function setSingleKeys(areOn: boolean): boolean {
  try {
    if (areOn) localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, "off");
    return true;
  } catch {
    return false;
  }
}
