import { vi } from 'vitest';

// What a browser has and this stand-in has not: dialogs that lie over the page, and what the reader's system prefers.
HTMLDialogElement.prototype.showModal = function () {
  this.open = true;
};
HTMLDialogElement.prototype.close = function () {
  this.open = false;
};
window.matchMedia = vi.fn(() => ({ matches: false }) as MediaQueryList);

// A page asks by paths; Node wants whole addresses.
const Whole = globalThis.Request;
globalThis.Request = class extends Whole {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(typeof input === 'string' ? new URL(input, 'http://localhost/') : input, init);
  }
};
