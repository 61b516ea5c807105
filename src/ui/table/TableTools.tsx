"use client";

import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import MenuItem from "@mui/material/MenuItem";
import Popover from "@mui/material/Popover";
import TextField from "@mui/material/TextField";
import type { Table } from "@tanstack/react-table";
import { useState } from "react";
import { tables as say } from "@/words/en/tables";
import { orderOf } from "./useTable";

interface Props<Row> {
  table: Table<Row>;
  onRemove: (rows: Row[]) => void;
}

/** What is done with the table as a whole: its order, its columns, and what was marked in it. */
export function TableTools<Row>({ table, onRemove }: Props<Row>) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const chosen = table.getSelectedRowModel().rows.map(({ original }) => original);
  const [sorted] = table.getState().sorting;
  return (
    <Box
      sx={{
        display: "flex",
        flexWrap: "wrap",
        gap: 1.25,
        mt: 1.5,
        alignItems: "center",
        "@media print": { display: "none" },
      }}
    >
      <TextField
        select
        size="small"
        label={say.sortBy}
        value={sorted ? `${sorted.id}-${sorted.desc ? "down" : "up"}` : ""}
        onChange={({ target }) => {
          const [id = "", way] = target.value.split("-");
          table.setSorting([{ id, desc: way === "down" }]);
        }}
        sx={{ width: 190 }}
      >
        {table.getAllLeafColumns().flatMap((column) =>
          (["down", "up"] as const).map((way) => (
            <MenuItem key={way} value={`${column.id}-${way}`}>
              {say.sorted({
                column: String(column.columnDef.header),
                isDown: way === "down",
                isNumber: orderOf(column.columnDef) === "number",
                isDay: orderOf(column.columnDef) === "day",
              })}
            </MenuItem>
          )),
        )}
      </TextField>
      <Button
        color="inherit"
        variant="outlined"
        aria-haspopup="dialog"
        aria-expanded={anchor !== null}
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{ display: { xs: "none", md: "inline-flex" } }}
      >
        {say.columns}
      </Button>
      {anchor && (
        <Popover
          open
          anchorEl={anchor}
          onClose={() => setAnchor(null)}
          anchorOrigin={{ vertical: "bottom", horizontal: "left" }}
          slotProps={{ paper: { role: "dialog", "aria-label": say.columns, sx: { p: 2 } } }}
        >
          <Box sx={{ display: "grid" }}>
            {table
              .getAllLeafColumns()
              .filter((column) => column.getCanHide())
              .map((column) => (
                <FormControlLabel
                  key={column.id}
                  control={
                    <Checkbox
                      checked={column.getIsVisible()}
                      onChange={(_event, isShown) => column.toggleVisibility(isShown)}
                    />
                  }
                  label={String(column.columnDef.header)}
                />
              ))}
          </Box>
        </Popover>
      )}
      {chosen.length > 0 && (
        <Box role="status" sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center" }}>
          {say.chosen({ count: chosen.length })}
          <Button
            variant="outlined"
            color="inherit"
            onClick={() => {
              table.resetRowSelection();
              onRemove(chosen);
            }}
          >
            {say.removeChosen({ count: chosen.length })}
          </Button>
          <Button color="inherit" onClick={() => table.resetRowSelection()}>
            {say.chooseNone}
          </Button>
        </Box>
      )}
    </Box>
  );
}
