import { EnergyBalance } from "./balance/energyBalance";
import { PAIR_INPUT, PairBalance } from "./balance/pairBalance";
import { stackOf } from "./balance/stack";

const opens = { fromC: 15, wideAtC: 25 };
const ground = (depthM: number) => 4 + depthM;

/** A winter's driving values at a step; the second winter is milder, cloudier and windier. */
function weatherAt(step: number, second: boolean) {
  const hour = step % 24;
  const wave = 5 * Math.sin(step / (second ? 190 : 170));
  const airC = (second ? 1 : -5) + 8 * Math.sin((2 * Math.PI * (hour - 9)) / 24) + wave;
  return {
    airC,
    skyWPerM2: (second ? 250 : 215) + 4 * airC,
    sunWPerM2: Math.max(0, (second ? 420 : 300) * Math.sin((Math.PI * (hour - 7)) / 10)),
    windMps: (second ? 3 : 1) + (step % 4),
    deepC: second ? 9 : 7,
    vent: hour > 11 && hour < 14 && second ? 0.3 : 0,
    innerOn: second ? hour < 8 || hour > 16 : step % 48 < 30,
  };
}

test.each([
  [[]],
  [["row-cover-light"]],
  [["greenhouse-double"]],
  [["greenhouse-single", "row-cover-light"]],
  [["greenhouse-single", "low-tunnel-film", "row-cover-heavy"]],
])(
  "two winters at a time come to what each comes to alone, to the last bit, under %j",
  (covers) => {
    const stack = stackOf(covers, { barrelLitresPerM2: 20 });
    const pair = new PairBalance(stack);
    pair.start(2, 5, ground);
    const alone = [2, 5].map((startC) => {
      const balance = new EnergyBalance(stack, startC);
      balance.startSoil(ground);
      return balance;
    });
    let worstC = 0;
    for (let step = 0; step < 60 * 24; step += 1) {
      const snow = step % 600 > 560;
      for (const second of [false, true]) {
        const { innerOn, vent, ...driving } = weatherAt(step, second);
        alone[second ? 1 : 0]?.step({ ...driving, stepS: 3600 }, { vent, opens, innerOn, snow });
        const at = second ? 1 : 0;
        for (const name of ["airC", "skyWPerM2", "sunWPerM2", "windMps", "deepC"] as const) {
          pair.input[PAIR_INPUT[name] + at] = driving[name];
        }
        pair.input[PAIR_INPUT.vent + at] = vent;
        pair.input[PAIR_INPUT.innerOn + at] = innerOn ? 1 : 0;
      }
      pair.step(3600, opens, snow);
      const [first, second] = [weatherAt(step, false).airC, weatherAt(step, true).airC];
      pair.readCropC(first, second);
      const offC = [first, second].map((airC, at) =>
        Math.abs((pair.input[at] ?? NaN) - (alone[at]?.cropC(airC) ?? NaN)),
      );
      const soilOffC = [false, true].map((which, at) =>
        Math.abs(pair.soil5cmC(which) - (alone[at]?.soil5cmC ?? NaN)),
      );
      worstC = Math.max(worstC, ...offC, ...soilOffC);
    }
    expect(worstC).toBe(0);
  },
);
