"use client";

import Box from "@mui/material/Box";
import { z } from "zod";
import { isoDate } from "@/core/calendar";
import type { SowingState } from "@/core/propagation";
import { freeCells, seedlingsIn, type Tray } from "@/core/trays";
import { gardenStore, newId } from "@/store/index";
import { ChoiceField, useFields } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { setView, tell } from "@/ui/viewState";
import type { SectionProps } from "@/ui/section";
import { TrayFormFields } from "./TrayFormFields";
import { nextTrayName, trayFieldsFor, TrayFieldsSchema, trayFrom } from "./trayFields";
import { trays as say } from "@/words/en/trays";

interface Props extends SectionProps {
  tray: Tray;
  state: SowingState;
  onClose: () => void;
}

const NEW_TRAY = "new";
const PotOnSchema = z.object({ how: z.enum(["together", "split"]), intoId: z.string() });
type PotOnFields = z.infer<typeof PotOnSchema>;
const LARGER = 3;

/** Moves seedlings into larger cells, each cell's together or one plant to a cell. */
export default function PotOnDialog({ garden, tray, state, today, onClose }: Props) {
  const { units } = garden.settings;
  const { sowing, crop } = state;
  const cells = sowing.seedlings?.filter((count) => count > 0).length ?? 0;
  const plants = seedlingsIn(sowing) ?? 0;
  const others = [...garden.trays.values()].filter(
    (one) => one.id !== tray.id && freeCells(one).length > 0,
  );
  const form = useFields<PotOnFields>(PotOnSchema, { how: "together", intoId: NEW_TRAY });
  const trayForm = useFields(
    TrayFieldsSchema,
    trayFieldsFor(units, nextTrayName(garden.trays.values()), [...garden.stands.keys()][0] ?? "", {
      cells,
      cellMl: Math.round(tray.cellMl * LARGER),
    }),
  );
  const { how, intoId } = form.watch();
  const { refuse } = form;
  const move = form.handleSubmit(async () => {
    if (intoId !== NEW_TRAY) return potOn(undefined);
    await trayForm.handleSubmit(async (fields) => {
      const newTray = trayFrom(fields, units, today);
      if (typeof newTray === "string") return refuse(newTray);
      await potOn(newTray);
    })();
  });
  const potOn = async (newTray: Tray | undefined) => {
    const intoTrayId = newTray?.id ?? intoId;
    const done = await gardenStore().dispatch("tray.potOn", {
      trayId: tray.id,
      sowingId: sowing.id,
      on: isoDate(today),
      intoTrayId,
      ...(newTray ? { newTray } : {}),
      how,
      newId: newId("sowing"),
    });
    if (!done.ok) return refuse(done.refusal);
    onClose();
    setView({ selectedTrayId: intoTrayId });
    tell(say.text({ crop: crop.name.toLowerCase(), isSplit: how === "split" }), "done", true);
  };
  const needed = how === "split" ? plants : cells;
  return (
    <FormDialog
      title={say.potUpThe({ crop: crop.name.toLowerCase() })}
      refusal={form.refusal}
      keepLabel={say.moved}
      width="sm"
      onSubmit={() => void move()}
      onClose={onClose}
    >
      <ChoiceField
        control={form.control}
        name="how"
        label={say.how}
        choices={[
          { value: "together", words: say.eachCellIntoALargerOne },
          { value: "split", words: say.divideOnePlantToACell },
        ]}
      />
      <ChoiceField
        control={form.control}
        name="intoId"
        label={say.into}
        choices={[
          { value: NEW_TRAY, words: say.newTray },
          ...others.map((one) => ({
            value: one.id,
            words: say.cellsFree({ one: one.name, length: freeCells(one).length }),
          })),
        ]}
      />
      {intoId === NEW_TRAY && <TrayFormFields garden={garden} control={trayForm.control} />}
      <Box sx={{ fontSize: 14, color: "var(--ash-text)" }}>
        {say.cellsNeededPlantsWithoutRoomStay({ needed })}
      </Box>
    </FormDialog>
  );
}
