'use client';

import { useState } from 'react';
import { plainLetter, SUBBASE_LETTERS } from '@/core/changeout/letters';
import { COILED_BACK } from '@/core/changeout/old-wiring';
import type { OldConductorRow } from '@/core/job/facts/changeout';
import { colorName, COLORS } from '@/core/wiring/harness';
import { RadioGroup, RadioOption } from '../fields/radio-group';
import { DialogFrame } from '../kit/dialog-frame';
import { INSULATION } from '../theme/wire-colors';

interface ConductorDialogProps {
  /** Recorded conductor; null for a new one. */
  readonly row: OldConductorRow | null;
  /** The other conductors. */
  readonly taken: readonly OldConductorRow[];
  /** `goOn`: whether to open the next one. */
  readonly onKeep: (row: OldConductorRow, goOn: boolean) => void;
  readonly onTakeOff: () => void;
  readonly onClose: () => void;
}

/** Board marks in addition to those of a subbase. */
const BOARD_MARKS = ['R', 'C', 'Y', 'Y1', 'Y2', 'G', 'O', 'B', 'W', 'W1', 'W2', 'W3', 'E', 'L', 'S1', 'S2'];

const MARK =
  'plain-button min-h-12 px-1 font-label text-lg has-checked:border-2 has-checked:border-ink has-checked:bg-ink has-checked:text-paper';

const Marks = ({
  label,
  marks,
  value,
  used,
  onChoose,
}: {
  label: string;
  marks: readonly (readonly [value: string, words: string])[];
  value: string;
  used: ReadonlySet<string>;
  onChoose: (value: string) => void;
}) => (
  <RadioGroup label={label} className="grid grid-cols-6 gap-1">
    {marks.map(([mark, words]) => (
      <RadioOption
        key={words}
        isChosen={value === mark}
        onChoose={() => onChoose(mark)}
        className={`${MARK} ${words.length > 4 ? 'col-span-2 whitespace-normal leading-tight' : ''} ${used.has(mark) && value !== mark ? 'text-quiet line-through' : ''}`}
      >
        {words}
      </RadioOption>
    ))}
  </RadioGroup>
);

const Own = ({
  label,
  value,
  most,
  onChange,
}: {
  label: string;
  value: string;
  most: number;
  onChange: (value: string) => void;
}) => (
  <label className="mt-1 flex items-center gap-2">
    <span className="eyebrow shrink-0">{label}</span>
    <input
      className="field-box min-w-0 flex-1"
      value={value}
      maxLength={most}
      autoCapitalize="characters"
      onChange={(event) => onChange(event.target.value)}
    />
  </label>
);

/** One conductor of the old subbase: letter, color, and mark at the board. */
export const ConductorDialog = ({ row, taken, onKeep, onTakeOff, onClose }: ConductorDialogProps) => {
  const [letter, setLetter] = useState(row?.letter ?? null);
  const [colour, setColor] = useState(row?.colour ?? '');
  const [board, setBoard] = useState(row?.board ?? '');
  const usedColors = new Set(taken.map((each) => each.colour));
  const made = { letter: (letter ?? '').trim(), colour, board: board.trim() };
  const isWhole = letter !== null && colour !== '';
  return (
    <DialogFrame
      title={row ? 'Conductor' : 'Next conductor'}
      about="As wired now, before you move anything."
      onClose={onClose}
    >
      <h3 className="eyebrow">Terminal letter</h3>
      <Marks
        label="Terminal letter"
        marks={[...SUBBASE_LETTERS.map((each) => [each, each] as const), ['', 'No letter']]}
        value={letter ?? '?'}
        used={new Set(taken.map((each) => plainLetter(each.letter)).filter(Boolean))}
        onChoose={setLetter}
      />
      <Own label="Another" value={letter ?? ''} most={8} onChange={setLetter} />
      <h3 className="eyebrow mt-3">Color</h3>
      <RadioGroup label="Color" className="grid grid-cols-5 gap-1">
        {COLORS.map((each) => (
          <RadioOption
            key={each}
            isChosen={colour === each}
            onChoose={() => setColor(each)}
            className={`plain-button min-h-13 flex-col gap-0.5 px-0.5 text-sm has-checked:border-2 has-checked:border-ink has-checked:font-semibold ${usedColors.has(each) ? 'text-quiet line-through' : ''}`}
          >
            <span className="block h-3 w-8 border border-line-strong" style={{ background: INSULATION[each] }} />
            {colorName(each)}
          </RadioOption>
        ))}
      </RadioGroup>
      <h3 className="eyebrow mt-3">Terminal at the other end</h3>
      <Marks
        label="Its other end"
        marks={[['', 'Not seen'], [COILED_BACK, 'Coiled back'], ...BOARD_MARKS.map((each) => [each, each] as const)]}
        value={board}
        used={new Set()}
        onChoose={setBoard}
      />
      <Own label="Another" value={board === COILED_BACK ? '' : board} most={12} onChange={setBoard} />
      <div className="mt-4 flex flex-wrap gap-2">
        <button type="button" className="strong-button" disabled={!isWhole} onClick={() => onKeep(made, row === null)}>
          {row ? 'Save' : 'Save and add next'}
        </button>
        {row === null && (
          <button type="button" className="plain-button" disabled={!isWhole} onClick={() => onKeep(made, false)}>
            Save and finish
          </button>
        )}
        {row !== null && (
          <button type="button" className="plain-button" onClick={onTakeOff}>
            Remove from list
          </button>
        )}
      </div>
    </DialogFrame>
  );
};
