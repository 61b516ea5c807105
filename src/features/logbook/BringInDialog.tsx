"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useEffect, useEffectEvent, useMemo, useState } from "react";
import {
  broughtIn,
  columnsByName,
  FIELDS_OF,
  kindByName,
  readTable,
  TABLE_KINDS,
  type Brought,
  type Columns,
  type Field,
  type Table,
  type TableKind,
} from "@/core/bringIn";
import { isoDate, type DayNumber } from "@/core/calendar";
import type { Told } from "@/core/facts";
import type { Garden } from "@/core/garden";
import { siteFor } from "@/core/plantings";
import { gardenStore } from "@/store";
import { FileButton, FormDialog, textOf } from "@/ui/inputs";
import { tell } from "@/ui/viewState";
import { told, useWording } from "@/ui/wording";
import { bringIn as say, tableFields, tableKinds } from "@/words/en/bringIn";
import "@/words/en/facts/bringIn";

interface Props {
  garden: Garden;
  today: DayNumber;
  /** The table, where it was chosen already. */
  file: File | null;
  onClose: () => void;
}

/** A table of the grower's own: its columns matched, what it would bring looked at, and brought in. */
export default function BringInDialog({ garden, today, file, onClose }: Props) {
  const wording = useWording();
  const [table, setTable] = useState<(Table & { name: string }) | null>(null);
  const [kind, setKind] = useState<TableKind>("harvests");
  const [columns, setColumns] = useState<Columns>({});
  const [refusal, setRefusal] = useState<Told>("");
  const take = (text: string, name: string) => {
    const read = readTable(text);
    if ("problem" in read) {
      setTable(null);
      return setRefusal(read.problem);
    }
    const found = kindByName(read.headings) ?? kind;
    setRefusal("");
    setTable({ ...read, name });
    setKind(found);
    setColumns(columnsByName(found, read.headings));
  };
  const choose = async (chosen: File) => take(await textOf(chosen), chosen.name);
  const takeFirst = useEffectEvent(take);
  useEffect(() => {
    if (file) void textOf(file).then((text) => takeFirst(text, file.name));
  }, [file]);
  const site = siteFor(garden);
  const { needed, also } = FIELDS_OF[kind];
  const missing = needed.filter((field) => columns[field] === undefined);
  const found = useMemo(() => {
    if (!table || !site || missing.length > 0) return null;
    return broughtIn(kind, { site, garden, table, columns, today });
  }, [table, site, missing.length, kind, columns, garden, today]);
  const brought = found && !("problem" in found) ? found : null;
  const count = brought ? countOf(brought) : 0;
  const keep = async () => {
    if (!brought || count === 0) return setRefusal(say.nothing);
    const { entries, plantings, seedLots, left } = brought;
    const done = await gardenStore().dispatch("table.bringIn", {
      entries,
      plantings,
      seedLots,
      today: isoDate(today),
    });
    if (!done.ok) return setRefusal(done.refusal);
    tell(say.done({ count, left: left.length }), "done", true);
    onClose();
  };
  return (
    <FormDialog
      title={say.title}
      width="md"
      refusal={refusal !== "" ? refusal : found && "problem" in found ? found.problem : ""}
      keepLabel={count > 0 ? say.keep({ count }) : say.nothing}
      onSubmit={() => void keep()}
      onClose={onClose}
    >
      <Box sx={{ fontSize: 15.5 }}>{site ? say.what : say.needsPlace}</Box>
      <Box>
        <FileButton
          variant="outlined"
          inputLabel={say.choose}
          accept=".csv,.tsv,.txt,text/csv"
          onFile={(file) => void choose(file)}
        >
          {table ? table.name : say.choose}
        </FileButton>
      </Box>
      {table && (
        <>
          <Box
            sx={{
              display: "grid",
              gap: 1.5,
              gridTemplateColumns: "repeat(auto-fill, minmax(190px, 1fr))",
            }}
          >
            <Choice
              label={say.kind}
              value={kind}
              options={TABLE_KINDS.map((one) => ({ value: one, words: tableKinds[one] }))}
              onChange={(value) => {
                const next = TABLE_KINDS.find((one) => one === value) ?? kind;
                setRefusal("");
                setKind(next);
                setColumns(columnsByName(next, table.headings));
              }}
            />
            {[...needed, ...also].map((field) => (
              <Choice
                key={field}
                label={say.column({ field: tableFields[field] })}
                value={String(columns[field] ?? NONE)}
                options={[
                  { value: String(NONE), words: say.none },
                  ...table.headings.map((heading, at) => ({
                    value: String(at),
                    words: heading === "" ? String(at + 1) : heading,
                  })),
                ]}
                onChange={(value) => {
                  setRefusal("");
                  setColumns(withColumn(columns, field, Number(value)));
                }}
              />
            ))}
          </Box>
          {missing.length > 0 && (
            <Alert severity="info">
              {say.missing({ fields: wording.names(missing.map((field) => tableFields[field])) })}
            </Alert>
          )}
          <Preview table={table} />
          {brought && <Report brought={brought} count={count} />}
        </>
      )}
    </FormDialog>
  );
}

const NONE = -1;
const LINES_SHOWN = 3;
const REASONS_SHOWN = 8;

function countOf({ entries, plantings, seedLots }: Brought): number {
  // A sowing that brings its planting is one line.
  const withEntry = new Set(
    entries.flatMap(({ what }) => ("plantingId" in what ? [what.plantingId] : [])),
  );
  return entries.length + plantings.filter(({ id }) => !withEntry.has(id)).length + seedLots.length;
}

function withColumn(columns: Columns, field: Field, at: number): Columns {
  const { [field]: _before, ...others } = columns;
  return at === NONE ? others : { ...others, [field]: at };
}

interface ChoiceProps {
  label: string;
  value: string;
  options: readonly { value: string; words: string }[];
  onChange: (value: string) => void;
}

function Choice({ label, value, options, onChange }: ChoiceProps) {
  return (
    <TextField
      select
      size="small"
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
    >
      {options.map((one) => (
        <MenuItem key={one.value} value={one.value}>
          {one.words}
        </MenuItem>
      ))}
    </TextField>
  );
}

function Preview({ table }: { table: Table }) {
  return (
    <Box sx={{ overflowX: "auto" }} tabIndex={0} role="group" aria-label={say.preview}>
      <Box
        component="table"
        sx={{
          borderCollapse: "collapse",
          fontSize: 14.5,
          "& th, & td": {
            textAlign: "left",
            pr: 2,
            py: 0.3,
            borderBottom: "1px solid var(--line)",
            whiteSpace: "nowrap",
          },
        }}
      >
        <thead>
          <tr>
            {table.headings.map((heading, at) => (
              <th key={at} scope="col">
                {heading}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {table.rows.slice(0, LINES_SHOWN).map(({ line, cells }) => (
            <tr key={line}>
              {table.headings.map((_, at) => (
                <td key={at}>{cells[at]}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

function Report({ brought, count }: { brought: Brought; count: number }) {
  const { left, notes } = brought;
  return (
    <Box role="status" sx={{ fontSize: 15.5 }}>
      <strong>{say.ready({ count })}</strong>
      {notes.map((note) => (
        <Box key={note.code}>{told(note)}</Box>
      ))}
      {left.length > 0 && (
        <>
          <Box sx={{ mt: 0.5 }}>{say.left({ count: left.length })}</Box>
          <Box component="ul" sx={{ m: 0, pl: 2.25 }}>
            {left.slice(0, REASONS_SHOWN).map(({ line, reason }) => (
              <li key={line}>{say.line({ line, reason: told(reason) })}</li>
            ))}
            {left.length > REASONS_SHOWN && (
              <li>{say.more({ count: left.length - REASONS_SHOWN })}</li>
            )}
          </Box>
        </>
      )}
    </Box>
  );
}
