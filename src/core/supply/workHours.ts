import foodJson from "@data/food.json";
import type { Bed } from "../garden";

const { hoursEach, hoursPerM2, coverHoursPerM } = foodJson.fill;

/** Work of a sowing in a bed until it is cleared: for each sowing, and for each metre of it, hours. */
export function workHours({ widthM }: Pick<Bed, "widthM">) {
  return { hoursEach, hoursPerM: hoursPerM2 * widthM };
}

/** Work of putting a cover over a bed, and of seeing to it, hours. */
export function coverHours({ lengthM }: Pick<Bed, "lengthM">): number {
  return coverHoursPerM * lengthM;
}

/** Work of each square of shoots, or of each pot of forced roots, hours. */
export function roundHours(kind: "shoots" | "force"): number {
  return kind === "shoots" ? foodJson.fill.shootHoursEach : foodJson.forcing.hoursEach;
}
