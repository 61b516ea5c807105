import { cellCount, cellName, type Tray, type TraySowing } from "@/core/trays";
import { seedlingSize, type SowingState } from "@/core/propagation";
import { trays as say } from "@/words/en/trays";

interface Props {
  tray: Tray;
  states: readonly SowingState[];
  day: number;
  /** The sowing that is pointed out; null for none. */
  pointedOut?: string | null;
}

const CELL = 20;
const GAP = 2;
const LABEL = 16;

/** Hatches tell neighbouring sowings apart without colour. */
const FILLS = ["var(--surface)", "var(--selected)"];

/** A tray from above: each cell with its seedlings as big as they are on the day. */
export function TrayMap({ tray, states, day, pointedOut = null }: Props) {
  const width = LABEL + tray.columns * CELL + 1;
  const height = LABEL + tray.rows * CELL + 1;
  const owners = ownersOf(tray);
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={mapWords(tray, states)}
      style={{ display: "block", width: "100%", maxWidth: width * 2 }}
    >
      {Array.from({ length: tray.columns }, (_, column) => (
        <text
          key={column}
          x={LABEL + (column + 0.5) * CELL}
          y={11}
          fontSize="9"
          textAnchor="middle"
        >
          {column + 1}
        </text>
      ))}
      {Array.from({ length: tray.rows }, (_, row) => (
        <text key={row} x={LABEL - 5} y={LABEL + row * CELL + 13} fontSize="9" textAnchor="end">
          {cellName({ columns: 1 }, row).replace(/\d+$/, "")}
        </text>
      ))}
      {Array.from({ length: cellCount(tray) }, (_, cell) => {
        const owner = owners.get(cell);
        const x = LABEL + (cell % tray.columns) * CELL;
        const y = LABEL + Math.floor(cell / tray.columns) * CELL;
        const state = owner && states.find(({ sowing }) => sowing.id === owner.sowing.id);
        return (
          <g key={cell}>
            <rect
              x={x + GAP / 2}
              y={y + GAP / 2}
              width={CELL - GAP}
              height={CELL - GAP}
              rx={3}
              fill={owner ? FILLS[owner.order % FILLS.length] : "transparent"}
              stroke={owner && owner.sowing.id === pointedOut ? "var(--ember)" : "var(--line)"}
              strokeWidth={owner && owner.sowing.id === pointedOut ? 1.8 : 1}
              strokeDasharray={owner ? undefined : "2 2"}
            />
            {owner && (
              <Seedlings
                x={x + CELL / 2}
                y={y + CELL / 2}
                count={owner.sowing.seedlings?.[owner.place] ?? null}
                size={state ? seedlingSize(state, day) : 0}
              />
            )}
          </g>
        );
      })}
    </svg>
  );
}

/** The seedlings of a cell: a dot where sown, leaves where up, a cross where nothing came. */
function Seedlings({
  x,
  y,
  count,
  size,
}: {
  x: number;
  y: number;
  count: number | null;
  size: number;
}) {
  if (count === 0) {
    return (
      <path d={`M${x - 3},${y - 3} l6,6 m0,-6 l-6,6`} stroke="var(--ash-text)" strokeWidth="1.2" />
    );
  }
  if (count === null && size === 0) return <circle cx={x} cy={y} r={1.6} fill="var(--ash-text)" />;
  const plants = Math.min(count ?? 1, MOST_DRAWN);
  const leaf = (2.4 + 4 * size) / Math.sqrt(plants);
  return Array.from({ length: plants }, (_, index) => {
    const turn = (index / plants) * 2 * Math.PI;
    const away = plants === 1 ? 0 : 4.4;
    const [cx, cy] = [x + away * Math.cos(turn), y + away * Math.sin(turn)];
    return (
      <path
        key={index}
        d={leafPair(cx, cy, Math.max(1.6, leaf))}
        // Nobody has counted yet: what should be there is drawn as an outline.
        fill={count === null ? "none" : "var(--moss)"}
        stroke="var(--moss-text)"
        strokeWidth={count === null ? 0.9 : 0.5}
      />
    );
  });
}

const MOST_DRAWN = 6;

/** A seedling from the side: a stem and two seed leaves, its foot below the middle. */
function leafPair(x: number, y: number, size: number): string {
  const foot = y + size * 0.85;
  const half = (side: 1 | -1) => {
    const tip = `${x + side * size * 1.15},${y - size * 0.75}`;
    return say.mCCZ({
      x,
      foot,
      y,
      x2: x + side * size * 0.35,
      y2: y - size * 0.9,
      tip,
      x3: x + side * size * 1.2,
      y3: y + size * 0.25,
      x4: x + side * size * 0.45,
      y4: y + size * 0.35,
    });
  };
  return say.text3({ half: half(1), half2: half(-1) });
}

/** Each sown cell with its sowing, the cell's place among the sowing's cells, and the sowing's order. */
function ownersOf(tray: Tray) {
  const owners = new Map<number, { sowing: TraySowing; place: number; order: number }>();
  tray.sowings.forEach((sowing, order) => {
    sowing.cells.forEach((cell, place) => owners.set(cell, { sowing, place, order }));
  });
  return owners;
}

function mapWords(tray: Tray, states: readonly SowingState[]): string {
  const held = states.map(({ sowing, crop }) => {
    const [first, last] = [sowing.cells[0] ?? 0, sowing.cells.at(-1) ?? 0];
    return say.fromCellTo({
      crop: crop.name,
      first: cellName(tray, first),
      last: cellName(tray, last),
    });
  });
  return say.rowsOfCells({
    tray: tray.name,
    rows: tray.rows,
    columns: tray.columns,
    held: held.join("; ") || "empty",
  });
}
