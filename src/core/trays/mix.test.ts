import mixesJson from "@data/mixes.json";
import sources from "@data/sources.json";
import { ingredientLitres, mixCautions, mixLibrary, mixLitres } from "./mix";
import { MixSchema } from "./mixSchema";

test("mixes add up to their litres, fit their schema, and warn of dust once", () => {
  expect(mixLitres([{ cells: 72, cellMl: 40 }])).toBeCloseTo(3.456, 3); // 2.88 L and a fifth
  for (const mix of mixLibrary.values()) {
    expect(MixSchema.safeParse(mix).success).toBe(true);
    const litres = ingredientLitres(mix, 14).reduce((sum, part) => sum + part.litres, 0);
    expect(litres).toBeCloseTo(14, 9);
    expect(new Set(mixCautions(mix)).size).toBe(mixCautions(mix).length);
  }
  expect(mixCautions(mixLibrary.get("blocks") as never).join(" ")).toMatch(/mask/);
  const known = Object.keys(sources);
  for (const { source } of mixesJson.mixes) expect(known).toContain(source);
});
