import "./balance/assembly/asScript";
import { Balance } from "./balance/assembly/balance";
import { EnergyBalance } from "./balance/energyBalance";
import { coverLight } from "./coverLight";
import { stackOf } from "./balance/stack";

/** The balance's sources as plain script, built as energyBalance.ts builds the compiled one. */
function asScript(covers: string[], startC: number): Balance {
  const stack = stackOf(covers, { barrelLitresPerM2: 20 });
  const balance = new Balance(stack.layers.length, stack.pathShare);
  balance.setLeaves(stack.leafAreaIndex, 1 - Math.exp(-0.6 * stack.leafAreaIndex));
  balance.start(startC);
  balance.barrelLitres = stack.barrelLitresPerM2;
  balance.ventChangesPerHour = stack.ventChangesPerHour;
  balance.sheetGapWPerM2K = stack.layers[0]?.sheetGapWPerM2K ?? 0;
  for (const [at, layer] of stack.layers.entries()) {
    const cover = balance.covers[at] as Balance["covers"][number];
    cover.areaRatio = layer.areaRatio;
    cover.light = coverLight(layer);
    cover.wetLets = layer.longwaveTransmittance.wet;
    cover.dryLets = layer.longwaveTransmittance.dry;
    cover.isRemovable = layer.removable;
    cover.airHeatJPerK = 1.2 * 1005 * layer.heightM * cover.share;
    cover.leakStillPerHour = layer.leakPerHour.still;
    cover.leakPerMps = layer.leakPerHour.perMps;
  }
  for (let layer = 0; layer < 7; layer += 1) {
    balance.bedSoil.set(layer, startC);
    balance.pathSoil.set(layer, startC);
  }
  return balance;
}

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
    const script = asScript(covers, 4);
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
      expect(compiled.crossed.outJ).toBeCloseTo(script.outJ, 3);
    }
  },
);
