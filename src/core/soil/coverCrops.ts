import coverCropsJson from "@data/coverCrops/coverCrops.json";
import type { CoverCrop } from "./coverCropSchema";

/** The cover crops that come with the program, by id. */
export const coverCropLibrary: ReadonlyMap<string, CoverCrop> = new Map(
  (coverCropsJson as unknown as CoverCrop[]).map((crop) => [crop.id, crop]),
);
