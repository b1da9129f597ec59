'use client';

import { useMemo, useState } from 'react';
import type { StoredWeather } from '@/core/balance/year/stored-weather';
import { boardAdvice, boardWords } from '@/core/simulation/day/board-words';
import { BOARD_VARIANTS, FROST_VARIANTS } from '@/core/simulation/day/variant';
import { dayPicks } from '@/core/simulation/weather/day-picks';
import type { HourlyWeather } from '@/core/simulation/weather/weather';
import { LocalizedDegrees, useDegrees } from '../../degrees/degrees';
import { ChoiceBox } from '../../fields/choice-box';
import { useJob } from '../../job/provider';
import { useSentJob } from '../../job/use-sent-job';
import { FailedTask } from '../../kit/failed-task';
import { Progress } from '../../kit/progress';
import { useWeather } from '../../weather/use-weather';
import { useCursor } from '../cursor';
import { DayChoice } from '../day-choice';
import { SimulateTabs } from '../simulate-tabs';
import { Strip } from '../strip';
import { useDayPlace, weatherOn } from '../use-place';
import { BoardsTable } from './boards-table';
import { defrostRows } from './defrost-rows';
import { useBoards } from './use-boards';
import { useMagnified } from './use-magnified';

const CHOICES = [
  { value: 'stands', label: 'As set now' },
  ...[...BOARD_VARIANTS, ...FROST_VARIANTS].map(({ id, label }) => ({ value: id, label })),
];

/** One defrost in detail, and boards compared over a month of this climate. */
export const DefrostPage = ({ brought }: { brought: readonly StoredWeather[] }) => {
  const facts = useJob((job) => job.facts);
  const sent = useSentJob();
  const degrees = useDegrees();
  const { place, go } = useDayPlace('damp');
  const { name, hoursF, humidity } = useWeather(facts.year.weather, brought);
  const year = useMemo((): HourlyWeather | null => (hoursF === null ? null : { hoursF, humidity }), [hoursF, humidity]);
  const picks = useMemo(() => (year === null ? [] : dayPicks(year, facts)), [year, facts]);
  const chosen = useMemo(() => (year === null ? null : weatherOn(place.on, year, picks)), [place.on, year, picks]);
  const [id, setId] = useState('stands');
  const { magnified: answer, hasFailed, again } = useMagnified(sent, id, chosen?.weather ?? null, chosen?.day ?? 0);
  const boards = useBoards(sent, chosen?.weather ?? null, chosen?.day ?? 0);
  const rows = useMemo(() => defrostRows(facts), [facts]);
  return (
    <div className="mx-auto max-w-6xl px-3 py-4 sm:px-6">
      <SimulateTabs />
      <section aria-label="The answer" aria-live="polite" className="mb-3 min-h-14">
        {hasFailed ? (
          <FailedTask words="The defrost could not be calculated." onAgain={again} />
        ) : (
          <p className="border-l-4 border-ink pl-3 text-lg font-medium">
            {answer === undefined ? (
              'Running to a defrost …'
            ) : answer === null ? (
              'No defrost in ten hours of this weather.'
            ) : (
              <LocalizedDegrees>{boardWords(answer)}</LocalizedDegrees>
            )}
          </p>
        )}
      </section>
      <div className="no-print mb-4">
        <DayChoice place={place} picks={picks} day={chosen?.day ?? 0} onGo={go} hasLength={false}>
          <span className="w-full sm:w-64">
            <ChoiceBox label="Board or fault" options={CHOICES} value={id} onCommit={setId} />
          </span>
        </DayChoice>
      </div>
      {answer && (
        <Strip
          label="One defrost"
          run={answer.run}
          rows={rows}
          events={[]}
          onMove={(atMin) => useCursor.getState().go(atMin)}
        />
      )}
      <section aria-label="Boards over a month" className="mt-8" aria-busy={boards.share !== null}>
        <div className="flex flex-wrap items-end justify-between gap-2 border-b-2 border-ink pb-1">
          <h2 className="part-head">A month from that day in {name}</h2>
          {boards.share === null && !boards.isCurrent && (
            <button type="button" className="strong-button" onClick={boards.ask}>
              Compare boards
            </button>
          )}
        </div>
        {boards.share !== null && (
          <Progress label="Calculating ten months" share={boards.share} onCancel={boards.cancel} />
        )}
        {boards.hasFailed && <FailedTask words="The months could not be calculated." onAgain={boards.ask} />}
        {boards.months ? (
          <div className={boards.isCurrent ? '' : 'opacity-60'}>
            <BoardsTable months={boards.months} />
            <p className="mt-2 border-l-4 border-ink pl-3">{boardAdvice(boards.months)}</p>
          </div>
        ) : (
          boards.share === null && (
            <p className="mt-2 max-w-prose text-quiet">
              The same month with the board at 30, 60, 90 minutes and demand, and with low charge, low outdoor airflow,
              a failed fan, a fallen-off sensor or a shortened defrost.
            </p>
          )
        )}
        <p className="mt-3 max-w-prose text-sm text-quiet">
          Frost rate depends on the moisture in the air over the coil, tuned to the rating standard’s frost test point.
          “Cold air” means under {degrees.text(85, 0)} at the register while something runs.
        </p>
      </section>
    </div>
  );
};
