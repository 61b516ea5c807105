import cropNames from "@data/cropNames.json";

const names: Readonly<Record<string, readonly string[]>> = cropNames.names;

/** What else a crop is called, in American and British English. */
export function otherNamesOf(cropId: string): readonly string[] {
  return names[cropId] ?? [];
}
