import { plan as say } from "@/words/en/plan";
import { LABEL_WIDTH, type StrandLayout } from "./strandLayout";
import type { StrandItem } from "./useStrands";

/** What a row of the plan is called: its bed, once for all that stands in it, and its crop. */
export function StrandLabel(props: {
  item: StrandItem;
  middle: number;
  layout: StrandLayout;
  showBed: boolean;
  selected: boolean;
  /** A box to be chosen by stands before it. */
  isBesideBox: boolean;
}) {
  const { item, middle, layout, showBed, selected, isBesideBox } = props;
  const narrow = layout.left < LABEL_WIDTH;
  if (narrow) {
    return (
      <text
        x={isBesideBox ? 17 : 8}
        y={middle + 4.5}
        fontSize="12.5"
        fontWeight={selected ? 700 : 500}
      >
        {clipped(item.label, NARROW_LABEL_LETTERS - (isBesideBox ? 2 : 0))}
      </text>
    );
  }
  return (
    <>
      <text x={16} y={middle + 4.5} fontSize="12.5" style={{ fill: "var(--ash-text)" }}>
        {showBed ? item.bedName : ""}
      </text>
      <text
        x={layout.left - 10}
        y={middle + 4.5}
        fontSize="13.5"
        textAnchor="end"
        fontWeight={selected ? 700 : 500}
      >
        {clipped(item.label, LABEL_LETTERS)}
      </text>
    </>
  );
}

const LABEL_LETTERS = 16;
const NARROW_LABEL_LETTERS = 11;

/** A name cut to the room there is; the whole of it is in the row's title. */
function clipped(name: string, letters: number): string {
  return name.length > letters
    ? say.text2({ trimEnd: name.slice(0, letters - 1).trimEnd() })
    : name;
}
