import { cleanup } from '@testing-library/react';
import { afterEach, beforeEach, vi } from 'vitest';
import type { Option } from './combobox';

/** Has each test of a file look up these, as the server would. */
export function offer(known: readonly Option[]): void {
    beforeEach(() => {
        vi.stubGlobal(
            'fetch',
            vi.fn((address: string) => {
                const search = new URL(address, 'http://here').searchParams.get('search') ?? '';
                const options = known.filter(({ name }) => name.toLowerCase().includes(search.toLowerCase()));

                return Promise.resolve(
                    new Response(JSON.stringify({ options, hasMore: false }), {
                        headers: { 'Content-Type': 'application/json' },
                    }),
                );
            }),
        );
    });
    afterEach(() => {
        cleanup();
        vi.unstubAllGlobals();
    });
}
