import { readGardenFile } from "@/core/formats";
import { Refusal } from "../arguments";
import { readText } from "../gardenInput";
import type { Verb } from "../verb";

const PROBLEMS_SHOWN = 50;

export const check: Verb = {
  name: "check",
  usage: "check FILE",
  summary: "whether a garden file is right; its problems with their paths",
  positional: 1,
  options: [],
  run(given) {
    const read = readGardenFile(readText(given.positional[0] ?? ""));
    if (!read.ok) {
      const lines = read.problems
        .slice(0, PROBLEMS_SHOWN)
        .map(({ path, message }) => (path === "" ? message : `${path}: ${message}`));
      const more = read.problems.length - lines.length;
      if (more > 0) lines.push(`… and ${more} more.`);
      throw new Refusal(lines.join("\n"));
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
        },
      },
    };
  },
};
