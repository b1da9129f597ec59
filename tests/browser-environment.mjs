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
    const { MouseEvent } = this.global;
    this.global.PointerEvent ??= class PointerEvent extends MouseEvent {
      constructor(type, init = {}) {
        super(type, init);
        this.pointerId = init.pointerId ?? 0;
        this.pointerType = init.pointerType ?? 'mouse';
      }
    };
    // Libraries look for it to know that pointer events are there.
    this.global.onpointerdown ??= null;
    for (const capture of ['setPointerCapture', 'releasePointerCapture'])
      this.global.Element.prototype[capture] ??= () => undefined;
    this.global.Element.prototype.hasPointerCapture ??= () => false;
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
