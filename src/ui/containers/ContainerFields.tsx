"use client";

import Box from "@mui/material/Box";
import type { FieldPath, FieldValues } from "react-hook-form";
import { fillingsOf, litresOfEach, type StandsAt } from "@/core/containers";
import type { Garden } from "@/core/garden";
import { containers as say } from "@/words/en/containers";
import { ChoiceField, LengthField, NumberField, type Fields } from "../forms";
import { useWording, type LocalWording } from "../wording";
import { sizesFrom, type ContainerFields as Typed } from "./containerFields";

interface Props<F extends FieldValues & Typed> {
  form: Fields<F>;
  garden: Garden;
  /** Where they stand is asked for too. */
  withPlace: boolean;
}

/** How containers are made: round or not, by their width or by what each holds. */
export function ContainerFields<F extends FieldValues & Typed>({
  form,
  garden,
  withPlace,
}: Props<F>) {
  const wording = useWording();
  const { units } = garden.settings;
  const { control } = form;
  const unit = units === "imperial" ? "in" : "cm";
  const volumeUnit = units === "imperial" ? say.gallons : say.litres;
  const typed = form.watch() as unknown as Typed;
  const name = (field: keyof Typed) => field as FieldPath<F>;
  const isRound = typed.outline === "round";
  const byVolume = isRound && typed.sizeBy === "volume";
  const { eachM, widthM, depthM } = sizesFrom(typed, units);
  const isSized = [eachM, widthM, depthM].every((m) => m > 0 && Number.isFinite(m));
  const { kind, outline } = typed;
  const made = { kind, outline, eachM, depthM, stays: [] };
  const times = isSized ? fillingsOf(made).length : 0;
  return (
    <>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
        <ChoiceField
          control={control}
          name={name("outline")}
          label={say.shape}
          choices={(["round", "rectangle"] as const).map((value) => ({ value, words: say[value] }))}
        />
        {isRound && (
          <ChoiceField
            control={control}
            name={name("sizeBy")}
            label={say.sizeBy}
            choices={[
              { value: "size", words: say.bySize },
              { value: "volume", words: say.byVolume({ unit: volumeUnit }) },
            ]}
          />
        )}
        {byVolume ? (
          <NumberField
            control={control}
            name={name("volume")}
            label={say.volume({ unit: volumeUnit })}
          />
        ) : (
          <LengthField
            control={control}
            name={name("each")}
            unit={unit}
            label={isRound ? say.diameter({ unit }) : say.longEach({ unit })}
          />
        )}
        {!isRound && (
          <LengthField
            control={control}
            name={name("wide")}
            unit={unit}
            label={say.wideEach({ unit })}
          />
        )}
        <LengthField
          control={control}
          name={name("depth")}
          unit={unit}
          label={say.deep({ unit })}
        />
      </Box>
      {withPlace && (
        <ChoiceField
          control={control}
          name={name("at")}
          label={say.standAt}
          choices={placesToStand(garden)}
        />
      )}
      <Box sx={{ fontSize: 14, color: "var(--ash-text)", lineHeight: 1.45 }} aria-live="polite">
        {isSized &&
          say.eachHolds({
            volume: wording.soilL(litresOfEach({ lengthM: eachM, widthM, container: made })),
          })}{" "}
        {times > 0 && kind === "sack" ? say.filledUp({ times }) : say.colderThanTheGround}
      </Box>
    </>
  );
}

/** Where containers may stand, to choose among. */
export function placesToStand({ shelters }: Pick<Garden, "shelters">) {
  return [
    { value: "outdoors", words: say.placeOutdoors },
    ...[...shelters.values()].map(({ id, name }) => ({
      value: id,
      words: say.placeIn({ shelter: name }),
    })),
    { value: "window", words: say.placeWindow },
    { value: "bench", words: say.placeBench },
  ];
}

/** The same, and a growing room, whose warmth and lamps are asked for besides. */
export function placesToMove(garden: Pick<Garden, "shelters">) {
  return [...placesToStand(garden), { value: "room", words: say.placeRoom }];
}

/** The choice that stands for a place. */
export function placeKey(at: StandsAt): string {
  return at.kind === "shelter" ? at.shelterId : at.kind;
}

/** A place in words: "in House 1". */
export function placeWords(
  garden: Pick<Garden, "shelters">,
  at: StandsAt,
  wording?: Pick<LocalWording, "temperature" | "number">,
): string {
  if (at.kind === "room") {
    return wording
      ? say.placeRoomAt({
          min: wording.temperature(at.minC),
          max: wording.temperature(at.maxC),
          hours: wording.number(at.lampHours),
        })
      : say.placeRoom;
  }
  return placesToStand(garden).find(({ value }) => value === placeKey(at))?.words ?? "";
}
