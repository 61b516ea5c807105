import { coverCropLibrary } from "@/core/soil";
import { cropLibrary, readCropSources } from "@/core/crops";
import { optional, Refusal } from "../arguments";
import type { Verb } from "../verb";
import { cli as say } from "@/words/en/cli";

export const crops: Verb = {
  name: "crops",
  usage: say.cropsKindFoodCover,
  summary: say.theCropLibraryEveryValueOfEvery,
  positional: 0,
  options: [{ name: "kind", takes: "value", help: say.foodAsUsualOrCoverCrops }],
  async run(given) {
    const kind = optional(given, "kind") ?? "food";
    if (kind === "cover") return { json: [...coverCropLibrary.values()] };
    if (kind !== "food") throw new Refusal(`--kind should be food or cover, not "${kind}".`);
    // The sources are read only where they are asked for.
    const sources = await readCropSources();
    return {
      json: [...cropLibrary.values()].map((crop) => ({
        ...crop,
        sources: sources[crop.id] ?? {},
      })),
    };
  },
};
