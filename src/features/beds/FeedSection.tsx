"use client";

import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import {
  barrowLoads,
  depthLitres,
  productProblem,
  usualNitrogenGPerM2,
  USUAL_COMPOST_CM,
  weighedOut,
} from "@/core/soil";
import { centimetres, inches } from "@/core/wording";
import { InspectorSection } from "@/ui/frame";
import type { LocalWording } from "@/ui/wording";

interface Props {
  areaM2: number;
  /** How much the hungriest crop of the bed feeds. */
  demand: "light" | "medium" | "heavy";
  imperial: boolean;
  wording: LocalWording;
}

const tenth = (value: number) => Math.round(value * 10) / 10;

/** Compost by depth, and a bag by its three numbers, weighed out for this bed. */
export function FeedSection({ areaM2, demand, imperial, wording }: Props) {
  const [depth, setDepth] = useState(
    String(tenth(imperial ? inches(USUAL_COMPOST_CM) : USUAL_COMPOST_CM)),
  );
  const [bag, setBag] = useState("5-3-2");
  const [rate, setRate] = useState(String(usualNitrogenGPerM2(demand)));
  const depthCm = imperial ? centimetres(Number(depth)) : Number(depth);
  const litres = depthCm > 0 ? depthLitres(areaM2, depthCm) : 0;
  return (
    <InspectorSection title="Feed it">
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1, mt: 1 }}>
        <TextField
          size="small"
          label={imperial ? "Compost (in)" : "Compost (cm)"}
          value={depth}
          onChange={(event) => setDepth(event.target.value)}
        />
        <TextField
          size="small"
          label="Bag N-P-K"
          value={bag}
          onChange={(event) => setBag(event.target.value)}
        />
        <TextField
          size="small"
          label="N wanted (g/m²)"
          value={rate}
          onChange={(event) => setRate(event.target.value)}
        />
      </Box>
      <Box sx={{ fontSize: 14, lineHeight: 1.45, mt: 1 }} aria-live="polite">
        {litres > 0 ? (
          <>
            <b>{wording.volumeL(litres)}</b> of compost, {barrowLoads(litres)}{" "}
            {barrowLoads(litres) === 1 ? "barrow" : "barrows"}.
          </>
        ) : (
          "Give a depth of compost above 0."
        )}{" "}
        {bagWords(bag, Number(rate), areaM2, wording)}
      </Box>
      <Box sx={{ fontSize: 13.5, color: "var(--ash-text)", mt: 0.5 }}>
        Wet dusty compost, wear a mask, wash your hands. What the bag&apos;s label says comes before
        these sums; raw manure only where months lie before the harvest.
      </Box>
    </InspectorSection>
  );
}

function bagWords(bag: string, rate: number, areaM2: number, wording: LocalWording): string {
  const numbers = bag.split(/[-–\s/]+/).map(Number);
  const [n = NaN, p = NaN, k = NaN] = numbers;
  if (numbers.length !== 3 || [n, p, k].some(Number.isNaN)) {
    return "Write the bag's three numbers as 5-3-2.";
  }
  const product = { nitrogen: n / 100, phosphate: p / 100, potash: k / 100 };
  const problem = productProblem(product);
  if (problem) return problem;
  if (!(rate >= 0)) return "The nitrogen wanted is 0 or more.";
  const { grams, phosphateGrams, potashGrams } = weighedOut(product, areaM2, rate);
  return `${wording.weightG(grams)} from the bag: it also brings ${wording.weightG(phosphateGrams)} phosphate and ${wording.weightG(potashGrams)} potash.`;
}
