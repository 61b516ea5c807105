import Box from "@mui/material/Box";
import { useWording } from "@/ui/wording";
import type { Carried } from "./useMoving";
import { beds as say } from "@/words/en/beds";
import { told } from "@/ui/wording";
import "@/words/en/facts/bedSpace";
import "@/words/en/facts/schedule";

interface Props {
  carried: Carried;
  name: string;
  /** Of the map, so that the note stays on it. */
  width: number;
  height: number;
}

const NOTE_PX = 270;
const AWAY_PX = 18;

/** Beside the hand that carries a planting: what it would mean to put it down here. */
export function CarriedNote({ carried, name, width, height }: Props) {
  const wording = useWording();
  const { x, y, bed, fromM } = carried;
  const left = x + AWAY_PX + NOTE_PX > width ? Math.max(4, x - AWAY_PX - NOTE_PX) : x + AWAY_PX;
  return (
    <Box
      role="status"
      sx={{
        position: "absolute",
        left,
        ...(y > height / 2 ? { bottom: height - y + 6 } : { top: y + 6 }),
        width: NOTE_PX,
        p: 1.25,
        fontSize: 14,
        lineHeight: 1.4,
        pointerEvents: "none",
        bgcolor: "var(--surface)",
        border: "1.5px solid var(--text)",
        borderRadius: 1.5,
      }}
    >
      <b>{say.toAt({ name, bed: bed.name, length: wording.lengthM(fromM) })}</b>
      <MeaningList carried={carried} />
    </Box>
  );
}

const MARKS = { for: "+", same: "=", against: "−", stops: "×" } as const;
const MARK_WORDS = {
  for: say.reasonsFor,
  same: say.noEffect,
  against: say.reasonsAgainst,
  stops: say.notPossible,
};

/** What a move would mean, a line each, with its mark. */
export function MeaningList({ carried }: { carried: Pick<Carried, "meanings"> }) {
  return (
    <Box component="ul" sx={{ listStyle: "none", m: 0, mt: 0.5, p: 0 }}>
      {carried.meanings.map(({ kind, words }) => (
        <Box
          component="li"
          key={words.code}
          sx={{
            display: "flex",
            gap: 1,
            color: kind === "stops" || kind === "against" ? "var(--ember-text)" : "var(--text)",
          }}
        >
          <b role="img" aria-label={MARK_WORDS[kind]} style={{ width: 12, flex: "none" }}>
            {MARKS[kind]}
          </b>
          <span>{told(words)}</span>
        </Box>
      ))}
    </Box>
  );
}
