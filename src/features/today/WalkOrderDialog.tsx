"use client";

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from "@dnd-kit/core";
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import HandleIcon from "@mui/icons-material/DragIndicator";
import DownIcon from "@mui/icons-material/KeyboardArrowDown";
import UpIcon from "@mui/icons-material/KeyboardArrowUp";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import { useState } from "react";
import { bedsAsWalked, bedsInOrder, type Bed, type Garden } from "@/core/garden";
import { gardenStore } from "@/store";
import { FormDialog } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { today as say } from "@/words/en/today";
import { told } from "@/ui/wording";

interface Props {
  garden: Garden;
  onClose: () => void;
}

/** The beds in the order in which they are walked past: dragged, or moved by keys and taps. */
export default function WalkOrderDialog({ garden, onClose }: Props) {
  const [order, setOrder] = useState<readonly Bed[]>(() => bedsAsWalked(garden));
  const [refusal, setRefusal] = useState("");
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const move = (from: number, to: number) => {
    if (to >= 0 && to < order.length) setOrder(arrayMove([...order], from, to));
  };
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    const at = (id: unknown) => order.findIndex((bed) => bed.id === id);
    if (over && active.id !== over.id) move(at(active.id), at(over.id));
  };
  const keep = async () => {
    const done = await gardenStore().dispatch("walk.set", { bedIds: order.map(({ id }) => id) });
    if (!done.ok) return setRefusal(told(done.refusal));
    tell(say.walkingOrderSaved, "done", true);
    onClose();
  };
  return (
    <FormDialog
      title={say.walkingOrder2}
      refusal={refusal}
      onSubmit={() => void keep()}
      onClose={onClose}
      more={
        <Button color="inherit" onClick={() => setOrder(bedsInOrder(garden))}>
          {say.resetOrder}
        </Button>
      }
    >
      <Box sx={{ fontSize: 15 }}>{say.dragTheBedsIntoTheOrderYouWalkPast}</Box>
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
        <SortableContext items={order.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
          <Box component="ol" aria-label={say.beds} sx={{ m: 0, p: 0, listStyle: "none" }}>
            {order.map((bed, index) => (
              <BedItem
                key={bed.id}
                bed={bed}
                place={index + 1}
                count={order.length}
                onUp={() => move(index, index - 1)}
                onDown={() => move(index, index + 1)}
              />
            ))}
          </Box>
        </SortableContext>
      </DndContext>
    </FormDialog>
  );
}

interface ItemProps {
  bed: Bed;
  place: number;
  count: number;
  onUp: () => void;
  onDown: () => void;
}

function BedItem({ bed, place, count, onUp, onDown }: ItemProps) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: bed.id,
  });
  return (
    <Box
      component="li"
      ref={setNodeRef}
      sx={{
        display: "flex",
        alignItems: "center",
        gap: 1,
        borderBottom: "1px solid var(--line)",
        bgcolor: isDragging ? "var(--selected)" : "var(--surface)",
        position: "relative",
        zIndex: isDragging ? 1 : 0,
      }}
      style={{
        transform: transform ? `translateY(${transform.y}px)` : undefined,
        transition,
      }}
    >
      <IconButton
        {...attributes}
        {...listeners}
        aria-label={say.drag({ bed: bed.name })}
        sx={{ cursor: "grab", touchAction: "none", minWidth: 44, minHeight: 44 }}
      >
        <HandleIcon />
      </IconButton>
      <Box sx={{ flex: 1, fontSize: 16 }}>
        <Box component="span" className="tabular" sx={{ color: "var(--ash-text)", mr: 1 }}>
          {place}
        </Box>
        {bed.name}
      </Box>
      <IconButton aria-label={say.moveUp({ bed: bed.name })} disabled={place === 1} onClick={onUp}>
        <UpIcon />
      </IconButton>
      <IconButton
        aria-label={say.moveDown({ bed: bed.name })}
        disabled={place === count}
        onClick={onDown}
      >
        <DownIcon />
      </IconButton>
    </Box>
  );
}
