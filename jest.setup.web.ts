import { TextDecoder, TextEncoder } from 'node:util';
import { configure } from '@testing-library/dom';

configure({ asyncUtilTimeout: 10_000 }); // a busy machine is slow, not wrong

class ResizeObserverStub {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}

Object.assign(globalThis, { TextEncoder, TextDecoder, ResizeObserver: ResizeObserverStub });

// what a drag asks of a browser; nothing is dragged here
Object.assign(Element.prototype, {
  hasPointerCapture: () => false,
  setPointerCapture: () => undefined,
  releasePointerCapture: () => undefined,
});

/** A file's text; the test's page lacks it, every browser has it. */
function text(this: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(reader.error ?? new Error('unreadable'));
    reader.readAsText(this);
  });
}
Object.assign(Blob.prototype, { text });
