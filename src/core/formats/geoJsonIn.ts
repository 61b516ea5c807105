import * as z from "zod";
import type { Bed, Garden } from "../garden";
import { rectangleAround, type Outline, type Plot, type Point } from "../layout";
import { METRES_PER_DEGREE, metresPerLongitude, plotPoint } from "./earth";
import { fact, type Fact } from "../facts";

/** What a map of beds comes to for a garden. */
export interface BedsRead {
  ok: true;
  plot: Plot;
  /** Beds as they will be: those of the garden in their new places, and new ones. */
  beds: Bed[];
  shelters: { id: string; outline: Outline }[];
  /** What was left out, a sentence each. */
  left: Fact[];
}
export type ReadBeds = BedsRead | { ok: false; problem: Fact };

const MOST_CHARACTERS = 20_000_000;
const MOST_FEATURES = 2000;
/** An outline that was paced off with a receiver in hand has some hundreds. */
const MOST_CORNERS = 10_000;
/** A garden is no larger across. */
const GARDEN_M = 1000;
/** Longer than this nothing is a bed. */
const BED_M = 200;
/** A map that lies farther from the place than this is of somewhere else. */
const NEAR_M = 20_000;
const MARGIN_M = 1;
/** Seven digits of a degree, and a mean of the earth: a map is not truer. */
const MAP_PRECISION_M = 0.05;
/** Less of its rectangle than this a shape does not fill by accident of drawing. */
const LEAST_FILLED = 0.9;

const Position = z.tuple([z.number().min(-180).max(180), z.number().min(-90).max(90)], z.number());
const FeatureSchema = z.object({
  type: z.literal("Feature"),
  properties: z.record(z.string(), z.unknown()).nullish(),
  geometry: z.object({ type: z.string(), coordinates: z.unknown() }).nullable(),
});
const CollectionSchema = z.object({
  type: z.literal("FeatureCollection"),
  features: z.array(z.unknown()),
});
const PolygonSchema = z.array(z.array(Position).min(4)).min(1);

type Corner = [number, number];
interface Shape {
  name: string;
  properties: Record<string, unknown>;
  ring: Corner[];
}

/**
 * Reads beds and shelters from a map in GeoJSON (RFC 7946): its polygons that are rectangles, more or
 * less. Those with the id or name of a bed move and resize it; others are new beds. Never throws.
 *
 * @param newId makes an id that nobody has
 */
export function readGeoJson(text: string, garden: Garden, newId: () => string): ReadBeds {
  if (!garden.place) return { ok: false, problem: fact("formats.setTheGardensLocationFirst") };
  if (text.length > MOST_CHARACTERS) {
    return { ok: false, problem: fact("formats.thisFileIsLargerThan20MbAMapOfBeds") };
  }
  const collection = parsed(text);
  if ("code" in collection) return { ok: false, problem: collection };
  const left: Fact[] = [];
  const shapes = collection.features.flatMap((feature, index): Shape[] => {
    const shape = shapeOf(feature, index);
    if (!("code" in shape)) return [shape];
    left.push(shape);
    return [];
  });
  if (shapes.length === 0) {
    return {
      ok: false,
      problem: fact("formats.thisMapHasNoPolygonToUseAsABed", { left: left[0] ?? "" }),
    };
  }
  const { latitudeDeg, longitudeDeg } = garden.place;
  const wrong = tooLargeOrFar(shapes, latitudeDeg, longitudeDeg);
  if (wrong) return { ok: false, problem: wrong };
  const plot = garden.plot ?? plotAround(shapes, latitudeDeg, longitudeDeg);
  const toPlot = plotPoint(latitudeDeg, longitudeDeg, plot);
  const read = placed(shapes, toPlot, garden, newId, left);
  return { ok: true, plot, ...read, left: inFew(left) };
}

function parsed(text: string): z.infer<typeof CollectionSchema> | Fact {
  let content: unknown;
  try {
    content = JSON.parse(text.charCodeAt(0) === 0xfeff ? text.slice(1) : text);
  } catch {
    return fact("formats.thisIsNotJsonChooseAMapSavedAs");
  }
  const collection = CollectionSchema.safeParse(content);
  if (!collection.success) {
    return fact("formats.thisJsonIsNotAMapItShouldBeA");
  }
  if (collection.data.features.length > MOST_FEATURES) {
    return fact("formats.thisMapHasShapesAGardenHasAtMost", {
      featuresCount: collection.data.features.length,
      mostFeatures: MOST_FEATURES,
    });
  }
  return collection.data;
}

const MOST_TOLD = 20;

function inFew(left: readonly Fact[]): Fact[] {
  const more = left.length - MOST_TOLD;
  if (more <= 0) return [...left];
  return [...left.slice(0, MOST_TOLD), fact("formats.moreAreLeftOut", { more })];
}

/** The least and the largest of numbers; a ring can have more of them than a call takes arguments. */
function range(values: readonly number[]): readonly [number, number] {
  return values.reduce<readonly [number, number]>(
    ([least, most], value) => [Math.min(least, value), Math.max(most, value)],
    [Infinity, -Infinity],
  );
}

/** A feature as a ring with a name, or why it is left out. */
function shapeOf(given: unknown, index: number): Shape | Fact {
  const feature = FeatureSchema.safeParse(given);
  const place = fact("formats.shape", { index });
  if (!feature.success || !feature.data.geometry)
    return fact("formats.isLeftOutItHasNoOutline", { place });
  const properties = feature.data.properties ?? {};
  const name = typeof properties.name === "string" ? properties.name.trim().slice(0, 60) : "";
  const told = name === "" ? place : name;
  const { type, coordinates } = feature.data.geometry;
  if (type !== "Polygon") return fact("formats.isLeftOutABedIsAPolygonAndThisIsA", { told, type });
  const rings = PolygonSchema.safeParse(coordinates);
  const [ring] = rings.data ?? [];
  if (!ring) return fact("formats.isLeftOutItsCornersCannotBeReadAs", { told });
  if (ring.length > MOST_CORNERS) {
    return fact("formats.isLeftOutItHasCornersAndABedIsA", { told, ringCount: ring.length });
  }
  return { name, properties, ring: ring.map(([x, y]) => [x, y]) };
}

function tooLargeOrFar(
  shapes: readonly Shape[],
  latitudeDeg: number,
  longitudeDeg: number,
): Fact | null {
  const corners = shapes.flatMap(({ ring }) => ring);
  const longitudes = corners.map(([x]) => x);
  const latitudes = corners.map(([, y]) => y);
  const [west, east] = range(longitudes);
  const [south, north] = range(latitudes);
  const middle = [(west + east) / 2, (south + north) / 2] as const;
  const acrossM = Math.hypot(
    (east - west) * metresPerLongitude(middle[1]),
    (north - south) * METRES_PER_DEGREE,
  );
  if (acrossM > GARDEN_M) {
    return fact("formats.thisMapIsAcrossThatIsACountryOrA", { acrossM });
  }
  const awayM = Math.hypot(
    (middle[0] - longitudeDeg) * metresPerLongitude(latitudeDeg),
    (middle[1] - latitudeDeg) * METRES_PER_DEGREE,
  );
  return awayM > NEAR_M ? fact("formats.theseBedsAreFromTheGardensLocation", { awayM }) : null;
}

/** A plot with north up around the shapes, where the garden has none yet. */
function plotAround(shapes: readonly Shape[], latitudeDeg: number, longitudeDeg: number): Plot {
  const probe: Plot = { id: "plot", lengthM: 2, widthM: 2, upBearingDeg: 0 };
  const toPlot = plotPoint(latitudeDeg, longitudeDeg, probe);
  const reach = shapes
    .flatMap(({ ring }) => ring.map(toPlot))
    .reduce(
      (most, { x, y }) => ({
        x: Math.max(most.x, Math.abs(x - 1)),
        y: Math.max(most.y, Math.abs(y - 1)),
      }),
      { x: 2, y: 2 },
    );
  const side = (m: number) => Math.ceil(2 * (m + MARGIN_M));
  return { id: "plot", lengthM: side(reach.x), widthM: side(reach.y), upBearingDeg: 0 };
}

function placed(
  shapes: readonly Shape[],
  toPlot: (corner: Corner) => Point,
  garden: Garden,
  newId: () => string,
  left: Fact[],
): Pick<BedsRead, "beds" | "shelters" | "left"> {
  const beds = new Map<string, Bed>();
  const shelters: BedsRead["shelters"] = [];
  for (const { name, properties, ring } of shapes) {
    const told = name === "" ? fact("formats.aShapeWithoutAName") : name;
    const { outline, filled } = rectangleAround(ring.map(toPlot));
    if (filled < LEAST_FILLED) {
      left.push(fact("formats.isLeftOutItIsNotARectangleWhich", { told }));
      continue;
    }
    if (outline.lengthM > BED_M || outline.widthM < 0.1) {
      left.push(
        fact("formats.isLeftOutMIsNoBed", {
          told,
          lengthM: outline.lengthM,
          widthM: outline.widthM,
        }),
      );
      continue;
    }
    const shelter = [...garden.shelters.values()].find((one) => one.id === properties.id);
    if (properties.kind === "shelter") {
      if (shelter) shelters.push({ id: shelter.id, outline });
      else left.push(fact("formats.isLeftOutThereIsNoShelterOfThat", { told }));
      continue;
    }
    const known =
      (typeof properties.id === "string" ? garden.beds.get(properties.id) : undefined) ??
      [...garden.beds.values()].find((bed) => bed.name === name);
    const bed = known ?? newBed(name, garden.beds.size + beds.size + 1, newId);
    if (beds.has(bed.id)) {
      left.push(fact("formats.isLeftOutTheMapHasThatBedTwice", { told }));
      continue;
    }
    const { lengthM, widthM, ...position } = outline;
    beds.set(bed.id, {
      ...bed,
      lengthM: sameSize(known?.lengthM, lengthM),
      widthM: sameSize(known?.widthM, widthM),
      position,
    });
  }
  return { beds: [...beds.values()], shelters, left };
}

/** A size that a map gives within its own precision of what is known stays as it is known. */
function sameSize(knownM: number | undefined, readM: number): number {
  return knownM !== undefined && Math.abs(knownM - readM) <= MAP_PRECISION_M ? knownM : readM;
}

function newBed(name: string, number: number, newId: () => string): Bed {
  return {
    id: newId(),
    name: /^[^<>\u0000-\u001f\u007f]+$/.test(name) ? name : `Bed ${number}`,
    lengthM: 1,
    widthM: 1,
    shelterId: null,
    covers: [],
    horizon: null,
    position: null,
    history: [],
  };
}
