import soilJson from "@data/soil.json";

/** Something that covers a resting bed. */
export interface Mulch {
  id: string;
  name: string;
  /** Usual depth, cm. */
  depthCm: number;
  /** Weight of a litre as it is spread, kg; 0 for a sheet. */
  litreKg: number;
  note: string;
}

/** The mulches that come with the program, by id. */
export const mulches: ReadonlyMap<string, Mulch> = new Map(
  soilJson.mulches.map((mulch) => [mulch.id, mulch]),
);
