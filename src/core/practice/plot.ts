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
  /** The same with its lid left shut, for what it would come to; null where there is no lid. */
  shut: StackWinter | null;
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
  const shut = hasFrame
    ? new StackWinter({ covers, structure: {}, vent: { kind: "shut" } }, span.days)
    : null;
  const space = site.space({ covers, horizon: [] }, span.fromDay);
  const { skyShare } = space;
  const spot = new SpotWinter(
    { stack: 0, skyShare, own: null, byRule: false, indoors: null, space },
    span.days,
  );
  stack.begin(weather);
  shut?.begin(weather);
  spot.begin(weather);
  return { id, name, hasFrame, stack, shut, spot, life: null, water: new SoilWater() };
}

/** The winter's weather and its open ground: the same for every choice. */
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
  return { span, weather, springShare, open };
}

/** The garden of a scenario before anything is sown in it: what tells its place. */
export function barePracticeGarden(scenario: Scenario) {
  return practiceGarden(scenario, []);
}
