'use client';

import type { DrawnDevice, DrawnTerminal } from '@/core/wiring/drawing';
import { ROW_HEIGHT } from '@/core/wiring/drawing/geometry';
import { sameRef, type TerminalRef } from '@/core/wiring/harness';
import type { WiringState } from '@/core/wiring/state';
import { SOURCE_COLOR } from '../theme/source-colors';

export type Probes = readonly [TerminalRef, TerminalRef];

/** The two probes differ in shape, not only in color. */
export const PROBE_SIGNS = ['▲', '■'] as const;

interface TerminalProps {
  readonly terminal: DrawnTerminal;
  readonly box: DrawnDevice;
  readonly state: WiringState;
  readonly called: ReadonlySet<string>;
  readonly probes: Probes;
  readonly pointedAt: boolean;
  /** A lifted wire end may land here. */
  readonly isTarget: boolean;
  readonly onTerminal: (ref: TerminalRef) => void;
}

const INSET = 5;
/** A device this narrow has no room for its terminals' loads. */
const NARROW = 150;
/** Width of a terminal's mark: tighter if long, so that its volts end before its load begins. */
const markWidth = ({ length }: string): number => length * (length > 2 ? 10 : 12);
/** Longer coil names are set narrower. */
const MOST_LETTERS = 13;

/** A terminal of the drawing: its mark, volts if live, and the load on it. */
export const PictureTerminal = ({
  terminal,
  box,
  state,
  called,
  probes,
  pointedAt,
  isTarget,
  onTerminal,
}: TerminalProps) => {
  const isHot = state.hot.has(terminal.node);
  const isCalled = called.has(terminal.node);
  const volts = state.volts.get(terminal.node) ?? 0;
  const probe = probes.findIndex((each) => sameRef(each, terminal.ref));
  const top = terminal.y - ROW_HEIGHT / 2 + 2;
  const x = box.x + INSET;
  const coil =
    box.width < NARROW ? undefined : (terminal.coils.find(({ source }) => source !== 'control') ?? terminal.coils[0]);
  const isOn = coil !== undefined && state.energized.has(coil.id);
  return (
    <g
      role="button"
      tabIndex={0}
      data-terminal={terminal.node}
      className="cursor-pointer focus:outline-none [&:focus-visible>rect:first-of-type]:stroke-[4px]"
      onClick={() => onTerminal(terminal.ref)}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onTerminal(terminal.ref);
      }}
    >
      <title>{`${box.device.label} ${terminal.ref.mark}, ${isHot ? `live, ${volts.toFixed(1)} volts` : 'dead'}${probe >= 0 ? `, probe ${probe + 1}` : ''}${isTarget ? ', land here' : ''}: ${terminal.carries}`}</title>
      <rect
        x={x}
        y={top}
        width={box.width - 2 * INSET}
        height={ROW_HEIGHT - 4}
        rx={terminal.isSplice ? 20 : 3}
        fill={isCalled ? 'var(--saffron-wash)' : 'var(--paper)'}
        stroke={
          pointedAt ? 'var(--fail)' : isTarget ? 'var(--ink)' : isCalled ? 'var(--saffron)' : 'var(--line-strong)'
        }
        strokeWidth={pointedAt || isTarget || isCalled ? 2.5 : 1}
        strokeDasharray={isTarget ? '6 4' : undefined}
      />
      <g aria-hidden>
        <text
          x={x + 10}
          y={terminal.y + 7}
          fontFamily="var(--font-label)"
          fontSize={21}
          fontWeight={600}
          fill="var(--ink)"
        >
          {terminal.ref.mark}
        </text>
        {isHot && (
          <text
            x={x + 14 + markWidth(terminal.ref.mark)}
            y={terminal.y + 5}
            fontFamily="var(--font-mono)"
            fontSize={13}
            fill={isCalled ? 'var(--ink)' : 'var(--quiet)'}
          >
            {volts.toFixed(1)}
          </text>
        )}
        {coil && (
          <g>
            {isOn && (
              <rect
                x={x + 78}
                y={terminal.y - 11}
                width={box.width - 2 * INSET - 78 - 30}
                height={22}
                rx={2}
                fill={SOURCE_COLOR[coil.source]}
              />
            )}
            <text
              x={x + 83}
              y={terminal.y + 4.5}
              fontFamily="var(--font-label)"
              fontSize={13}
              fontWeight={isOn ? 600 : 400}
              fill={isOn ? 'var(--on-accent)' : 'var(--quiet)'}
              textLength={
                coil.label.length + (isOn ? 3 : 0) > MOST_LETTERS ? box.width - 2 * INSET - 78 - 40 : undefined
              }
              lengthAdjust="spacingAndGlyphs"
            >
              {coil.label}
              {isOn ? ' on' : ''}
            </text>
          </g>
        )}
        {terminal.isSplice && (
          <text x={x + 83} y={terminal.y + 4.5} fontFamily="var(--font-label)" fontSize={13} fill="var(--quiet)">
            splice
          </text>
        )}
      </g>
    </g>
  );
};
