import shelterJson from "@data/shelter.json";

const { layersCm, conductivityWPerMK, heatMJPerM3K, waterM3PerM3, freezesToC } = shelterJson.soil;
const FUSION_J_PER_M3 = 334e6;
const HEAT_J_PER_M3K = heatMJPerM3K * 1e6;
/** Heat that a cubic metre gives off while its water freezes. */
const LATENT_J_PER_M3 = waterM3PerM3 * FUSION_J_PER_M3;
/** Heat of a degree while it freezes or thaws. */
const FREEZING_J_PER_M3K = HEAT_J_PER_M3K - LATENT_J_PER_M3 / freezesToC;

/** Layers of soil, from the top. */
export const SOIL_LAYERS = layersCm.length;
/** Index of the layer whose middle is nearest to 5 cm. */
export const LAYER_AT_5_CM = 2;

const thicknessM = Float64Array.from(layersCm, (cm) => cm / 100);

/** Conductance into each layer from above, W/m²K: first from the surface, last to what lies below. */
const conductance = Float64Array.from({ length: SOIL_LAYERS + 1 }, (_, index) => {
  const above = index === 0 ? 0 : (thicknessM[index - 1] ?? 0) / 2;
  const below =
    index === SOIL_LAYERS ? (thicknessM[SOIL_LAYERS - 1] ?? 0) / 2 : (thicknessM[index] ?? 0) / 2;
  return conductivityWPerMK / (above + below);
});

/** A column of soil as a run keeps it: temperature and heat of each layer, room for the sums. */
export interface SoilColumn {
  tempC: Float64Array;
  heatJ: Float64Array;
  /** After `prepare`, each layer's temperature is `slope` × the one above + `base`. */
  slope: Float64Array;
  base: Float64Array;
  capacityJPerK: Float64Array;
}

/** A column at one temperature throughout. */
export function soilColumn(tempC: number): SoilColumn {
  const column: SoilColumn = {
    tempC: new Float64Array(SOIL_LAYERS).fill(tempC),
    heatJ: new Float64Array(SOIL_LAYERS),
    slope: new Float64Array(SOIL_LAYERS + 1),
    base: new Float64Array(SOIL_LAYERS + 1),
    capacityJPerK: new Float64Array(SOIL_LAYERS),
  };
  setProfile(column, () => tempC);
  return column;
}

/** Sets a column to a temperature by depth. */
export function setProfile(column: SoilColumn, tempAtC: (depthM: number) => number): void {
  let topM = 0;
  for (let layer = 0; layer < SOIL_LAYERS; layer += 1) {
    const thick = thicknessM[layer] ?? 0;
    const tempC = tempAtC(topM + thick / 2);
    column.tempC[layer] = tempC;
    column.heatJ[layer] = heatAt(tempC) * thick;
    topM += thick;
  }
}

/** Heat of a cubic metre of soil against 0 °C unfrozen, J. */
export function heatAt(tempC: number): number {
  if (tempC >= 0) return HEAT_J_PER_M3K * tempC;
  if (tempC >= freezesToC) return FREEZING_J_PER_M3K * tempC;
  return HEAT_J_PER_M3K * tempC - LATENT_J_PER_M3;
}

/** The other way: the temperature at which a cubic metre holds so much heat. */
export function tempOf(heatJ: number): number {
  if (heatJ >= 0) return heatJ / HEAT_J_PER_M3K;
  if (heatJ >= FREEZING_J_PER_M3K * freezesToC) return heatJ / FREEZING_J_PER_M3K;
  return (heatJ + LATENT_J_PER_M3) / HEAT_J_PER_M3K;
}

/**
 * Solves a step of conduction from below up to the surface, whose temperature is not known yet: the
 * flux into the soil is `surfaceConductance × ((1 − slope[0]) × surface − base[0])`, W/m².
 */
export function prepare(column: SoilColumn, deepC: number, stepS: number): void {
  const { tempC, slope, base, capacityJPerK } = column;
  slope[SOIL_LAYERS] = 0;
  base[SOIL_LAYERS] = deepC;
  for (let layer = SOIL_LAYERS - 1; layer >= 0; layer -= 1) {
    const temp = tempC[layer] ?? 0;
    const perM3 = temp < 0 && temp > freezesToC ? FREEZING_J_PER_M3K : HEAT_J_PER_M3K;
    const capacity = perM3 * (thicknessM[layer] ?? 0);
    capacityJPerK[layer] = capacity;
    const above = conductance[layer] ?? 0;
    const below = conductance[layer + 1] ?? 0;
    const keeps = capacity / stepS;
    const all = keeps + above + below * (1 - (slope[layer + 1] ?? 0));
    slope[layer] = above / all;
    base[layer] = (keeps * temp + below * (base[layer + 1] ?? 0)) / all;
  }
}

/** Conductance from the surface into the first layer, W/m²K. */
export const surfaceConductance = conductance[0] ?? 0;

/** Conductance from the last layer to what lies below it, W/m²K. */
const footConductance = conductance[SOIL_LAYERS] ?? 0;

/**
 * Ends a step once the surface is known: each layer gets the heat that the step brought it, and the
 * temperature that goes with it, so that freezing neither makes nor loses any.
 */
export function settle(column: SoilColumn, surfaceC: number): void {
  const { tempC, heatJ, slope, base, capacityJPerK } = column;
  let aboveC = surfaceC;
  for (let layer = 0; layer < SOIL_LAYERS; layer += 1) {
    const next = (slope[layer] ?? 0) * aboveC + (base[layer] ?? 0);
    const thick = thicknessM[layer] ?? 1;
    const heat = (heatJ[layer] ?? 0) + (capacityJPerK[layer] ?? 0) * (next - (tempC[layer] ?? 0));
    heatJ[layer] = heat;
    tempC[layer] = tempOf(heat / thick);
    aboveC = next;
  }
}

/** Heat that a column holds, J/m². */
export function heatIn({ heatJ }: SoilColumn): number {
  let sum = 0;
  for (let layer = 0; layer < heatJ.length; layer += 1) sum += heatJ[layer] ?? 0;
  return sum;
}

/** What leaves a prepared column at its foot, once its surface is known, W/m². */
export function deepLossW({ slope, base }: SoilColumn, surfaceC: number): number {
  let aboveC = surfaceC;
  const layers = slope.length - 1;
  for (let layer = 0; layer < layers; layer += 1) {
    aboveC = (slope[layer] ?? 0) * aboveC + (base[layer] ?? 0);
  }
  return footConductance * (aboveC - (base[layers] ?? 0));
}
