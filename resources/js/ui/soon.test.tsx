// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { soon } from './soon';

afterEach(cleanup);

it('is fetched when somebody does anything on the page, and not with it', async () => {
    const load = vi.fn(() => Promise.resolve(({ name }: { name: string }) => <p>What {name} asked for</p>));
    const Panel = soon(load);
    expect(load).not.toHaveBeenCalled();
    window.dispatchEvent(new Event('keydown'));
    window.dispatchEvent(new Event('keydown'));
    expect(load).toHaveBeenCalledTimes(1);

    render(<Panel name="Ines" meanwhile={<p>A moment</p>} />);
    expect(await screen.findByText('What Ines asked for')).toBeTruthy();
    expect(screen.queryByText('A moment')).toBeNull();
});

it('says that it could not be fetched, and tries again', async () => {
    const load = vi
        .fn(() => Promise.resolve(() => <p>There at last</p>))
        .mockRejectedValueOnce(new Error('No connection'))
        .mockRejectedValueOnce(new Error('No connection'));
    const Panel = soon(load);
    expect(load).toHaveBeenCalledTimes(1);
    render(<Panel meanwhile={<p>A moment</p>} />);
    expect(screen.getByText('A moment')).toBeTruthy();
    expect((await screen.findByRole('alert')).textContent).toContain('This could not be loaded.');
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
    expect(await screen.findByText('There at last')).toBeTruthy();
});

it('shows something else instead, where there is something', async () => {
    const Panel = soon(() => Promise.reject<() => null>(new Error('No connection')));
    render(<Panel instead={<p>In plain text</p>} />);
    expect(await screen.findByText('In plain text')).toBeTruthy();
});
