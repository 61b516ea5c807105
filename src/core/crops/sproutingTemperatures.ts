/** The soil temperatures, °C, for which days and shares of emergence are given. */
export const SPROUTING_TEMPERATURES_C = [0, 5, 10, 15, 20, 25, 30, 35, 40] as const;
