const STEFAN_BOLTZMANN = 5.670374e-8;
export const KELVIN = 273.15;

/**
 * Thermal radiation that the sky sends down, W/m².
 *
 * @param airC     air at screen height
 * @param dewC     its dew point; about the night's minimum where nothing is measured
 * @param cloudShare 0 clear, 1 overcast: clouds radiate nearly as the air below them
 * @source Prata (1996) for the clear sky; ε(1 − c) + c for cloud
 */
export function skyRadiationWPerM2(airC: number, dewC: number, cloudShare: number): number {
  return skyRadiationOver(airC, vapourPressureHPa(dewC), cloudShare);
}

/**
 * Pressure of the vapour in air with such a dew point, hPa.
 *
 * @source FAO Irrigation and Drainage Paper 56, eq. 11 (Tetens), there in kPa
 */
export function vapourPressureHPa(dewC: number): number {
  return 6.108 * Math.exp((17.27 * dewC) / (dewC + 237.3));
}

/** As `skyRadiationWPerM2`, where the pressure of the vapour is known. */
export function skyRadiationOver(airC: number, vapourHPa: number, cloudShare: number): number {
  const kelvin = airC + KELVIN;
  const waterCm = (46.5 * vapourHPa) / kelvin;
  const clear = 1 - (1 + waterCm) * Math.exp(-Math.sqrt(1.2 + 3 * waterCm));
  const emissivity = clear * (1 - cloudShare) + cloudShare;
  return emissivity * STEFAN_BOLTZMANN * kelvin ** 4;
}
