import { useEffect, useRef } from 'react';
import { meterLine } from '@/core/formats/meter-line';
import type { Shown } from '@/core/instrument/shown';
import { openRadio, type RadioWord } from '../../meter/radio';

/**
 * Sends what an instrument shows, over and over, to every page of this browser that listens.
 * @param everyMs how often it sends
 * @param read what it shows now; the same function as long as it is held to the same
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

/** Hears where pages want the leads. */
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
