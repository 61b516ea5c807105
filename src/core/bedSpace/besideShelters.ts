import type { Bed, Garden, Shelter } from "../garden";
import { UPRIGHT_DEG, boundsOf, exactM, type Outline } from "../layout";
import { layoutOf } from "./gardenLayout";

const BESIDE_M = 1.6;
const FOOT_M = 1;
/** Paths between beds within a shelter, m. */
const PATH_M = 0.4;

/** What is to be built: a shelter's floor, and how many beds alike lie in it. */
export interface Floor {
  lengthM: number;
  widthM: number;
  beds: number;
}

/** A shelter's walls on free ground beside everything else, and the beds in it, evenly across. */
export function builtBeside(
  garden: Garden,
  floor: Floor,
): { outline: Outline; beds: Pick<Bed, "lengthM" | "widthM" | "position">[] } {
  const layout = layoutOf(garden);
  const drawn = boundsOf([...layout.beds.values(), ...layout.shelters.values()]);
  const leftM = drawn ? drawn.right + BESIDE_M : FOOT_M;
  const outline: Outline = {
    xM: exactM(leftM + floor.widthM / 2),
    yM: exactM(FOOT_M + floor.lengthM / 2),
    angleDeg: UPRIGHT_DEG,
    lengthM: floor.lengthM,
    widthM: floor.widthM,
  };
  // Rooms of equal width; a path in each but where the floor is all bed.
  const roomM = floor.widthM / Math.max(1, floor.beds);
  const path = floor.beds > 1 || floor.widthM > 2 * PATH_M + 1 ? PATH_M : 0;
  const widthM = exactM(Math.max(0.1, roomM - path));
  const lengthM = exactM(Math.max(0.1, floor.lengthM - (path > 0 ? path : 0)));
  const beds = Array.from({ length: floor.beds }, (_, index) => ({
    lengthM,
    widthM,
    position: {
      xM: exactM(leftM + (index + 0.5) * roomM),
      yM: outline.yM,
      angleDeg: UPRIGHT_DEG,
    },
  }));
  return { outline, beds };
}

/** A shelter of a new size where it stands: its middle stays. */
export function resized(
  outline: Shelter["outline"],
  lengthM: number,
  widthM: number,
): Outline | null {
  return outline && { ...outline, lengthM, widthM };
}
