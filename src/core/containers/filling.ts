import containersJson from "@data/containerKinds.json";
import { exactM, SAME_LENGTH_M } from "../layout";
import type { Container } from "./containerSchema";

const FILLING = containersJson.filling;

/** How a sack is filled as its plants grow: how high each time, and at what share of their growth. */
export interface Filling {
  /** 1 for the first after planting. */
  time: number;
  atGrown: number;
  /** Height of the soil afterwards, m. */
  toM: number;
}

/** Each filling of a sack that is planted a part full; none for what is filled at once. */
export function fillingsOf({ kind, depthM }: Pick<Container, "kind" | "depthM">): Filling[] {
  if (kind !== "sack" && kind !== "bag") return [];
  const { beginsCm, stepCm, rimCm, firstAtGrown, thenEveryGrown } = FILLING;
  const fullM = depthM - rimCm / 100;
  const fillings: Filling[] = [];
  for (let time = 1; ; time += 1) {
    const beforeM = (beginsCm + (time - 1) * stepCm) / 100;
    if (beforeM > fullM - SAME_LENGTH_M) return fillings;
    fillings.push({
      time,
      atGrown: firstAtGrown + (time - 1) * thenEveryGrown,
      toM: exactM(Math.min(fullM, beforeM + stepCm / 100)),
    });
  }
}

/** Soil that a sack holds when it is planted, m. */
export const BEGINS_M = FILLING.beginsCm / 100;
