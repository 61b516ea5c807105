import pestsJson from "@data/pests.json";
import type { Crop } from "../crops";
import type { Pest } from "./pestSchema";

/** The pests that come with the program, by id. The file is checked against its schema in a test. */
export const pests: ReadonlyMap<string, Pest> = new Map(
  (pestsJson.pests as Pest[]).map((pest) => [pest.id, pest]),
);

/** A planting as a pest finds it. */
export interface Host {
  crop: Pick<Crop, "id" | "family">;
  /** Whether it is up yet. */
  isUp: boolean;
  /** 0 just sown, 1 full-grown. */
  grown: number;
  isCovered: boolean;
}

/** Young until this share of its growth (estimate). */
const YOUNG_UNTIL = 1 / 3;
/** So much milder it is under a cover by day and night together, °C (estimate). */
const COVER_MEAN_C = 2;

/**
 * The pests that may be at a planting: its family's, of its stage and place, while it is warm or cold
 * enough for them.
 *
 * @param meanC the day's usual mean in the open, °C
 */
export function pestsOf(host: Host, meanC: number): Pest[] {
  const hereC = meanC + (host.isCovered ? COVER_MEAN_C : 0);
  return [...pests.values()].filter(
    ({ attacks, season }) =>
      (attacks.families.includes(host.crop.family) || attacks.crops.includes(host.crop.id)) &&
      stageFits(attacks.stage, host) &&
      (attacks.where === "any" || (attacks.where === "covered") === host.isCovered) &&
      hereC >= season.fromMeanC &&
      (season.toMeanC === null || hereC <= season.toMeanC),
  );
}

function stageFits(stage: Pest["attacks"]["stage"], { isUp, grown }: Host): boolean {
  if (stage === "always") return true;
  if (stage === "any") return isUp;
  if (stage === "seed") return !isUp;
  return isUp && (stage === "young") === grown < YOUNG_UNTIL;
}
