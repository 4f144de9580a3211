import { webcrypto } from 'node:crypto';
import { TextDecoder, TextEncoder } from 'node:util';
import { deserialize, serialize } from 'node:v8';

// What jsdom lacks of a browser and the components need.
Object.defineProperty(globalThis, 'crypto', { value: webcrypto });
Object.assign(globalThis, {
  TextEncoder,
  TextDecoder,
  structuredClone: (value: unknown) => deserialize(serialize(value)) as unknown,
});
Object.assign(globalThis, {
  ResizeObserver: class {
    observe() {}
    unobserve() {}
    disconnect() {}
  },
  matchMedia: (media: string) => ({
    media,
    matches: false,
    addEventListener() {},
    removeEventListener() {},
    addListener() {},
    removeListener() {},
  }),
});
