import { groundProblems } from "@/core/commands";
import { readGardenFile } from "@/core/formats";
import { fromGardenFile, type Problem } from "@/core/gardenFile";
import { readText } from "../gardenInput";
import type { Verb } from "../verb";
import { tell } from "@/words";
import { plainWording } from "@/words/plain";
import { cli as say } from "@/words/en/cli";

const PROBLEMS_SHOWN = 1000;

export const check: Verb = {
  name: "check",
  usage: say.checkFile,
  summary: say.whetherAGardenFileIsRightIts,
  positional: 1,
  options: [],
  run(given) {
    const read = readGardenFile(readText(given.positional[0] ?? ""), PROBLEMS_SHOWN);
    if (!read.ok) return refused(read.problems);
    const { file } = read;
    // What the import would ask to mend is wrong too.
    const unsound = groundProblems(fromGardenFile(file)).slice(0, PROBLEMS_SHOWN);
    if (unsound.length > 0) return refused(unsound);
    return {
      json: {
        ok: true,
        version: file.version,
        counts: {
          shelters: file.shelters.length,
          beds: file.beds.length,
          plantings: file.plantings.length,
          successions: file.successions.length,
          ownCrops: file.ownCrops.length,
          ownVarieties: file.ownVarieties.length,
          seedLots: file.seedLots.length,
          trays: file.trays.length,
          recordDays: file.record?.minTempTenthsC.length ?? 0,
        },
      },
    };
  },
};

function refused(problems: readonly Problem[]) {
  const [first] = problems;
  const where = first?.path ? `${first.path}: ` : "";
  const more = problems.length > 1 ? say.andMore({ problemsCount: problems.length - 1 }) : "";
  return {
    json: { ok: false, problems },
    badNews: `${where}${first ? tell(first.message, plainWording()) : ""}${more}`,
  };
}
