import { afterEach, describe, expect, it, vi } from 'vitest';
import { newId } from './newId';

describe('newId', () => {
  afterEach(() => vi.unstubAllGlobals());

  it('makes ids of version 4, never twice, also where the page is not trusted with ready-made ones', () => {
    const bare = { getRandomValues: crypto.getRandomValues.bind(crypto) };
    for (const stub of [crypto, bare]) {
      vi.stubGlobal('crypto', stub);
      const made = Array.from({ length: 200 }, newId);
      expect(new Set(made).size).toBe(200);
      for (const id of made)
        expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
    }
  });
});
