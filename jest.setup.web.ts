import { TextDecoder, TextEncoder } from 'node:util';

class ResizeObserverStub {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}

Object.assign(globalThis, { TextEncoder, TextDecoder, ResizeObserver: ResizeObserverStub });
