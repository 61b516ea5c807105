import type { Same } from "./lanes";
import {
  CONDUCTANCE,
  FREEZES_TO_C,
  FREEZING_J_PER_M3K,
  HEAT_J_PER_M3K,
  LATENT_J_PER_M3,
  SOIL_LAYERS,
  THICKNESS_M,
} from "./values";

/** Temperatures of one column of soil, layer by layer from the top, and a step's equations for them. */
export class SoilColumn {
  readonly tempC: StaticArray<f64> = new StaticArray<f64>(SOIL_LAYERS);
  /** Heat held by each layer against 0 °C unfrozen, J/m². */
  readonly heatJ: StaticArray<f64> = new StaticArray<f64>(SOIL_LAYERS);
  /** Of a prepared step: a layer's temperature is `slope × that above it + base`; the last is what lies below. */
  readonly slope: StaticArray<f64> = new StaticArray<f64>(SOIL_LAYERS + 1);
  readonly base: StaticArray<f64> = new StaticArray<f64>(SOIL_LAYERS + 1);
  private readonly capacityJPerK: StaticArray<f64> = new StaticArray<f64>(SOIL_LAYERS);

  /** Sets a layer to a temperature. */
  set(layer: i32, tempC: f64): void {
    this.tempC[layer] = tempC;
    this.heatJ[layer] = heatAt(tempC) * THICKNESS_M[layer];
  }

  /**
   * Solves a step of conduction from below up to the surface, whose temperature is not known yet: the
   * flux into the soil is `CONDUCTANCE[0] × ((1 − slope[0]) × surface − base[0])`, W/m².
   */
  prepare(deepC: f64, stepS: Same): void {
    let slopeBelow: f64 = 0;
    let baseBelow: f64 = deepC;
    this.slope[SOIL_LAYERS] = 0;
    this.base[SOIL_LAYERS] = deepC;
    for (let layer: i32 = SOIL_LAYERS - 1; layer >= 0; layer -= 1) {
      const tempC: f64 = this.tempC[layer];
      const freezes = tempC < 0 && tempC > FREEZES_TO_C;
      const capacity: f64 = (freezes ? FREEZING_J_PER_M3K : HEAT_J_PER_M3K) * THICKNESS_M[layer];
      this.capacityJPerK[layer] = capacity;
      const above: Same = CONDUCTANCE[layer];
      const below: Same = CONDUCTANCE[layer + 1];
      const keeps: f64 = capacity / stepS;
      const share: f64 = 1 / (keeps + above + below * (1 - slopeBelow));
      baseBelow = (keeps * tempC + below * baseBelow) * share;
      slopeBelow = above * share;
      this.slope[layer] = slopeBelow;
      this.base[layer] = baseBelow;
    }
  }

  /**
   * Ends a step once the surface is known: each layer gets the heat that the step brought it, and the
   * temperature that goes with it, so that freezing neither makes nor loses any.
   */
  settle(surfaceC: f64): void {
    let aboveC: f64 = surfaceC;
    for (let layer: i32 = 0; layer < SOIL_LAYERS; layer += 1) {
      const nextC: f64 = this.slope[layer] * aboveC + this.base[layer];
      const heat: f64 = this.heatJ[layer] + this.capacityJPerK[layer] * (nextC - this.tempC[layer]);
      this.heatJ[layer] = heat;
      this.tempC[layer] = tempOf(heat / THICKNESS_M[layer]);
      aboveC = nextC;
    }
  }

  /** Heat held in all, J/m². */
  held(): f64 {
    let sum: f64 = 0;
    for (let layer: i32 = 0; layer < SOIL_LAYERS; layer += 1) sum += this.heatJ[layer];
    return sum;
  }

  /** What leaves a prepared column at its foot, once its surface is known, W/m². */
  deepLossW(surfaceC: f64): f64 {
    let aboveC: f64 = surfaceC;
    for (let layer: i32 = 0; layer < SOIL_LAYERS; layer += 1) {
      aboveC = this.slope[layer] * aboveC + this.base[layer];
    }
    return CONDUCTANCE[SOIL_LAYERS] * (aboveC - this.base[SOIL_LAYERS]);
  }
}

/** Heat of a cubic metre of soil against 0 °C unfrozen, J. */
export function heatAt(tempC: f64): f64 {
  return tempC >= 0
    ? HEAT_J_PER_M3K * tempC
    : tempC >= FREEZES_TO_C
      ? FREEZING_J_PER_M3K * tempC
      : HEAT_J_PER_M3K * tempC - LATENT_J_PER_M3;
}

/** The other way: the temperature at which a cubic metre holds so much heat. */
export function tempOf(heatJ: f64): f64 {
  return heatJ >= 0
    ? heatJ / HEAT_J_PER_M3K
    : heatJ >= FREEZING_J_PER_M3K * FREEZES_TO_C
      ? heatJ / FREEZING_J_PER_M3K
      : (heatJ + LATENT_J_PER_M3) / HEAT_J_PER_M3K;
}
