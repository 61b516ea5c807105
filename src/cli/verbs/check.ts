import { readGardenFile } from "@/core/formats";
import { readText } from "../gardenInput";
import type { Verb } from "../verb";

const PROBLEMS_SHOWN = 1000;

export const check: Verb = {
  name: "check",
  usage: "check FILE",
  summary: "whether a garden file is right; its problems with their paths",
  positional: 1,
  options: [],
  run(given) {
    const read = readGardenFile(readText(given.positional[0] ?? ""), PROBLEMS_SHOWN);
    if (!read.ok) {
      const { problems } = read;
      const [first] = problems;
      const where = first?.path ? `${first.path}: ` : "";
      const more = problems.length > 1 ? ` (and ${problems.length - 1} more)` : "";
      return {
        json: { ok: false, problems },
        badNews: `${where}${first?.message}${more}`,
      };
    }
    const { file } = read;
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
