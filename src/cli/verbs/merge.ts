import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { writeGardenFile } from "@/core/formats";
import { joinGardens, openEngine, type Conflict } from "@/joining";
import { tell } from "@/words";
import { plainWording } from "@/words/plain";
import { Refusal, optional, required } from "../arguments";
import { gardenFrom, writeWhole } from "../gardenInput";
import type { Verb } from "../verb";
import { cli as say } from "@/words/en/cli";

export const merge: Verb = {
  name: "merge",
  usage: say.mergeUsage,
  summary: say.joinsTwoDevicesFiles,
  positional: 2,
  options: [
    { name: "out", takes: "value", help: say.theFileToWrite },
    { name: "base", takes: "value", help: say.whatBothBeganWith },
  ],
  async run(given) {
    const [one, other] = given.positional;
    if (one === undefined || other === undefined) throw new Refusal(say.mergeTakesTwoFiles);
    const out = required(given, "out");
    const base = optional(given, "base");
    const [a, b] = [gardenFrom(one), gardenFrom(other)];
    await openEngine(async () =>
      readFileSync(createRequire(import.meta.url).resolve("@automerge/automerge/automerge.wasm")),
    );
    const joined = joinGardens(a, b, base === undefined ? undefined : gardenFrom(base));
    writeWhole(out, writeGardenFile(joined.garden));
    const wording = plainWording();
    return {
      json: {
        fromA: joined.fromA,
        fromB: joined.fromB,
        conflicts: joined.conflicts.map(told),
        mends: joined.mends.map((fact) => tell(fact, wording)),
        left: joined.left.map((fact) => tell(fact, wording)),
      },
    };
  },
};

/** A value that is not there is null on paper. */
function told({ kind, id, field, a, b, taken }: Conflict) {
  return { kind, id, field, a: a ?? null, b: b ?? null, taken };
}
