'use client';

import { Download } from 'lucide-react';
import type { RefObject } from 'react';
import { toSpice } from '@/core/circuit/spice';
import type { Harness } from '@/core/wiring/harness';
import type { WiringState } from '@/core/wiring/state';
import { download } from '../kit/download';
import { MenuButton } from '../kit/menu-button';
import { toast } from '../kit/toast';
import { whenIdle } from '../loading/idle';
import { pngOf, standaloneSvg } from './save-picture';

interface ExportProps {
  readonly name: string;
  readonly harness: Harness;
  readonly state: WiringState;
  readonly picture: RefObject<SVGSVGElement | null>;
}

const csv = whenIdle(() => import('@/core/formats/wire-list-csv'));
const asFile = (text: string, type: string) => new Blob([text], { type });

/** Exports the drawing: picture, wire list, netlist, print. */
export const ExportMenu = ({ name, harness, state, picture }: ExportProps) => {
  const base = `${name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}-wiring`;
  const savePng = async () => {
    try {
      download(`${base}.png`, await pngOf(picture.current!));
    } catch {
      toast.error('The picture could not be created. Use the SVG instead.');
    }
  };
  const ways: readonly (readonly [string, () => void])[] = [
    ['Print, one page', () => window.print()],
    ['Picture (SVG)', () => download(`${base}.svg`, asFile(standaloneSvg(picture.current!), 'image/svg+xml'))],
    ['Picture (PNG)', () => void savePng()],
    [
      'Wire list (CSV)',
      () => void csv().then(({ wireListCsv }) => download(`${base}.csv`, asFile(wireListCsv(harness), 'text/csv'))),
    ],
    [
      'Circuit netlist for this call (for engineers)',
      () =>
        download(
          `${base}-${state.moment.call}.cir`,
          asFile(
            toSpice(state.network, `${name}: ${state.moment.call} at ${state.moment.outdoorF} F outdoors`),
            'text/plain',
          ),
        ),
    ],
  ];
  return (
    <MenuButton
      className="plain-button"
      face={
        <>
          <Download size={18} aria-hidden /> Export
        </>
      }
      choices={ways.map(([label, onSelect]) => ({ id: label, label, onSelect }))}
    />
  );
};
