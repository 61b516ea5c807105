import usableJson from "@data/usable.json";
import type { Crop } from "./schema";

const { share: SHARE } = usableJson;
const HEARTING: ReadonlySet<string> = new Set(usableJson.heartingHeads);

/** The share of full growth at which a crop is first worth picking, 0 to 1. */
export function usableShare(
  { id, harvestedPart }: Pick<Crop, "id" | "harvestedPart">,
  stage: "full" | "baby",
): number {
  if (stage === "baby") return SHARE.babyLeaf;
  return HEARTING.has(id) ? SHARE.heartingHead : SHARE[harvestedPart];
}
