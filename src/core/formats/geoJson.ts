import type { Garden } from "../garden";
import { cornersOf, type Outline, type Point } from "../layout";
import { layoutOf } from "../bedSpace";
import { earthPoint } from "./earth";

/**
 * The beds and shelters as GeoJSON (RFC 7946): a polygon each, with its name and sizes. The plot's
 * middle lies at the place's coordinates; over a garden the earth is taken as flat.
 *
 * @returns null when the place is not known: then the beds lie nowhere
 */
export function writeGeoJson(garden: Garden): string | null {
  const { place } = garden;
  if (!place) return null;
  const layout = layoutOf(garden);
  const toEarth = earthPoint(place.latitudeDeg, place.longitudeDeg, layout.plot);
  const feature = (outline: Outline, properties: Record<string, unknown>) => ({
    type: "Feature",
    properties,
    geometry: { type: "Polygon", coordinates: [ring(outline, toEarth)] },
  });
  const features = [
    ...[...layout.shelters].map(([id, outline]) =>
      feature(outline, { kind: "shelter", id, name: garden.shelters.get(id)?.name ?? id }),
    ),
    ...[...layout.beds].map(([id, outline]) => {
      const bed = garden.beds.get(id);
      return feature(outline, {
        kind: "bed",
        id,
        name: bed?.name ?? id,
        lengthM: outline.lengthM,
        widthM: outline.widthM,
        shelterId: bed?.shelterId ?? null,
        covers: bed?.covers ?? [],
      });
    }),
  ];
  return `${JSON.stringify({ type: "FeatureCollection", features }, null, 2)}\n`;
}

/** A closed ring, against the clock as RFC 7946 wants it. */
function ring(outline: Outline, toEarth: (point: Point) => [number, number]) {
  const corners = cornersOf(outline);
  return [...corners, corners[0] ?? { x: 0, y: 0 }].map(toEarth);
}
