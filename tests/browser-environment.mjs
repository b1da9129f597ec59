import { TestEnvironment } from 'jest-environment-jsdom';

/** What a browser has and jsdom lacks, from Node. */
const FROM_NODE = [
  'structuredClone',
  'Request',
  'Response',
  'Headers',
  'fetch',
  'ReadableStream',
  'TextEncoder',
  'TextDecoder',
];

/** A page for components: jsdom with what Node has of the browser's own. */
export default class BrowserEnvironment extends TestEnvironment {
  constructor(...args) {
    super(...args);
    for (const name of FROM_NODE) this.global[name] ??= globalThis[name];
    // Libraries look for it to know that pointer events are there.
    this.global.onpointerdown ??= null;
    const { Blob, FileReader } = this.global;
    Blob.prototype.text ??= function text() {
      return new Promise((resolve) => {
        const reader = new FileReader();
        reader.onload = () => resolve(reader.result);
        reader.readAsText(this);
      });
    };
    this.global.crypto.randomUUID ??= () => globalThis.crypto.randomUUID();
  }
}
