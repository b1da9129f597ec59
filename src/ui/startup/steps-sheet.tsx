'use client';

import { PersonLine } from '../job/person-line';
import { VisitLine } from '../job/visit-line';
import { DialogClose, DialogFrame } from '../kit/dialog-frame';
import { ListenButton } from '../meter/listen-button';
import { ListLine } from './list-line';
import { placesOf, StepList, TallyLine } from './step-list';
import type { RouteChoice } from './use-route';
import type { VisitList } from './use-visit-list';

interface StepsSheetProps extends Omit<Parameters<typeof StepList>[0], 'places'> {
  readonly list: VisitList;
  readonly route: RouteChoice;
  readonly onClose: () => void;
}

/** All steps on a phone, and the person: one tap from any reading. */
export const StepsSheet = ({ steps, list, route, current, onGo, onClose }: StepsSheetProps) => (
  <DialogFrame title="Steps" isAtFoot onClose={onClose}>
    <TallyLine steps={steps} />
    <ListLine steps={steps} list={list} route={route} />
    <StepList
      steps={steps}
      places={placesOf(route)}
      current={current}
      onGo={(id) => {
        onClose();
        onGo(id);
      }}
    />
    <PersonLine />
    <VisitLine />
    <ListenButton />
    <DialogClose className="plain-button mt-2 w-full">Close</DialogClose>
  </DialogFrame>
);
