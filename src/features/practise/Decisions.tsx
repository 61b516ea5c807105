"use client";

import Box from "@mui/material/Box";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import type { ReactNode } from "react";
import { cropLibrary } from "@/core/crops";
import type { BedOnEvening, Choice, Evening } from "@/core/practice";
import { useWording } from "@/ui/wording";
import { practise as say } from "@/words/en/practise";
import { bedWords, cropWords } from "./bedWords";

interface Props {
  evening: Evening;
  choice: Choice;
  onChange: (choice: Choice) => void;
}

const GRAMS_PER_KG = 1000;

/** What can be decided this evening, by kind: each bed a button that stays down. */
export function Decisions({ evening, choice, onChange }: Props) {
  const wording = useWording();
  const { asks, beds, cloths, sowable } = evening;
  const standing = beds.filter(({ cropId }) => cropId !== null);
  const left = cloths - choice.cover.length;
  const toggled = (ids: readonly string[], id: string) =>
    ids.includes(id) ? ids.filter((one) => one !== id) : [...ids, id];
  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, mt: 1.25 }}>
      {asks.includes("cover") && (
        <Group title={say.cover({ left })}>
          {standing.map((bed) => (
            <BedToggle
              key={bed.id}
              words={`${cropWords(bed.cropId)} · ${bedWords(bed)}`}
              isDown={choice.cover.includes(bed.id)}
              isOff={left <= 0 && !choice.cover.includes(bed.id)}
              onToggle={() => onChange({ ...choice, cover: toggled(choice.cover, bed.id) })}
            />
          ))}
        </Group>
      )}
      {asks.includes("pick") && (
        <Group title={say.pickNow}>
          {standing
            .filter(({ readyKg }) => readyKg > 0)
            .map((bed) => (
              <BedToggle
                key={bed.id}
                words={say.pickKg({
                  crop: cropWords(bed.cropId),
                  kg: wording.weightG(bed.readyKg * GRAMS_PER_KG),
                })}
                isDown={choice.pick.includes(bed.id)}
                isOff={false}
                onToggle={() => onChange({ ...choice, pick: toggled(choice.pick, bed.id) })}
              />
            ))}
        </Group>
      )}
      {asks.includes("lid") && (
        <Group title={say.lids}>
          <ToggleButtonGroup
            exclusive
            aria-label={say.lids}
            value={choice.lid}
            onChange={(_event, lid: Choice["lid"]) => onChange({ ...choice, lid })}
          >
            <ToggleButton value="open">{say.open}</ToggleButton>
            <ToggleButton value="shut">{say.shut}</ToggleButton>
          </ToggleButtonGroup>
        </Group>
      )}
      {asks.includes("sow") && (
        <Group title={say.sow}>
          {beds
            .filter(({ cropId }) => cropId === null)
            .map((bed) => (
              <SowChoice
                key={bed.id}
                bed={bed}
                sowable={sowable}
                value={choice.sow.find(({ bedId }) => bedId === bed.id)?.cropId ?? null}
                onChange={(cropId) =>
                  onChange({
                    ...choice,
                    sow: [
                      ...choice.sow.filter(({ bedId }) => bedId !== bed.id),
                      ...(cropId === null ? [] : [{ bedId: bed.id, cropId }]),
                    ],
                  })
                }
              />
            ))}
        </Group>
      )}
      {asks.includes("water") && (
        <Group title={say.water}>
          <ToggleButtonGroup
            exclusive
            aria-label={say.water}
            value={choice.water}
            onChange={(_event, water: Choice["water"] | null) =>
              onChange({ ...choice, water: water ?? "none" })
            }
          >
            <ToggleButton value="none">{say.noWater}</ToggleButton>
            <ToggleButton value="evening">{say.inEvening}</ToggleButton>
            <ToggleButton value="morning">{say.inMorning}</ToggleButton>
          </ToggleButtonGroup>
        </Group>
      )}
    </Box>
  );
}

function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box
      component="fieldset"
      sx={{
        m: 0,
        border: "1px solid var(--line)",
        borderRadius: 2,
        px: 1.5,
        pt: 0.25,
        pb: 1.25,
        minWidth: 0,
        flex: "1 1 240px",
      }}
    >
      <Box
        component="legend"
        sx={{ px: 0.5, fontFamily: "var(--font-heading)", fontSize: 18, fontWeight: 600 }}
      >
        {title}
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>{children}</Box>
    </Box>
  );
}

function BedToggle(props: {
  words: string;
  isDown: boolean;
  isOff: boolean;
  onToggle: () => void;
}) {
  return (
    <ToggleButton
      value={props.words}
      selected={props.isDown}
      disabled={props.isOff}
      onChange={props.onToggle}
      sx={{ minHeight: 44 }}
    >
      {props.words}
    </ToggleButton>
  );
}

function SowChoice(props: {
  bed: BedOnEvening;
  sowable: readonly string[];
  value: string | null;
  onChange: (cropId: string | null) => void;
}) {
  const { bed, sowable, value, onChange } = props;
  const words = bedWords(bed);
  return (
    <Box>
      <Box sx={{ fontSize: 15, mb: 0.25 }}>{words}</Box>
      <ToggleButtonGroup
        exclusive
        aria-label={say.sowInBed({ bed: words })}
        value={value}
        onChange={(_event, cropId: string | null) => onChange(cropId)}
      >
        {sowable.map((id) => (
          <ToggleButton key={id} value={id}>
            {cropLibrary.get(id)?.name ?? id}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Box>
  );
}
