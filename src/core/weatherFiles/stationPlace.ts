import type { StationPlace } from "./reading";

/** Mean radius of the earth, km. @source International Union of Geodesy and Geophysics, R1 */
const EARTH_RADIUS_KM = 6371.0088;
/** Usual fall of temperature with height, °C a metre. @source ICAO standard atmosphere */
const COLDER_C_PER_M = 0.0065;
const RADIANS_PER_DEGREE = Math.PI / 180;

/** How a station stands to a garden. */
export interface StationApart {
  km: number;
  /** Metres that the station stands higher; null where one of the heights is not known. */
  higherM: number | null;
  /** What its air is usually warmer by, °C; null without heights. */
  warmerC: number | null;
}

/** How far a station stands from a garden, over the great circle (haversine), and how much higher. */
export function stationApart(
  station: StationPlace,
  garden: Pick<StationPlace, "latitudeDeg" | "longitudeDeg"> & { elevationM: number },
): StationApart {
  const [south, north] = [station.latitudeDeg, garden.latitudeDeg].map(
    (degrees) => degrees * RADIANS_PER_DEGREE,
  ) as [number, number];
  const acrossRad = (garden.longitudeDeg - station.longitudeDeg) * RADIANS_PER_DEGREE;
  const half =
    Math.sin((north - south) / 2) ** 2 +
    Math.cos(south) * Math.cos(north) * Math.sin(acrossRad / 2) ** 2;
  const higherM = station.elevationM === null ? null : station.elevationM - garden.elevationM;
  return {
    km: 2 * EARTH_RADIUS_KM * Math.asin(Math.min(1, Math.sqrt(half))),
    higherM,
    warmerC: higherM === null ? null : -higherM * COLDER_C_PER_M,
  };
}
