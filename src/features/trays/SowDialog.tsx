"use client";

import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { cropsOf } from "@/core/garden";
import type { Raising } from "@/core/propagation";
import { freeCells, type Tray } from "@/core/trays";
import { gardenStore } from "@/store/index";
import { readable, useFields } from "@/ui/forms";
import { FormDialog } from "@/ui/inputs";
import { setView, tell } from "@/ui/viewState";
import { SowFormFields } from "./SowFormFields";
import type { SectionProps } from "@/ui/section";
import { SowFieldsSchema, sowingFrom, startingSowFields, type SowFields } from "./sowFields";
import { TrayFormFields } from "./TrayFormFields";
import { nextTrayName, trayFieldsFor, TrayFieldsSchema, trayFrom } from "./trayFields";
import { trays as say } from "@/words/en/trays";
import { told } from "@/ui/wording";

interface Props extends SectionProps {
  /** The tray that is sown; without one it is chosen here. */
  tray?: Tray;
  /** The planting it is for; null for any crop. */
  raising: Raising | null;
  onClose: () => void;
}

const NEW_TRAY = "new";

/** Sows a crop into cells of a tray: from which packet, how many, how thick. */
export default function SowDialog(props: Props) {
  const { garden, today, raising, onClose } = props;
  const { units } = garden.settings;
  const roomy = [...garden.trays.values()].filter((tray) => freeCells(tray).length > 0);
  const [trayId, setTrayId] = useState(props.tray?.id ?? NEW_TRAY);
  const trayForm = useFields(
    TrayFieldsSchema,
    trayFieldsFor(units, nextTrayName(garden.trays.values()), [...garden.stands.keys()][0] ?? "", {
      cells: raising?.cells,
      cellMl: raising?.crop.tray?.cellMl,
    }),
  );
  const chosen = garden.trays.get(trayId);
  const draft = chosen ?? trayFrom(readable(trayForm.watch()), units, today);
  // What a sowing begins with is as the dialog opened: another tray does not change what was chosen.
  const [start] = useState(() =>
    startingSowFields(
      typeof draft === "string" ? NO_TRAY : draft,
      raising,
      cropsOf(garden),
      [...garden.seedLots.values()],
      today,
    ),
  );
  const form = useFields(SowFieldsSchema, start);
  const fields = readable(form.watch());
  const [refused, setRefused] = useState({ words: "", path: "" });

  const sow = async (some: Partial<SowFields> = {}, evenIfShort = false) => {
    if (typeof draft === "string") return setRefused({ words: draft, path: "" });
    const input = sowingFrom({ ...fields, ...some }, draft, evenIfShort);
    if (typeof input === "string") return setRefused({ words: input, path: "" });
    const done = await gardenStore().dispatch("tray.sow", {
      ...input,
      ...(chosen ? {} : { newTray: draft }),
    });
    if (!done.ok) return setRefused({ words: told(done.refusal), path: done.path });
    onClose();
    setView({ selectedTrayId: draft.id, selectedPlantingId: null });
    const crop = cropsOf(garden).get(fields.cropId)?.name ?? "";
    tell(
      say.sownInCells({ crop, draft: draft.name, cellsCount: input.sowing.cells.length }),
      "done",
      true,
    );
  };

  const free = typeof draft === "string" ? 0 : freeCells(draft).length;
  const wayOut =
    refused.path === "evenIfShort" ? (
      <Button color="inherit" size="small" onClick={() => void sow({}, true)}>
        {say.sowAnyway}
      </Button>
    ) : refused.path === "sowing.cells" && free > 0 && fields.cells > free ? (
      <Button
        color="inherit"
        size="small"
        onClick={() => {
          form.set({ cells: free, fromCell: 0 });
          void sow({ cells: free, fromCell: 0 });
        }}
      >
        {say.sowTheThatFit({ free })}
      </Button>
    ) : undefined;
  return (
    <FormDialog
      title={
        raising
          ? say.sow3({ crop: raising.crop.name.toLowerCase() })
          : say.sow4({ chosen: chosen?.name ?? say.aTray })
      }
      refusal={refused.words}
      wayOut={wayOut}
      keepLabel={say.sown}
      width="sm"
      onSubmit={() => void form.handleSubmit(() => sow())()}
      onClose={onClose}
    >
      {!props.tray && (
        <TextField
          select
          label={say.tray}
          value={trayId}
          onChange={(event) => setTrayId(event.target.value)}
        >
          <MenuItem value={NEW_TRAY}>{say.newTray}</MenuItem>
          {roomy.map((tray) => (
            <MenuItem key={tray.id} value={tray.id}>
              {say.cellsFree2({ tray: tray.name, length: freeCells(tray).length })}
            </MenuItem>
          ))}
        </TextField>
      )}
      {!chosen && <TrayFormFields garden={garden} control={trayForm.control} />}
      <SowFormFields {...props} tray={typeof draft === "string" ? null : draft} form={form} />
    </FormDialog>
  );
}

const NO_TRAY: Tray = {
  id: "none",
  name: "",
  columns: 1,
  rows: 1,
  cellMl: 1,
  lengthCm: 1,
  widthCm: 1,
  stays: [],
  sowings: [],
};
