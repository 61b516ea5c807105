// Made by `npm run balance`, from data/shelter.json: do not edit.

/** Heat of a cubic metre of air. */
export const AIR_J_PER_M3K: f64 = 1206;

/** Convection outside in still air, W/m²K. */
export const OUTSIDE_STILL: f64 = 7.2;

/** … and more for each m/s of wind. */
export const OUTSIDE_PER_MPS: f64 = 3.84;

/** Convection at the inside of a cover. */
export const INSIDE_W_PER_M2K: f64 = 3.5;

/** Convection at soil under a cover. */
export const SOIL_W_PER_M2K: f64 = 4.5;

/** Share of Δ/γ that evaporation adds at soil. */
export const WET_SOIL: f64 = 0.3;

/** Share of Δ/γ that condensation adds at a cover. */
export const WET_COVER: f64 = 0.5;

/** Share of Δ/γ that moisture adds to changes of air. */
export const WET_AIR: f64 = 0.7;

/** Of thermal radiation. */
export const SOIL_EMISSIVITY: f64 = 0.96;

/** Share of the sun that soil and leaves take in. */
export const SOIL_ABSORBS: f64 = 0.8;

/** Share of the sun held back that warms a cover. */
export const COVER_ABSORBS: f64 = 0.3;

/** Heat of a square metre of cover. */
export const COVER_J_PER_M2K: f64 = 1500;

/** Share of the light that snow on a cover lets through. */
export const LIGHT_UNDER_SNOW: f64 = 0.2;

/** Share of its exchange that a cover keeps under snow. */
export const LOSS_UNDER_SNOW: f64 = 0.2;

/** Heat of a litre of water. */
export const BARREL_J_PER_LITRE_K: f64 = 4186;

/** What it passes to the air. */
export const BARREL_W_PER_LITRE_K: f64 = 0.064;

/** At each side of a leaf. */
export const LEAF_CONVECTION_W_PER_M2K: f64 = 4.8;

/** Stomata of a leaf by day. */
export const LEAF_RESISTANCE_S_PER_M: f64 = 100;

/** Of the air among leaves by day, a share. */
export const LEAF_HUMIDITY: f64 = 0.8;

/** Heat of a cubic metre of soil. */
export const HEAT_J_PER_M3K: f64 = 2400000;

/** … that it gives off while its water freezes. */
export const LATENT_J_PER_M3: f64 = 73480000;

/** … of a degree meanwhile. */
export const FREEZING_J_PER_M3K: f64 = 51386666.666666664;

/** Its water is frozen at this. */
export const FREEZES_TO_C: f64 = -1.5;

/** Layers of soil, from the top. */
export const SOIL_LAYERS: i32 = 7;

export const THICKNESS_M: StaticArray<f64> = [0.01, 0.02, 0.04, 0.08, 0.16, 0.32, 0.64];

/** Into each layer from above, W/m²K: first from the surface, last to what lies below. */
export const CONDUCTANCE: StaticArray<f64> = [300, 100, 50, 25, 12.5, 6.25, 3.125, 4.6875];
