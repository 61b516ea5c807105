import { asScript } from "./balance.testdata";
import { EnergyBalance } from "./balance/energyBalance";
import { stackOf } from "./balance/stack";

test.each([
  [[]],
  [["row-cover-light"]],
  [["greenhouse-double"]],
  [["greenhouse-single", "row-cover-light"]],
  [["greenhouse-single", "low-tunnel-film", "row-cover-heavy"]],
])(
  "compiled and run as script the balance gives the same under %j, through frost, sun and snow",
  (covers) => {
    const compiled = new EnergyBalance(stackOf(covers, { barrelLitresPerM2: 20 }), 4);
    const script = asScript(stackOf(covers, { barrelLitresPerM2: 20 }), 4);
    for (let step = 0; step < 40 * 96; step += 1) {
      const hour = (step % 96) / 4;
      const airC = -4 + 9 * Math.sin((2 * Math.PI * (hour - 9)) / 24) + 5 * Math.sin(step / 700);
      const driving = {
        airC,
        skyWPerM2: 220 + 4 * airC,
        sunWPerM2: Math.max(0, 350 * Math.sin((Math.PI * (hour - 7)) / 10)),
        windMps: 1 + (step % 5),
        deepC: 8,
        stepS: 900,
      };
      const vent = hour > 11 && hour < 14 ? 0.4 : 0;
      const innerOn = hour < 8 || hour > 16;
      const snow = step % 960 > 900;
      compiled.step(driving, { vent, opens: { fromC: 15, wideAtC: 25 }, innerOn, snow });
      const { skyWPerM2, sunWPerM2, windMps, deepC, stepS } = driving;
      script.step(airC, skyWPerM2, sunWPerM2, windMps, deepC, stepS, vent, 15, 25, innerOn, snow);
      if (step % 97 > 0) continue;
      expect(compiled.cropC(airC)).toBeCloseTo(script.cropC(airC), 9);
      expect(compiled.soil5cmC).toBeCloseTo(script.bedSoil.tempC[2], 9);
    }
  },
);
