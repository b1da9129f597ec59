import type { CardLine } from '@/core/setup/card/card';
import { LocalizedDegrees } from '../../degrees/degrees';

/** Why an entry is set as planned, folded; nothing if there is no reason. */
export const EntryReasons = ({ settings }: Pick<CardLine, 'settings'>) =>
  settings.some(({ because }) => because.length > 0) ? (
    <details className="text-sm print:hidden">
      <summary className="flex min-h-11 items-center text-quiet underline decoration-dotted underline-offset-4 sm:min-h-8">
        why
      </summary>
      <ul className="list-disc pb-2 pl-5">
        {settings.flatMap(({ setting, because, reason }) =>
          [...because, ...(reason ? [`Overridden: ${reason}`] : [])].map((each) => (
            <li key={setting.id + each}>
              <LocalizedDegrees>{each}</LocalizedDegrees>
            </li>
          )),
        )}
      </ul>
    </details>
  ) : null;
