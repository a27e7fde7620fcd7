/** @vitest-environment happy-dom */
import { render, screen } from '@testing-library/react';
import { Suspense } from 'react';
import { expect, test, vi } from 'vitest';
import { soon } from './soon';

test('is fetched when somebody does anything on the page, and not with it', async () => {
    const load = vi.fn(() => Promise.resolve(() => <p>What was asked for</p>));
    const Panel = soon(load);
    expect(load).not.toHaveBeenCalled();
    window.dispatchEvent(new Event('keydown'));
    window.dispatchEvent(new Event('keydown'));
    expect(load).toHaveBeenCalledTimes(1);

    render(
        <Suspense fallback={<p>A moment</p>}>
            <Panel />
        </Suspense>,
    );
    expect(await screen.findByText('What was asked for')).toBeTruthy();
});

test('what could not be fetched ahead is asked for once more when it is shown', async () => {
    const load = vi.fn(() => Promise.resolve(() => <p>There at last</p>)).mockRejectedValueOnce(new Error('No connection'));
    const Panel = soon(load);
    expect(load).toHaveBeenCalledTimes(1);
    render(
        <Suspense>
            <Panel />
        </Suspense>,
    );
    expect(await screen.findByText('There at last')).toBeTruthy();
});
