import practiceJson from "@data/practice.json";
import type { Site } from "../growth";
import { VENTED } from "../shelter";
import {
  fillSpring,
  SpotWinter,
  springBefore,
  StackWinter,
  winterDays,
  winterSpan,
  winterWeather,
  type Life,
  type WinterSpan,
  type WinterWeather,
} from "../winter";
import { practiceGarden, type Scenario, type ScenarioBed } from "./scenario";
import { SoilWater } from "./soilWater";

/** A bed with what runs through it. */
export interface Plot {
  id: string;
  hasFrame: boolean;
  stack: StackWinter;
  spot: SpotWinter;
  life: Life | null;
  water: SoilWater;
  name: string;
}

/** A bed of a scenario at the beginning of its winter, with nothing in it yet. */
export function plotOf(
  { id, name, hasFrame }: ScenarioBed,
  site: Site,
  span: WinterSpan,
  weather: WinterWeather,
): Plot {
  const covers = hasFrame ? [practiceJson.frame] : [];
  const stack = new StackWinter(
    { covers: [...covers, practiceJson.cloth], structure: {}, vent: VENTED.vent },
    span.days,
  );
  const space = site.space({ covers, horizon: [] }, span.fromDay);
  const { skyShare } = space;
  const spot = new SpotWinter(
    { stack: 0, skyShare, own: null, byRule: false, indoors: null, space },
    span.days,
  );
  stack.begin(weather);
  spot.begin(weather);
  return { id, name, hasFrame, stack, spot, life: null, water: new SoilWater() };
}

/** The winter's weather, its open ground, and a frame that is left shut: the same for every choice. */
export function weatherOf(scenario: Scenario, site: Site) {
  const span = winterSpan(site.climate, scenario.fromDay);
  const source = { kind: "made", seed: scenario.climate.seed } as const;
  const daily = winterDays(site.climate, source, scenario.winter, span);
  const weather = winterWeather(site.latitudeDeg, daily, span, scenario.winter);
  const springShare = new Float64Array(span.days);
  const space = site.space({ covers: [], horizon: [] }, span.fromDay);
  fillSpring(weather, site.latitudeDeg, springBefore(space, span.firstDay), springShare);
  const open = new StackWinter({ covers: [], structure: {}, vent: VENTED.vent }, span.days);
  open.run(weather);
  const shutFrame = new StackWinter(
    { covers: [practiceJson.frame], structure: {}, vent: { kind: "shut" } },
    span.days,
  );
  shutFrame.begin(weather);
  for (let day = 0; day < span.days; day += 1) {
    shutFrame.runDay(weather, day, { lid: "shut", covered: null });
  }
  return { span, weather, springShare, open, shutFrame };
}

/** The garden of a scenario before anything is sown in it: what tells its place. */
export function barePracticeGarden(scenario: Scenario) {
  return practiceGarden(scenario, []);
}
