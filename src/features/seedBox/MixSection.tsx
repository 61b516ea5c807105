"use client";

import { DAYS_PER_WEEK } from "@/core/calendar";
import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMemo, useState } from "react";
import { plannedRaisings } from "@/core/propagation";
import {
  ingredientLitres,
  ingredients,
  mixCautions,
  mixLibrary,
  mixLitres,
  type Mix,
} from "@/core/trays";
import { millilitres } from "@/core/units";
import { lazyPart } from "@/ui/frame/index";
import { NumberInput } from "@/ui/inputs/index";
import type { SectionProps } from "@/ui/section";
import { seedBox as say } from "@/words/en/seedBox";
import { useWording } from "@/ui/wording";

const MixDialog = lazyPart(() => import("./MixDialog"));

const WEEKS_AHEAD = 8;

/** A mix in parts turned into volumes for the trays at hand, with what to mind. */
export default function MixSection({ garden, today }: SectionProps) {
  const wording = useWording();
  const imperial = garden.settings.units === "imperial";
  const mixes = useMemo(() => [...mixLibrary.values(), ...garden.mixes.values()], [garden.mixes]);
  const [mixId, setMixId] = useState(mixes[1]?.id ?? "");
  const [editing, setEditing] = useState<Mix | "new" | null>(null);
  const raisings = useMemo(
    () => plannedRaisings(garden, today, today + WEEKS_AHEAD * DAYS_PER_WEEK),
    [garden, today],
  );
  const [trays, setTrays] = useState({
    count: Math.max(1, Math.ceil(raisings.length)),
    cells: 72,
    cellMl: imperial ? 2.4 : 40,
  });
  const mix = mixes.find(({ id }) => id === mixId) ?? mixes[0];
  const planned = mixLitres(
    raisings.map(({ cells, crop }) => ({ cells, cellMl: crop.tray?.cellMl ?? USUAL_CELL_ML })),
  );
  const cellMl = imperial ? millilitres(trays.cellMl) : trays.cellMl;
  const litres = mixLitres([{ cells: trays.count * trays.cells, cellMl }]);
  const own = mix && garden.mixes.has(mix.id);
  const number = (name: keyof typeof trays, label: string) => (
    <NumberInput
      label={label}
      size="small"
      value={trays[name]}
      onNumber={(value) => setTrays({ ...trays, [name]: value })}
      sx={{ width: 120 }}
    />
  );
  if (!mix) return null;
  const fits = litres > 0 && Number.isFinite(litres);
  return (
    <Box sx={{ maxWidth: 720 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center" }}>
        <TextField
          select
          size="small"
          label={say.mix}
          value={mix.id}
          onChange={(event) => setMixId(event.target.value)}
          sx={{ minWidth: 260, flex: 1 }}
        >
          {mixes.map((one) => (
            <MenuItem key={one.id} value={one.id}>
              {one.name}
            </MenuItem>
          ))}
        </TextField>
        <Button variant="outlined" color="inherit" onClick={() => setEditing(own ? mix : "new")}>
          {own ? say.edit : say.makeMyOwnVersion}
        </Button>
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center", mt: 2 }}>
        {number("count", "Trays")}
        {number("cells", say.cellsPerTray)}
        {number("cellMl", imperial ? say.cellVolumeCuIn : say.cellVolumeMl)}
        {planned > 0 && (
          <Box sx={{ fontSize: 14.5, color: "var(--ash-text)" }}>
            {say.thePlanNeedsInTheNextWeeks({ volume: wording.volumeL(planned), WEEKS_AHEAD })}
          </Box>
        )}
      </Box>
      {fits ? (
        <>
          <Box sx={{ mt: 2.5, fontSize: 15 }}>
            <Box
              component="span"
              sx={{
                fontFamily: "var(--font-heading)",
                fontWeight: 600,
                fontSize: 28,
                color: "var(--ember-text)",
              }}
            >
              {wording.volumeL(litres)}
            </Box>{" "}
            {say.ofLooseMixCellsPlusAFifthFor({
              count: trays.count,
              cells: trays.cells,
              volume: wording.volumeL(cellMl / 1000),
            })}
          </Box>
          <Box component="ul" sx={{ m: 0, mt: 1, p: 0, listStyle: "none", maxWidth: 460 }}>
            {ingredientLitres(mix, litres).map(({ ingredient, litres: volume }, index) => (
              <Box
                component="li"
                key={ingredient}
                sx={{
                  display: "flex",
                  py: 0.6,
                  borderTop: index ? "1px solid var(--line)" : "none",
                  fontSize: 16,
                }}
              >
                <Box sx={{ flex: 1 }}>{ingredients.get(ingredient)?.name ?? ingredient}</Box>
                <Box sx={{ color: "var(--ash-text)", width: 90 }}>
                  {partWords(mix.parts[index]?.parts ?? 0)}
                </Box>
                <Box className="tabular" sx={{ fontWeight: 700 }}>
                  {wording.volumeL(volume)}
                </Box>
              </Box>
            ))}
          </Box>
        </>
      ) : (
        <Alert severity="info" sx={{ mt: 2 }}>
          {say.enterTraysCellsAndCellVolumeAll}
        </Alert>
      )}
      {mixCautions(mix).map((caution) => (
        <Alert key={caution} severity="warning" sx={{ mt: 1.5 }}>
          {caution}
        </Alert>
      ))}
      {editing && (
        <MixDialog
          key={mix.id}
          start={mix}
          own={editing !== "new"}
          onKept={setMixId}
          onClose={() => setEditing(null)}
        />
      )}
    </Box>
  );
}

const USUAL_CELL_ML = 30;

function partWords(parts: number): string {
  return parts === 1 ? say.n1Part : say.parts2({ parts });
}
