'use client';

import { Download } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import type { RefObject } from 'react';
import { toast } from 'sonner';
import { toSpice } from '@/core/circuit/spice';
import { wireListCsv } from '@/core/formats/wire-list-csv';
import type { Harness } from '@/core/wiring/harness';
import type { WiringState } from '@/core/wiring/state';
import { download } from '../download';
import { pngOf, standaloneSvg } from './save-picture';

interface ExportProps {
  readonly name: string;
  readonly harness: Harness;
  readonly state: WiringState;
  readonly picture: RefObject<SVGSVGElement | null>;
}

const asFile = (text: string, type: string) => new Blob([text], { type });

/** Takes the drawing away: picture, wire list, netlist, paper. */
export const ExportMenu = ({ name, harness, state, picture }: ExportProps) => {
  const base = `${name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}-wiring`;
  const savePng = async () => {
    try {
      download(`${base}.png`, await pngOf(picture.current!));
    } catch {
      toast.error('The picture could not be made. Take the SVG instead.');
    }
  };
  const ways: readonly (readonly [string, () => void])[] = [
    ['Print, one page', () => window.print()],
    ['Picture (SVG)', () => download(`${base}.svg`, asFile(standaloneSvg(picture.current!), 'image/svg+xml'))],
    ['Picture (PNG)', () => void savePng()],
    ['Wire list (CSV)', () => download(`${base}.csv`, asFile(wireListCsv(harness), 'text/csv'))],
    [
      'Netlist for this call (SPICE)',
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
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="plain-button">
        <Download size={18} aria-hidden /> Export
      </DropdownMenu.Trigger>
      <DropdownMenu.Content sideOffset={4} align="end" className="z-30 rounded border border-line-strong bg-sheet p-1">
        {ways.map(([label, take]) => (
          <DropdownMenu.Item
            key={label}
            onSelect={take}
            className="flex min-h-11 cursor-pointer items-center rounded px-3 data-[highlighted]:bg-ink data-[highlighted]:text-paper"
          >
            {label}
          </DropdownMenu.Item>
        ))}
      </DropdownMenu.Content>
    </DropdownMenu.Root>
  );
};
