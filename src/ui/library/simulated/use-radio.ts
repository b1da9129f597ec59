import { useEffect, useRef } from 'react';
import { meterLine } from '@/core/formats/meter-line';
import type { Shown } from '@/core/instrument/shown';
import { openRadio, type RadioWord } from '../../meter/radio';

/**
 * Sends an instrument's display repeatedly to all listening pages of this browser.
 * @param everyMs how often it sends
 * @param read present display; the same function while its target is unchanged
 */
export const useSending = (everyMs: number, read: (() => readonly Shown[]) | null) => {
  useEffect(() => {
    if (!read) return;
    const radio = openRadio();
    const send = () =>
      read().forEach((shown) => radio.postMessage({ kind: 'line', line: meterLine(shown) } satisfies RadioWord));
    send();
    const timer = setInterval(send, everyMs);
    return () => {
      clearInterval(timer);
      radio.close();
    };
  }, [everyMs, read]);
};

/** Listens for where pages want the probes. */
export const useProbesWanted = (onLeads: (leads: Extract<RadioWord, { kind: 'leads' }>) => void) => {
  const handler = useRef(onLeads);
  useEffect(() => {
    handler.current = onLeads;
  }, [onLeads]);
  useEffect(() => {
    const radio = openRadio();
    radio.onmessage = ({ data }: MessageEvent<RadioWord>) => data.kind === 'leads' && handler.current(data);
    return () => radio.close();
  }, []);
};
