import hardinessJson from "@data/hardiness.json";

const { hardensBelowC, hardensPerDegreeDay, softensAboveC, springSoftensFromC } = hardinessJson;
const { softensPerDay, softensHalfExponent, softensPerC } = hardinessJson;

/** How hard seedlings are that were hardened off on the bench; without it, and at emergence, they are at 0. */
export const HARDENED_OFF_SHARE = hardinessJson.hardenedOffShare;
/** Packet days of returning light after midwinter until plants no longer harden. */
export const SPRING_PACKET_DAYS = hardinessJson.springPacketDays;

/** What a day does to hardiness: toward hardened and back, shares a day. */
export interface HardeningDay {
  gainPerDay: number;
  lossPerDay: number;
}

/**
 * What a day's course of temperature does to how hard plants are: degrees below 10 °C harden them,
 * warm hours soften them. As spring comes on in them (`springShare` from 0 to 1) they harden less and
 * soften from colder on.
 *
 * @param courseC temperatures at the plants at even steps; those from `from` on, `steps` of them
 * @param shiftC  how much warmer it is than told, °C
 * @source D. B. Fowler, B. M. Byrns and K. J. Greer (2014), Crop Science 54, 2395–2405, in form
 */
export function hardeningDay(
  courseC: ArrayLike<number>,
  from: number,
  steps: number,
  springShare: number,
  shiftC = 0,
): HardeningDay {
  const softensFromC = softensAboveC + (springSoftensFromC - softensAboveC) * springShare;
  let belowC = 0;
  let loss = 0;
  for (let at = from; at < from + steps; at += 1) {
    const tempC = (courseC[at] ?? 0) + shiftC;
    if (tempC < hardensBelowC) belowC += hardensBelowC - tempC;
    if (tempC > softensFromC) {
      loss += softensPerDay / (1 + Math.exp(softensHalfExponent - softensPerC * tempC));
    }
  }
  return {
    gainPerDay: (hardensPerDegreeDay * (1 - springShare) * belowC) / steps,
    lossPerDay: loss / steps,
  };
}

/** How far plants are hardened after one more day, 0 not at all, 1 fully. */
export function hardenedAfter(share: number, { gainPerDay, lossPerDay }: HardeningDay): number {
  const rate = gainPerDay + lossPerDay;
  if (rate <= 0) return share;
  // Solved over the day rather than stepped, so that it never passes 0 or 1.
  const towards = gainPerDay / rate;
  return towards + (share - towards) * Math.exp(-rate);
}
