'use client';

import { type ControllerProfile, NUMBER_SCALES, type ProfileEntry } from '@/core/setup/profiles/profile';
import { LabeledSelect } from '../../kit/labeled-select';
import { Field } from '../fields';

/** Fields of an entry's form besides options: a range, a bank and its switches, a block. */
export const FormFields = ({
  profile,
  entry,
  onChange,
}: {
  profile: ControllerProfile;
  entry: ProfileEntry;
  onChange: (entry: ProfileEntry) => void;
}) => {
  const { form } = entry;
  switch (form.kind) {
    case 'menu':
      return null;
    case 'number': {
      const set = (change: Partial<typeof form>) => onChange({ ...entry, form: { ...form, ...change } });
      return (
        <div className="grid grid-cols-2 gap-2 sm:grid-cols-5">
          {(['min', 'max', 'step'] as const).map((name) => (
            <Field
              key={name}
              label={{ min: 'Minimum', max: 'Maximum', step: 'Step' }[name]}
              value={String(form[name])}
              isNumber
              onChange={(text) => set({ [name]: Number(text) })}
            />
          ))}
          <LabeledSelect
            label="Shown"
            value={form.scale}
            options={Object.entries(NUMBER_SCALES).map(([value, label]) => ({ value, label }))}
            onChoose={(scale) => set({ scale: scale as typeof form.scale })}
          />
          <Field
            label="Shown for “none”"
            value={form.none ?? ''}
            onChange={(none) => {
              const { none: _none, ...rest } = form;
              onChange({ ...entry, form: none === '' ? rest : { ...rest, none } });
            }}
          />
        </div>
      );
    }
    case 'switches':
      return (
        <div className="grid grid-cols-2 gap-2">
          <LabeledSelect
            label="Bank"
            value={form.bank}
            options={profile.banks.map(({ id, label }) => ({ value: id, label }))}
            onChoose={(bank) => onChange({ ...entry, form: { ...form, bank } })}
          />
          <Field
            label="Its switches, such as 3 4"
            value={form.positions.join(' ')}
            onChange={(text) =>
              onChange({
                ...entry,
                form: {
                  ...form,
                  positions: text
                    .split(/[\s,]+/)
                    .map(Number)
                    .filter((position) => Number.isInteger(position) && position > 0),
                },
              })
            }
          />
        </div>
      );
    case 'jumper':
      return (
        <LabeledSelect
          label="Block"
          value={form.block}
          options={profile.jumpers.map(({ id, label }) => ({ value: id, label }))}
          onChoose={(block) => onChange({ ...entry, form: { ...form, block } })}
        />
      );
  }
};
