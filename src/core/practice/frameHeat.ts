import practiceJson from "@data/practice.json";

const { scorchesFromC, scorchPerDegreeHour } = practiceJson.heat;

/** Share of leaves that scorch on a day, by the air at the crop in each of its hours, °C. */
export function scorchShare(cropC: Float64Array): number {
  let degreeHours = 0;
  for (const tempC of cropC) degreeHours += Math.max(0, tempC - scorchesFromC);
  return Math.min(1, scorchPerDegreeHour * degreeHours);
}
