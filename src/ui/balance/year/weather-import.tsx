'use client';

import { proxy } from 'comlink';
import { Upload } from 'lucide-react';
import { useState } from 'react';
import { v4 as uuid } from 'uuid';
import type { StoredWeather } from '@/core/balance/year/stored-weather';
import type { WeatherOptions, WeatherRead } from '@/core/formats/weather/weather-read';
import { newWeatherYear } from '@/core/sync/queue/requests';
import { FileButton } from '../../kit/file-button';
import { Progress } from '../../kit/progress';
import { toast } from '../../kit/toast';
import { saveYear } from '../../offline/device';
import { sendOrQueue } from '../../offline/queued-requests';
import { useAtWork } from '../../person/at-work';
import { startYearWorker } from './year-worker';

type Given = { readonly file: string; readonly text: string; readonly options: WeatherOptions };
type State =
  | { readonly kind: 'idle' }
  | { readonly kind: 'reading'; readonly share: number; readonly cancel: () => void }
  | { readonly kind: 'asks'; readonly given: Given; readonly found: Exclude<WeatherRead, { kind: 'read' | 'wrong' }> }
  | { readonly kind: 'refused'; readonly words: string; readonly again?: () => void };

/** Imports an EPW file or a CSV of hours. Asks what a file leaves open; nothing is filled or converted unasked. */
export const WeatherImport = ({ onAdded }: { onAdded: (weather: StoredWeather) => void }) => {
  const [state, setState] = useState<State>({ kind: 'idle' });
  const { me, personId, crewId } = useAtWork();

  const keep = async (weather: Extract<WeatherRead, { kind: 'read' }>['weather'], id: string) => {
    const answer = await sendOrQueue<StoredWeather>(newWeatherYear({ id, ...weather }, { personId, crewId }));
    if (answer.kind === 'ok') {
      setState({ kind: 'idle' });
      return onAdded(answer.value);
    }
    if (answer.kind === 'queued') {
      const year = { id, ...weather, addedAt: new Date().toISOString(), addedBy: me };
      // The hours are needed here before the server has them.
      await saveYear(year);
      setState({ kind: 'idle' });
      toast('The weather year is saved on this device and will sync when you are online.');
      return onAdded(year);
    }
    setState({
      kind: 'refused',
      words: answer.kind === 'lost' ? 'The server is not responding; the weather year is not saved yet.' : answer.error,
      again: () => void keep(weather, id),
    });
  };

  const read = async (given: Given) => {
    const worker = startYearWorker();
    const cancel = () => {
      worker.end();
      setState({ kind: 'idle' });
    };
    setState({ kind: 'reading', share: 0, cancel });
    // Progress that arrives after the answer is ignored.
    const onShare = proxy((share: number) => setState((now) => (now.kind === 'reading' ? { ...now, share } : now)));
    const found = await worker
      .ask(async (remote): Promise<WeatherRead> => remote.read(given.text, given.file, given.options, onShare))
      .catch(() => null);
    worker.end();
    if (found === null)
      return setState({
        kind: 'refused',
        words: `${given.file} could not be read. Nothing was imported.`,
        again: () => void read(given),
      });
    switch (found.kind) {
      case 'read':
        return keep(found.weather, uuid());
      case 'wrong':
        return setState({
          kind: 'refused',
          words: `${given.file} was not imported. ${found.path ? `${found.path}: ` : ''}${found.error}`,
        });
      default:
        return setState({ kind: 'asks', given, found });
    }
  };

  const answer = ({ given }: Extract<State, { kind: 'asks' }>, more: WeatherOptions) =>
    void read({ ...given, options: { ...given.options, ...more } });
  return (
    <div>
      <FileButton
        label="Weather file"
        accept=".epw,.csv,.txt"
        onFile={(file) => void file.text().then((text) => read({ file: file.name, text, options: {} }))}
      >
        <Upload size={18} aria-hidden /> Import EPW or CSV
      </FileButton>
      {state.kind === 'reading' && <Progress label="Reading the file" share={state.share} onCancel={state.cancel} />}
      {state.kind === 'refused' && (
        <p role="alert" className="mt-2 border-l-4 border-fail pl-3">
          {state.words}{' '}
          {state.again && (
            <button type="button" className="bare-button px-2 text-link" onClick={state.again}>
              Try again
            </button>
          )}
        </p>
      )}
      {state.kind === 'asks' && (
        <div role="alert" className="mt-2 border-l-4 border-warn pl-3">
          <p>{state.found.error}</p>
          <div className="mt-1 flex flex-wrap gap-2">
            {state.found.kind === 'gaps' ? (
              <button type="button" className="plain-button" onClick={() => answer(state, { fills: true })}>
                Fill in the {state.found.missing} missing {state.found.missing === 1 ? 'hour' : 'hours'}
              </button>
            ) : (
              (['F', 'C'] as const).map((scale) => (
                <button key={scale} type="button" className="plain-button" onClick={() => answer(state, { scale })}>
                  Temperatures are °{scale}
                </button>
              ))
            )}
            <button type="button" className="plain-button" onClick={() => setState({ kind: 'idle' })}>
              Cancel
            </button>
          </div>
        </div>
      )}
    </div>
  );
};
