'use client';

import { Plus, Trash2 } from 'lucide-react';
import { valuesOfSetting } from '@/core/setup/profiles/edit';
import { type EntryOption, type ProfileEntry, settingsOf } from '@/core/setup/profiles/profile';
import { settingById } from '@/core/setup/settings';
import { settingToText } from '@/core/setup/value';
import { LabeledSelect } from '../../kit/labeled-select';
import { Scroller } from '../../kit/scroller';
import { Cell } from '../fields';

const asNumberOrText = (text: string): string | number | null =>
  text === 'none' ? null : text.trim() !== '' && Number.isFinite(Number(text)) ? Number(text) : text;

/** Options of an entry: code, label, and meaning. */
export const OptionRows = ({ entry, onChange }: { entry: ProfileEntry; onChange: (entry: ProfileEntry) => void }) => {
  if (entry.form.kind === 'number') return null;
  const form = entry.form;
  const settings = settingsOf(entry);
  const set = (options: readonly EntryOption[]) => onChange({ ...entry, form: { ...form, options } });
  const at = (index: number, option: EntryOption) =>
    set(form.options.map((each, other) => (other === index ? option : each)));
  return (
    <Scroller label="Options">
      <table className="w-full text-sm" style={{ minWidth: 220 + 120 * settings.length }}>
        <thead>
          <tr className="text-left">
            <th className="eyebrow w-24 pr-2 font-semibold">Code</th>
            <th className="eyebrow pr-2 font-semibold">Its words</th>
            {settings.map((id) => (
              <th key={id} className="eyebrow pr-2 font-semibold">
                {settingById(id)?.label ?? id}
              </th>
            ))}
            <td className="w-11" />
          </tr>
        </thead>
        <tbody>
          {form.options.map((option, index) => (
            <tr key={index}>
              <td className="pr-2">
                <Cell
                  label={`Code of option ${index + 1}`}
                  value={option.code}
                  isMono
                  onChange={(code) => at(index, { ...option, code })}
                />
              </td>
              <td className="pr-2">
                <Cell
                  label={`Words of option ${index + 1}`}
                  value={option.label}
                  onChange={(label) => at(index, { ...option, label })}
                />
              </td>
              {settings.map((id) => {
                const values = valuesOfSetting(id);
                const value = option.means !== undefined && id in option.means ? settingToText(option.means[id]!) : '';
                const label = `${settingById(id)?.label ?? id} of option ${index + 1}`;
                const setMeans = (text: string) => {
                  const { means: _means, ...plain } = option;
                  const means = { ...option.means, [id]: asNumberOrText(text) };
                  if (text === '') delete (means as Record<string, unknown>)[id];
                  at(index, Object.keys(means).length === 0 ? plain : { ...plain, means });
                };
                return (
                  <td key={id} className="pr-2">
                    {values.length > 0 ? (
                      <LabeledSelect
                        place="hidden"
                        className="w-full"
                        label={label}
                        value={value}
                        options={[
                          { value: '', label: 'no meaning set' },
                          ...values.map(({ text, label: words }) => ({ value: text, label: words })),
                        ]}
                        onChoose={setMeans}
                      />
                    ) : (
                      <Cell label={label} value={value} isMono onChange={setMeans} />
                    )}
                  </td>
                );
              })}
              <td>
                <button
                  type="button"
                  className="bare-button"
                  aria-label={`Remove option ${index + 1}`}
                  onClick={() => set(form.options.filter((_, other) => other !== index))}
                >
                  <Trash2 size={16} aria-hidden />
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <button
        type="button"
        className="bare-button px-2 text-sm text-link"
        onClick={() => set([...form.options, { code: String(form.options.length), label: '' }])}
      >
        <Plus size={16} aria-hidden /> Option
      </button>
    </Scroller>
  );
};
