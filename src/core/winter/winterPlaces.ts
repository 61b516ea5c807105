import type { DayNumber } from "../calendar";
import { handlingOf, standingCovers } from "../frostNight";
import { horizonOver, type Bed, type Garden } from "../garden";
import { horizonKey, type Exposure, type Site } from "../growth";
import { exposureOver } from "../plantings";
import { VENTED, type Indoors } from "../shelter";
import { PieceGains } from "./pieceGains";
import type { StandingSpot } from "./spotWinter";
import { stackKey, type StandingStack } from "./stackWinter";
import type { WinterSpan } from "./winterSpan";

/**
 * The stacks of covers and the spots under them of one garden or of several that are tried against each
 * other: what is the same in all of them is lived through once.
 */
export class WinterPlaces {
  readonly stacks: StandingStack[] = [];
  readonly spots: StandingSpot[] = [];
  /** What pieces of cover add under these stacks: the same in all the gardens. */
  readonly pieceGains: PieceGains;
  private readonly stackAt = new Map<string, number>();
  private readonly spotAt = new Map<string, number>();

  constructor(
    private readonly site: Site,
    private readonly span: WinterSpan,
  ) {
    const { midwinterDay } = site.season(span.fromDay);
    this.pieceGains = new PieceGains(site.latitudeDeg, midwinterDay);
  }

  /** The place of the spot in which a bed's plants stand, for each day of the span. */
  spotsOf(garden: Garden, bed: Bed): Int16Array {
    const { container } = bed;
    const { days, firstDay } = this.span;
    if (!container) return new Int16Array(days).fill(this.spotOf(garden, bed));
    const exposure = exposureOver(garden, bed);
    const spots = new Int16Array(days);
    const stays = (exposure.container?.stays ?? []).map((stay, index) => {
      const at = container.stays[index]?.at;
      const shelterId = at?.kind === "shelter" ? at.shelterId : null;
      return {
        fromDay: stay.fromDay,
        spot: this.add(
          { ...exposure, ...stay },
          stay.indoors,
          this.stackFor(garden, shelterId, [...stay.covers]),
        ),
      };
    });
    for (let day = 0; day < days; day += 1) {
      const there = stays.findLast(({ fromDay }) => fromDay <= firstDay + day) ?? stays[0];
      spots[day] = there?.spot ?? 0;
    }
    return spots;
  }

  /** The place of the spot of a bed of ground. */
  private spotOf(garden: Garden, bed: Bed): number {
    const { covers } = standingCovers(garden, bed);
    const exposure = { ...exposureOver(garden, bed), covers, horizon: horizonOver(garden, bed) };
    return this.add(exposure, null, this.stackFor(garden, bed.shelterId, covers));
  }

  /** Covers as they stand in a shelter, built and vented as it is; or in the open. */
  private stackFor(garden: Garden, shelterId: string | null, covers: string[]): number {
    const shelter = garden.shelters.get(shelterId ?? "");
    const { structure, working } = shelter
      ? handlingOf(shelter)
      : { structure: {}, working: VENTED };
    const standing: StandingStack = { covers, structure, vent: working.vent };
    const key = stackKey(standing);
    const known = this.stackAt.get(key);
    if (known !== undefined) return known;
    this.stackAt.set(key, this.stacks.length);
    return this.stacks.push(standing) - 1;
  }

  private add(exposure: Exposure, indoors: Indoors | null, stack: number): number {
    const { covers, horizon } = exposure;
    const { by, own } = this.site.degreesAt(exposure);
    const bias = own ? `${own.nightC},${own.dayC}` : "";
    const room = indoors ? Object.values(indoors).join(",") : "";
    const key = `${stack}|${horizonKey(horizon)}|${bias}|${by}|${room}`;
    const known = this.spotAt.get(key);
    if (known !== undefined) return known;
    const day: DayNumber = this.span.fromDay;
    const space = this.site.space({ covers, horizon, own }, day);
    this.spotAt.set(key, this.spots.length);
    const { skyShare } = space;
    return this.spots.push({ stack, skyShare, own, byRule: by === "rule", indoors, space }) - 1;
  }
}
