import type { ControllerProfile } from '../profiles/profile';
import type { Card, CardLine } from './card';

/** One switch of a bank: target and found position. Null: unknown. */
export interface SwitchToBe {
  readonly number: number;
  readonly to: 'on' | 'off' | null;
  readonly found: 'on' | 'off' | null;
  /** Its entry. */
  readonly code: string | null;
}

export interface BankToBe {
  readonly id: string;
  readonly label: string;
  readonly switches: readonly SwitchToBe[];
}

export interface JumperToBe {
  readonly id: string;
  readonly label: string;
  readonly pins: readonly string[];
  readonly to: string | null;
  readonly found: string | null;
}

const bit = (pattern: string | null | undefined, at: number): 'on' | 'off' | null => {
  if (!pattern) return null;
  return pattern[at] === '1' ? 'on' : 'off';
};

const targetCode = ({ target, found }: CardLine) => (target.kind === 'set' ? target.code : (found?.value ?? null));

/** Switch banks and jumper blocks of a card, as they should be set. */
export const banksOf = ({
  profile,
  lines,
}: Card): { readonly banks: readonly BankToBe[]; readonly jumpers: readonly JumperToBe[] } => ({
  banks: profile.banks.map(({ id, label, switches }) => ({
    id,
    label,
    switches: Array.from({ length: switches }, (_, index): SwitchToBe => {
      const number = index + 1;
      const line = lines.find(
        ({ entry }) =>
          entry.form.kind === 'switches' && entry.form.bank === id && entry.form.positions.includes(number),
      );
      if (!line || line.entry.form.kind !== 'switches') return { number, to: null, found: null, code: null };
      const at = line.entry.form.positions.indexOf(number);
      return { number, to: bit(targetCode(line), at), found: bit(line.found?.value, at), code: line.entry.code };
    }),
  })),
  jumpers: profile.jumpers.map(({ id, label, pins }) => {
    const line = lines.find(({ entry }) => entry.form.kind === 'jumper' && entry.form.block === id);
    return { id, label, pins, to: line ? targetCode(line) : null, found: line?.found?.value ?? null };
  }),
});

/** Whether a profile has switches or jumpers to draw. */
export const hasHardware = ({ banks, jumpers }: ControllerProfile): boolean => banks.length + jumpers.length > 0;
