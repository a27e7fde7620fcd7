// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { DateField } from './DateField';

vi.hoisted(() => {
    document.documentElement.dataset.locale = 'en-GB';
});
vi.mock('@/lib/shared', () => ({ useShared: () => ({ today: '2026-06-17' }) }));

const field = () => screen.getByRole<HTMLInputElement>('textbox', { name: 'From' });
const sent = () => document.querySelector<HTMLInputElement>('input[name=from]')?.value;

describe('a date field', () => {
    beforeEach(() => {
        vi.stubGlobal(
            'fetch',
            vi.fn(() =>
                Promise.resolve(
                    new Response(JSON.stringify({ holidays: { '2026-06-19': 'Midsummer' }, closedUntil: '2026-05-31' }), {
                        headers: { 'Content-Type': 'application/json' },
                    }),
                ),
            ),
        );
    });
    afterEach(() => {
        cleanup();
        vi.unstubAllGlobals();
    });

    it.each([
        ['19 jun', '2026-06-19'],
        ['19/6', '2026-06-19'],
        ['fri', '2026-06-19'],
        ['+2', '2026-06-19'],
        ['2026-06-19', '2026-06-19'],
    ])('reads %j and shows it in one format', async (typed, expected) => {
        const user = userEvent.setup();
        render(<DateField label="From" name="from" />);
        await user.type(field(), typed);
        await user.tab();

        expect(sent()).toBe(expected);
        expect(field().value).toBe('19 Jun 2026');
    });

    it.each([
        ['soon', 'Enter a date such as 17 Jun 2026.'],
        ['16 jun', 'Enter a date on or after 17 Jun 2026.'],
        ['1 aug', 'Enter a date on or before 30 Jun 2026.'],
    ])('says what to enter instead of %j', async (typed, sentence) => {
        const user = userEvent.setup();
        render(<DateField label="From" name="from" min="2026-06-17" max="2026-06-30" />);
        await user.type(field(), typed);
        fireEvent.invalid(field());

        expect(screen.getByRole('alert').textContent).toBe(sentence);
        expect(field().validity.valid).toBe(false);
    });

    it('is picked from a calendar that names holidays and closed days', async () => {
        const user = userEvent.setup();
        const onPick = vi.fn();
        render(<DateField label="From" name="from" onPick={onPick} />);
        await user.click(screen.getByRole('button', { name: 'From: choose from a calendar' }));
        const midsummer = await screen.findByRole('button', { name: /^Friday,? 19 June 2026, Midsummer$/ }, { timeout: 8000 });
        expect(screen.getByRole('rowheader', { name: 'Week 25' })).toBeTruthy();
        await user.click(midsummer);

        expect(onPick).toHaveBeenLastCalledWith('2026-06-19');
        expect(sent()).toBe('2026-06-19');
        expect(screen.queryByRole('grid')).toBeNull();
    }, 15_000);
});
