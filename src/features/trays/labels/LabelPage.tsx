import Box from "@mui/material/Box";
import { dayNumber } from "@/core/calendar";
import type { Label } from "@/core/trays";
import { useWording, type LocalWording } from "@/ui/wording";
import { trays as say } from "@/words/en/trays";

/** A sheet of labels to cut apart, or strips to stick on sticks. */
export type LabelShape = "sheet" | "strip";

interface Props {
  labels: readonly Label[];
  shape: LabelShape;
}

/** The labels as they come out of the printer: black on white, in millimetres. */
export function LabelPage({ labels, shape }: Props) {
  const Shape = shape === "sheet" ? SheetLabel : StripLabel;
  return (
    <Box
      component="ul"
      aria-label={say.labels2}
      sx={{
        m: 0,
        p: 0,
        listStyle: "none",
        color: "#000",
        display: shape === "sheet" ? "grid" : "block",
        gridTemplateColumns: "repeat(auto-fill, 60mm)",
        gap: 0,
        "@page": { margin: "10mm" },
      }}
    >
      {labels.map((label, index) => (
        <Shape key={index} label={label} />
      ))}
    </Box>
  );
}

interface LabelProps {
  label: Label;
}

/** Cut marks are dashed; a label never breaks across pages. */
const CUT = {
  border: "0.3mm dashed #888",
  bgcolor: "#fff",
  breakInside: "avoid",
  boxSizing: "border-box",
} as const;

function SheetLabel({ label }: LabelProps) {
  const wording = useWording();
  return (
    <Box
      component="li"
      sx={{ ...CUT, width: "60mm", height: "36mm", p: "2.5mm", overflow: "hidden" }}
    >
      <Box
        sx={{
          fontFamily: "var(--font-heading)",
          fontWeight: 600,
          fontSize: "13.5pt",
          lineHeight: 1.05,
        }}
      >
        {label.crop}
      </Box>
      <Box sx={{ fontSize: "10.5pt", lineHeight: 1.25 }}>{label.variety}</Box>
      <Box sx={{ fontSize: "10.5pt", lineHeight: 1.3, mt: "1.2mm" }}>
        {say.sown3} <b>{wording.date(dayNumber(label.sownOn))}</b>
        <br />
        {countWords(label, wording)}, {label.where}
        <br />
        {spacingWords(label, wording)}
        {label.treated && <b> {say.treatedSeed}</b>}
      </Box>
    </Box>
  );
}

function StripLabel({ label }: LabelProps) {
  const wording = useWording();
  return (
    <Box
      component="li"
      sx={{
        ...CUT,
        width: "180mm",
        maxWidth: "100%",
        minHeight: "16mm",
        px: "3mm",
        display: "flex",
        alignItems: "center",
        gap: "4mm",
      }}
    >
      <Box
        sx={{
          fontFamily: "var(--font-heading)",
          fontWeight: 600,
          fontSize: "14pt",
          lineHeight: 1.05,
          width: "46mm",
        }}
      >
        {label.crop}
      </Box>
      <Box sx={{ fontSize: "10.5pt", lineHeight: 1.2, flex: 1 }}>
        {label.variety}
        <br />
        {say.sown3} <b>{wording.date(dayNumber(label.sownOn))}</b>
        {label.treated && <b> {say.treatedSeed}</b>}
      </Box>
      <Box sx={{ fontSize: "10.5pt", lineHeight: 1.2, width: "56mm" }}>
        {countWords(label, wording)}, {label.where}
        <br />
        {spacingWords(label, wording)}
      </Box>
    </Box>
  );
}

function countWords({ count, counted }: Label, wording: LocalWording): string {
  const about = { count, number: wording.number(count) };
  return counted === "cells" ? say.cellCount(about) : say.plantCount(about);
}

function spacingWords({ rowCm, inRowCm, together }: Label, wording: LocalWording): string {
  return say.apartRows({
    value: together > 1 ? say.together({ together }) : "plant",
    distance: wording.distanceCm(inRowCm),
    distance2: wording.distanceCm(rowCm),
  });
}
