'use client';

import { useState } from 'react';
import { VISIT_REASONS } from '@/core/job/visit';
import { minutesLeft } from '@/core/startup/minutes-left';
import type { PlannedStep } from '@/core/startup/planned';
import { RadioButtons } from '../fields/radio-buttons';
import { lazyClient } from '../loading/lazy-client';
import type { RouteChoice } from './use-route';
import type { VisitList } from './use-visit-list';

const OrderChoice = lazyClient(() => import('./order-choice').then((module) => module.OrderChoice));

/** Order of the steps: as listed, or by place for one or two people. */
const OrderOf = ({ route }: { route: RouteChoice }) => {
  const [isOpen, setOpen] = useState(false);
  return (
    <details className="mt-1 border-y border-line" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">
        Order: {route.isByPlace ? 'by location' : 'as listed'}
      </summary>
      {isOpen && <OrderChoice route={route} />}
    </details>
  );
};

/** Which items are shown and in which order, each switchable with a tap, and the time left. */
export const ListLine = ({
  steps,
  list,
  route,
}: {
  steps: readonly PlannedStep[];
  list: VisitList;
  route: RouteChoice;
}) => {
  const { reason, isAll, listed, all, showAll } = list;
  const minutes = minutesLeft(steps);
  return (
    <div className="mb-2 text-sm">
      <RadioButtons
        label="Readings in this startup"
        className="grid-cols-[3fr_2fr]"
        options={[
          [false, `${VISIT_REASONS[reason]} · ${listed}`],
          [true, `Everything · ${all}`],
        ]}
        value={isAll}
        onChoose={showAll}
      />
      {minutes > 0 && <p className="mt-1 text-quiet">About {minutes} min left, including waits</p>}
      <OrderOf route={route} />
    </div>
  );
};
