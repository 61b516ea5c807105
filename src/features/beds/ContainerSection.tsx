"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { z } from "zod";
import { dayNumber, isIsoDate, isoDate, type DayNumber } from "@/core/calendar";
import { containerCount, standsAtOn, type Container } from "@/core/containers";
import type { Bed, Garden } from "@/core/garden";
import { exactM } from "@/core/layout";
import { gardenStore } from "@/store";
import {
  CONTAINER_FIELDS,
  ContainerFields,
  containerFieldsOf,
  lampMol,
  placesToMove,
  placeWords,
  refineContainer,
  ROOM_FIELDS,
  roomFrom,
  sizesFrom,
  standsAtFrom,
} from "@/ui/containers";
import { ChoiceField, DateField, NumberField, useFields, WordsField } from "@/ui/forms";
import { InspectorSection } from "@/ui/frame";
import { SectionForm } from "@/ui/inputs";
import { tell, tellRefusal } from "@/ui/viewState";
import { useWording } from "@/ui/wording";
import { beds as bedSay } from "@/words/en/beds";
import { containers as say } from "@/words/en/containers";

interface Props {
  garden: Garden;
  bed: Bed;
  container: Container;
  day: DayNumber;
}

const MANY = say.enterHowMany;
const RowSchema = z
  .object({
    name: z.string().trim().min(1, bedSay.enterANameForTheBed),
    count: z.number({ error: MANY }).int(MANY).min(1, MANY).max(200, MANY),
    ...CONTAINER_FIELDS,
  })
  .superRefine(refineContainer);

/** A row of containers: where they stand from when on, and how they are made. */
export function ContainerSection(props: Props) {
  return (
    <>
      <Moves {...props} />
      <InspectorSection title={say.containers}>
        <RowForm {...props} />
      </InspectorSection>
    </>
  );
}

const MoveSchema = z.object({
  at: z.string(),
  from: z.string().refine(isIsoDate, { error: say.enterTheDay }),
  ...ROOM_FIELDS,
});

/** A shelf under a lamp in a cool room, to begin with. */
const USUAL_ROOM = {
  metric: { roomMin: 14, roomMax: 18, lampHours: 14, lampUmol: 120 },
  imperial: { roomMin: 57, roomMax: 64, lampHours: 14, lampUmol: 120 },
} as const;

/** The places where they stand in turn, and one more to move them to. */
function Moves({ garden, bed, container, day }: Props) {
  const wording = useWording();
  const { units } = garden.settings;
  const now = standsAtOn(container, day);
  const form = useFields(MoveSchema, {
    at: now.kind === "outdoors" ? "window" : "outdoors",
    from: isoDate(day),
    ...USUAL_ROOM[units],
  });
  const typed = form.watch();
  const move = form.handleSubmit(async ({ at, from, ...room }) => {
    const place = at === "room" ? roomFrom(room, units) : standsAtFrom(at);
    const done = await gardenStore().dispatch("bed.moveContainers", {
      bedId: bed.id,
      from,
      at: place,
    });
    if (!done.ok) return tellRefusal(done);
    tell(say.moved({ name: bed.name, place: placeWords(garden, place) }), "done", true);
  });
  const remove = async (from: string) => {
    const stays = container.stays.filter((stay) => stay.from !== from);
    const done = await gardenStore().dispatch("bed.edit", {
      id: bed.id,
      container: { ...container, stays },
    });
    if (!done.ok) tellRefusal(done);
  };
  return (
    <>
      {container.stays.map(({ from, at }) => (
        <Box key={from} sx={{ display: "flex", alignItems: "center", gap: 1, fontSize: 14.5 }}>
          <Box sx={{ flex: 1, py: 0.75 }}>
            {say.stay({
              place: placeWords(garden, at, wording),
              date: wording.date(dayNumber(from), day),
            })}
          </Box>
          {container.stays.length > 1 && (
            <Button
              size="small"
              color="inherit"
              aria-label={say.removeMove({ place: placeWords(garden, at) })}
              onClick={() => void remove(from)}
            >
              {say.remove}
            </Button>
          )}
        </Box>
      ))}
      <SectionForm onSubmit={() => void move()}>
        <ChoiceField
          control={form.control}
          name="at"
          size="small"
          label={say.to}
          choices={placesToMove(garden)}
        />
        <DateField control={form.control} name="from" size="small" label={say.from} />
        {typed.at === "room" && (
          <>
            {(["roomMin", "roomMax"] as const).map((name) => (
              <NumberField
                key={name}
                control={form.control}
                name={name}
                size="small"
                label={say[name === "roomMin" ? "nights" : "days"]({
                  unit: units === "imperial" ? "°F" : "°C",
                })}
              />
            ))}
            <NumberField
              control={form.control}
              name="lampHours"
              size="small"
              label={say.lampHours}
            />
            <NumberField control={form.control} name="lampUmol" size="small" label={say.lampUmol} />
            <Box sx={{ gridColumn: "span 2", fontSize: 14, color: "var(--ash-text)" }}>
              {Number.isFinite(lampMol(typed)) &&
                say.lampHint({ mol: wording.number(lampMol(typed), 1) })}
            </Box>
          </>
        )}
        <Button type="submit" variant="outlined" sx={{ gridColumn: "span 2" }}>
          {say.moveThem}
        </Button>
      </SectionForm>
    </>
  );
}

/** How many there are, and how each is made. */
function RowForm({ garden, bed, container }: Props) {
  const { units } = garden.settings;
  const shown = {
    ...containerFieldsOf(container, bed, units),
    name: bed.name,
    count: containerCount({ lengthM: bed.lengthM, container }),
  };
  const form = useFields(RowSchema, shown);
  const { control, formState } = form;
  const save = form.handleSubmit(async (fields) => {
    // What was not touched keeps its exact size.
    const isSame = (["outline", "sizeBy", "each", "wide", "depth"] as const).every(
      (name) => fields[name] === shown[name],
    );
    const sizes = isSame
      ? { eachM: container.eachM, widthM: bed.widthM, depthM: container.depthM }
      : sizesFrom(fields, units);
    const { eachM, widthM, depthM } = sizes;
    const done = await gardenStore().dispatch("bed.edit", {
      id: bed.id,
      name: fields.name,
      lengthM: exactM(fields.count * eachM),
      widthM,
      container: { ...container, outline: fields.outline, eachM, depthM },
    });
    if (!done.ok) return tellRefusal(done);
    form.settle(fields);
    tell(bedSay.saved({ bed: fields.name }), "done", true);
  });
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event: React.FormEvent) => {
        event.preventDefault();
        void save();
      }}
      sx={{ display: "grid", gap: 1.5, mt: 1 }}
    >
      <WordsField control={control} name="name" size="small" label={bedSay.name} />
      <NumberField control={control} name="count" size="small" label={say.howMany} />
      <ContainerFields form={form} garden={garden} withPlace={false} />
      <Button type="submit" variant="outlined" disabled={!formState.isDirty}>
        {bedSay.save}
      </Button>
    </Box>
  );
}
