import { readFileSync } from 'node:fs';

const { BASE_URL: address = '', APP_PID: pid = '', SESSION = '' } = process.env;

export const median = (all: readonly number[]): number => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)]!;

export const share = (all: readonly number[], part: number): number =>
  [...all].sort((a, b) => a - b)[Math.min(all.length - 1, Math.floor(all.length * part))]!;

/** Time of each round of some work, ms. */
export const timed = async (rounds: number, work: () => Promise<unknown>): Promise<number[]> => {
  const all: number[] = [];
  for (let round = 0; round < rounds; round++) {
    const from = performance.now();
    await work();
    all.push(performance.now() - from);
  }
  return all;
};

/** Processor time used by the application, ms. */
export const cpuMs = (): number => {
  const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1]!.split(' ');
  return (Number(fields[11]) + Number(fields[12])) * 10;
};

/** Memory used by the application, MB. */
export const memoryMB = (): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024;

export const say = (what: string, ...figures: readonly string[]): void =>
  console.log(what.padEnd(34), figures.join('   '));

export const ms = (value: number): string => `${value.toFixed(1)} ms`;

/** Text of a page or response, as the signed-in person. */
export const get = async (path: string, cookie = SESSION): Promise<string> =>
  (await fetch(`${address}${path}`, { headers: { cookie } })).text();

/** Sends text as JSON, as the signed-in person. */
export const sendAsText = (path: string, body: string, method = 'POST', cookie = SESSION): Promise<Response> =>
  fetch(`${address}${path}`, { method, headers: { 'content-type': 'application/json', cookie }, body });

/** Sends JSON, as the signed-in person. */
export const send = (path: string, method: string, body: unknown, cookie = SESSION): Promise<Response> =>
  sendAsText(path, JSON.stringify(body), method, cookie);

/** Prints memory after equal parts of many requests, eight at once. */
export const sayMemory = async (many: number, path: string): Promise<void> => {
  const parts: string[] = [];
  for (let part = 0; part < 5; part++) {
    const worker = async () => {
      for (let at = 0; at < many / 40; at++) await get(path);
    };
    await Promise.all(Array.from({ length: 8 }, worker));
    parts.push(`${memoryMB().toFixed(0)} MB`);
  }
  say(`memory over ${many} requests`, ...parts);
};
