import { fireEvent, render, screen } from '@testing-library/react';
import { useRef } from 'react';
import { useScaleDrag } from './use-scale-drag';

let dragged: number[] = [];
let dropped: number[] = [];

const Track = ({ isWithin = false }: { isWithin?: boolean }) => {
  const track = useRef<HTMLDivElement>(null);
  const drag = useScaleDrag({
    track,
    spanF: [0, 100],
    onDrag: (atF) => dragged.push(atF),
    onDrop: (atF) => dropped.push(atF),
  });
  const around = useScaleDrag({ track, spanF: [0, 100], onDrag: () => dragged.push(-999) });
  return (
    <div {...(isWithin ? around : {})}>
      <div
        ref={(element) => {
          track.current = element;
          if (element) element.getBoundingClientRect = () => new DOMRect(100, 0, 500, 20);
        }}
        aria-label="Scale"
        {...drag}
      />
    </div>
  );
};

const at = (clientX: number, buttons = 1) => ({ clientX, clientY: 5, buttons, pointerId: 1, bubbles: true });

beforeEach(() => {
  dragged = [];
  dropped = [];
});

test('a press goes there at once, a move follows by whole degrees, a release drops', () => {
  render(<Track />);
  const scale = screen.getByLabelText('Scale');
  fireEvent.pointerDown(scale, at(350));
  expect(dragged).toEqual([50]);
  fireEvent.pointerMove(scale, at(351));
  fireEvent.pointerMove(scale, at(360));
  expect(dragged).toEqual([50, 52]);
  fireEvent.pointerUp(scale, at(360, 0));
  expect(dropped).toEqual([52]);
});

test('beyond the end of the scale it stops at the end', () => {
  render(<Track />);
  const scale = screen.getByLabelText('Scale');
  fireEvent.pointerDown(scale, at(590));
  fireEvent.pointerMove(scale, at(5000));
  fireEvent.pointerUp(scale, at(5000, 0));
  expect(dropped).toEqual([100]);
});

test('a marker on the scale moves alone', () => {
  render(<Track isWithin />);
  const scale = screen.getByLabelText('Scale');
  fireEvent.pointerDown(scale, at(350));
  fireEvent.pointerUp(scale, at(350, 0));
  expect(dragged).toEqual([50]);
});
