/**
 * What may stand as a station's address: no query and no fragment, which would make asking it do
 * something else, and no password.
 */
export const STATION_ADDRESS = /^(https?:\/\/[^\s<>"?#@]+|\/api\/station)$/;

/** The stand-in that comes with the program, as a station address. */
export const SIMULATED_STATION = "/api/station";
