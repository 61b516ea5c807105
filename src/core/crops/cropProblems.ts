import { packetEmergenceDays } from "./sprouting";
import type { Crop } from "./schema";

/** What does not fit together in a crop: the field's path, and what would be right. */
export interface CropProblem {
  path: string;
  message: string;
}

/** What is absurd about a crop's values, beyond what its schema refuses. */
export function cropProblems(crop: Crop): CropProblem[] {
  const { temperature, hardiness, varieties, spacing } = crop;
  const problems: [boolean, string, string][] = [
    [
      temperature.minimumC >= temperature.optimumC,
      "temperature.minimumC",
      "It should stop growing at a lower temperature than it grows best at.",
    ],
    [
      temperature.optimumC >= temperature.ceilingC,
      "temperature.ceilingC",
      "It should be too hot at a higher temperature than it grows best at.",
    ],
    [
      hardiness.hardenedLt50C >= hardiness.unhardenedLt50C,
      "hardiness.hardenedLt50C",
      "A hardened crop survives more cold than an unhardened one: enter a lower temperature.",
    ],
    [
      spacing.inRowCm > spacing.rowCm,
      "spacing.inRowCm",
      "Plants are further apart in the row than the rows are: are they swapped?",
    ],
    [
      crop.sprouting.days.every((days) => days === null),
      "sprouting.days",
      "It never germinates: enter days for at least one temperature.",
    ],
  ];
  varieties.forEach((variety, index) => {
    const at = `varieties.${index}`;
    problems.push(
      [
        (variety.hardenedLt50C ?? hardiness.hardenedLt50C) >= hardiness.unhardenedLt50C,
        `${at}.hardenedLt50C`,
        "A hardened variety survives more cold than the unhardened crop: enter a lower temperature.",
      ],
      [
        variety.packetDays <= packetEmergenceDays(crop),
        `${at}.packetDays`,
        `${crop.name} takes about ${Math.round(packetEmergenceDays(crop))} days to come up: it cannot be ready before.`,
      ],
    );
  });
  return problems.flatMap(([is, path, message]) => (is ? [{ path, message }] : []));
}
