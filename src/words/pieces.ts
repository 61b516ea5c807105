import { plural } from "./table";
import type { LocalWording } from "./voice";

const PIECES: Record<string, [one: string, other: string]> = {
  seed: ["seed", "seeds"],
  clove: ["clove", "cloves"],
  set: ["set", "sets"],
  tuber: ["seed potato", "seed potatoes"],
  division: ["division", "divisions"],
  root: ["root", "roots"],
};

/** "480 seeds", "1 clove". */
export function pieces(count: number, startedFrom: string, say: LocalWording): string {
  return `${say.number(count)} ${plural(count, ...(PIECES[startedFrom] ?? [startedFrom, startedFrom]))}`;
}
