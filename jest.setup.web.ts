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

/** A file's bytes; the test's page lacks them, every browser has them. */
function arrayBuffer(this: Blob): Promise<ArrayBuffer> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as ArrayBuffer);
    reader.onerror = () => reject(reader.error ?? new Error('unreadable'));
    reader.readAsArrayBuffer(this);
  });
}
Object.assign(Blob.prototype, { arrayBuffer });

// jsdom moves nothing: whatever would be moved is there at once
Element.prototype.animate ??= function animate(): Animation {
  const moved = {
    cancel: () => undefined,
    addEventListener: (_: string, done: () => void) => queueMicrotask(done),
  };
  return moved as unknown as Animation;
};
