import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { LabeledSelect } from './labeled-select';

const MINUTES = [30, 60, 90].map((value) => ({ value, label: `${value} min` }));

test('a number chosen is a number, whatever the browser makes of it', async () => {
  const chosen: number[] = [];
  render(<LabeledSelect label="Interval" value={90} options={MINUTES} onChoose={(value) => chosen.push(value)} />);
  await userEvent.selectOptions(screen.getByLabelText('Interval'), '30 min');
  expect(chosen).toEqual([30]);
});

test('a value that is not among the options stays in sight until another is chosen', async () => {
  const chosen: number[] = [];
  render(<LabeledSelect label="Interval" value={45} options={MINUTES} onChoose={(value) => chosen.push(value)} />);
  const select = screen.getByLabelText('Interval') as HTMLSelectElement;
  expect(select.value).toBe('45');
  await userEvent.selectOptions(select, '45');
  expect(chosen).toEqual([]);
  await userEvent.selectOptions(select, '60 min');
  expect(chosen).toEqual([60]);
});

test('nothing chosen yet asks to choose', () => {
  render(
    <LabeledSelect label="Bank" place="hidden" value="" options={[{ value: 'P', label: 'P' }]} onChoose={jest.fn()} />,
  );
  expect((screen.getByRole('combobox', { name: 'Bank' }) as HTMLSelectElement).selectedOptions[0]!.textContent).toBe(
    'choose',
  );
});
