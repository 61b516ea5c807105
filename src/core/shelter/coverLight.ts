import type { Material } from "./materialSchema";

/** Share of the light that a cover lets through as it stands: its sheet, less frame, dirt and drops. */
export function coverLight({ lightTransmittance, structureLight = 1 }: Material): number {
  return lightTransmittance * structureLight;
}
