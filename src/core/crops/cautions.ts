import cautionsJson from "@data/cautions.json";

const cautions: Readonly<Record<string, string>> = cautionsJson;

/** The caution of an id in a sentence, to be shown where the act is. */
export function cautionWords(id: string): string {
  return cautions[id] ?? "";
}
