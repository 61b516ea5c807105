import { dayNumber } from "@/core/calendar";
import { OutlookSchema, simulatedWeather, madeUpClimates } from "@/core/climate";
import { ReadingsSchema, summariseReadings } from "@/core/log";
import { answerOutlook, answerReadings } from "./index";

const TODAY = dayNumber("2026-09-24");
const ask = (text: string) => new URLSearchParams(text);

test("the outlook is one by its schema, of the day asked about, and the same when asked again", () => {
  const { status, body } = answerOutlook(ask("date=2027-01-05"), TODAY);
  expect(status).toBe(200);
  const outlook = OutlookSchema.parse(body);
  expect(outlook).toMatchObject({ simulated: true, issuedOn: "2027-01-05" });
  expect(outlook.days).toHaveLength(7);
  expect(answerOutlook(ask("date=2027-01-05"), TODAY + 9).body).toEqual(body);
  expect(OutlookSchema.parse(answerOutlook(ask(""), TODAY).body).issuedOn).toBe("2026-09-24");
  const coast = OutlookSchema.parse(answerOutlook(ask("climate=wet-coast"), TODAY).body);
  expect(coast.source).toBe("Skerrow Light (simulated)");
});

test("the thermometers follow the day's low and high, and shelters are milder at night", () => {
  const readings = ReadingsSchema.parse(answerReadings(ask("date=2027-01-05"), TODAY).body);
  const sensors = summariseReadings(readings);
  expect(sensors.map(({ sensor }) => sensor)).toEqual(["outside", "greenhouse", "twin-frames"]);
  const [outside, house] = sensors;
  const [climate] = madeUpClimates;
  if (!climate || !outside || !house) throw new Error("there are sensors");
  const { minTempC } = simulatedWeather(climate, dayNumber("2027-01-04"), 1);
  expect(Math.abs(outside.minTempC - (minTempC[0] ?? NaN))).toBeLessThan(4);
  expect(house.minTempC - outside.minTempC).toBeGreaterThan(2);
  expect(outside.lastAt).toBe("2027-01-04T23:00");
});

test.each([
  ["date=soon", /"date" should be a date like 2026-09-24, not "soon"/],
  ["climate=moon", /"climate" should be one of inland-valley, wet-coast/],
])("%s is refused in a sentence", (query, words) => {
  for (const answer of [answerOutlook, answerReadings]) {
    const { status, body } = answer(ask(query), TODAY);
    expect(status).toBe(400);
    expect((body as { error: string }).error).toMatch(words);
  }
});
