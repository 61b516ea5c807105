// Compiles the energy balance to WebAssembly, with the values of data/shelter.json in it; `--check` only
// compares what is kept in the repository.
import { readFileSync, writeFileSync } from "node:fs";
import { basename, join } from "node:path";
import asc from "assemblyscript/asc";
import { format, resolveConfig } from "prettier";
import shelter from "@data/shelter.json";
import { widened } from "./widen";

const ROOM = "src/core/shelter/balance";
const VALUES = `${ROOM}/assembly/values.ts`;
const CODE = `${ROOM}/balanceCode.ts`;
const PAIR_CODE = `${ROOM}/pairCode.ts`;
const ASSEMBLY = `${ROOM}/assembly`;
/** What is compiled for two winters at a time as well. */
const WIDENED = [
  "balance.ts",
  "building.ts",
  "cover.ts",
  "lanes.ts",
  "linearSystem.ts",
  "longwave.ts",
  "moisture.ts",
  "soilColumn.ts",
  "values.ts",
];
const MADE = "// Made by `npm run balance`, from data/shelter.json: do not edit.";

/** Of water that freezes. */
const FUSION_J_PER_M3 = 334e6;
const AIR_KG_PER_M3 = 1.2;
const AIR_J_PER_KG_K = 1005;

const isCheck = process.argv.includes("--check");
let stale = false;
await keep(VALUES, values());
await keep(CODE, await code("entry.ts", "BALANCE_CODE", new Map()));
await keep(PAIR_CODE, await code("entryPair.ts", "PAIR_CODE", widened(ASSEMBLY, WIDENED)));
if (stale) process.exitCode = 1;

async function keep(path: string, text: string): Promise<void> {
  const config = await resolveConfig(path);
  const formatted = await format(text, { ...config, parser: "typescript" });
  if (!isCheck) writeFileSync(path, formatted);
  else if (readFileSync(path, "utf8") !== formatted) {
    console.error(`${path} is not what the balance's sources make: run \`npm run balance\`.`);
    stale = true;
  }
}

/** The values of the balance as constants, so that the compiler can put them into its code. */
function values(): string {
  const { convection, wet, soil, snow, barrel, canopy } = shelter;
  const heat = soil.heatMJPerM3K * 1e6;
  const latent = soil.waterM3PerM3 * FUSION_J_PER_M3;
  const thickM = soil.layersCm.map((cm) => cm / 100);
  const layers = thickM.length;
  const halfM = (layer: number) => (thickM[layer] ?? 0) / 2;
  // Into each layer from above: first from the surface, last to what lies below.
  const conductance = Array.from({ length: layers + 1 }, (_, layer) => {
    const above = layer === 0 ? 0 : halfM(layer - 1);
    return soil.conductivityWPerMK / (above + (layer === layers ? 0 : halfM(layer)));
  });
  const one = (name: string, value: number, words: string) =>
    `/** ${words} */\nexport const ${name}: f64 = ${value};\n`;
  return [
    MADE,
    "",
    one("AIR_J_PER_M3K", AIR_KG_PER_M3 * AIR_J_PER_KG_K, "Heat of a cubic metre of air."),
    one("OUTSIDE_STILL", convection.outsideStill, "Convection outside in still air, W/m²K."),
    one("OUTSIDE_PER_MPS", convection.outsidePerMps, "… and more for each m/s of wind."),
    one("INSIDE_W_PER_M2K", convection.inside, "Convection at the inside of a cover."),
    one("SOIL_W_PER_M2K", convection.soil, "Convection at soil under a cover."),
    one("WET_SOIL", wet.soil, "Share of Δ/γ that evaporation adds at soil."),
    one("WET_COVER", wet.cover, "Share of Δ/γ that condensation adds at a cover."),
    one("WET_AIR", wet.air, "Share of Δ/γ that moisture adds to changes of air."),
    one("SOIL_EMISSIVITY", soil.emissivity, "Of thermal radiation."),
    one("SOIL_ABSORBS", 1 - soil.albedo, "Share of the sun that soil and leaves take in."),
    one("COVER_ABSORBS", shelter.coverAbsorbs, "Share of the sun held back that warms a cover."),
    one("COVER_J_PER_M2K", shelter.coverHeatJPerM2K, "Heat of a square metre of cover."),
    one("LIGHT_UNDER_SNOW", snow.light, "Share of the light that snow on a cover lets through."),
    one("LOSS_UNDER_SNOW", snow.loss, "Share of its exchange that a cover keeps under snow."),
    one("BARREL_J_PER_LITRE_K", barrel.litreJPerK, "Heat of a litre of water."),
    one("BARREL_W_PER_LITRE_K", barrel.wPerM2K * barrel.m2PerLitre, "What it passes to the air."),
    one("LEAF_CONVECTION_W_PER_M2K", canopy.leafConvectionWPerM2K, "At each side of a leaf."),
    one("LEAF_RESISTANCE_S_PER_M", canopy.leafResistanceSPerM, "Stomata of a leaf by day."),
    one("LEAF_HUMIDITY", canopy.humidity, "Of the air among leaves by day, a share."),
    one("HEAT_J_PER_M3K", heat, "Heat of a cubic metre of soil."),
    one("LATENT_J_PER_M3", latent, "… that it gives off while its water freezes."),
    one("FREEZING_J_PER_M3K", heat - latent / soil.freezesToC, "… of a degree meanwhile."),
    one("FREEZES_TO_C", soil.freezesToC, "Its water is frozen at this."),
    `/** Layers of soil, from the top. */\nexport const SOIL_LAYERS: i32 = ${layers};\n`,
    `export const THICKNESS_M: StaticArray<f64> = [${thickM.join(", ")}];\n`,
    "/** Into each layer from above, W/m²K: first from the surface, last to what lies below. */",
    `export const CONDUCTANCE: StaticArray<f64> = [${conductance.join(", ")}];`,
  ].join("\n");
}

/** @param rewritten sources that are not taken as they stand, by name */
async function code(
  entry: string,
  name: string,
  rewritten: ReadonlyMap<string, string>,
): Promise<string> {
  let wasm: Uint8Array | null = null;
  const { error, stderr } = await asc.main(
    [
      `${ASSEMBLY}/${entry}`,
      "--outFile",
      "balance.wasm",
      "-O3",
      "--converge",
      "--noAssert",
      "--uncheckedBehavior",
      "always",
      "--runtime",
      "stub",
      "--enable",
      "simd",
      "--use",
      "abort=",
    ],
    {
      readFile: (path, base) => rewritten.get(basename(path)) ?? readOrNull(join(base, path)),
      writeFile: (_, contents) => {
        if (typeof contents !== "string") wasm = contents;
      },
    },
  );
  if (error || !wasm) throw new Error(`The balance does not compile.\n${stderr.toString()}`);
  const text = Buffer.from(wasm as Uint8Array).toString("base64");
  const lines = text.match(/.{1,88}/g) ?? [];
  return [
    "// Made by `npm run balance` from assembly/: do not edit.",
    "/** The energy balance in WebAssembly, base64. */",
    `export const ${name} = [${lines.map((line) => `"${line}"`).join(",\n")}].join("");`,
  ].join("\n");
}

function readOrNull(path: string): string | null {
  try {
    return withoutTypeWords(readFileSync(path, "utf8"));
  } catch {
    return null;
  }
}

/** AssemblyScript imports a type as it does everything else. */
function withoutTypeWords(source: string): string {
  return source.replace(/^import (type )?\{[^}]*\}/gm, (words) => words.replace(/\btype /g, ""));
}
