import type { DayProps } from '@/types/generated/props';
import { expect, test } from 'vitest';
import { reasonsAway, weekSpans } from './dayText';

const day = (date: string, more: Partial<DayProps> = {}): DayProps => ({
    date,
    expected: 480,
    isWorkingDay: true,
    isToday: false,
    holiday: null,
    absences: [],
    ...more,
});
const leave = { kind: 'Leave', minutes: null, isPencilled: false };

test('a week that begins before the month spans only its days in it', () => {
    expect(weekSpans(['2026-W31', '2026-W31', '2026-W32'])).toEqual([
        { week: '2026-W31', days: 2 },
        { week: '2026-W32', days: 1 },
    ]);
    expect(weekSpans([])).toEqual([]);
});

test('days of one reason that follow each other are one run', () => {
    const days = [
        day('2026-06-18', { absences: [leave] }),
        day('2026-06-19', { absences: [leave, { kind: 'Sickness', minutes: 90, isPencilled: false }] }),
        day('2026-06-20'),
        day('2026-06-21', { absences: [leave], holiday: 'Midsummer' }),
    ];

    expect(reasonsAway(days, 'decimal')).toEqual([
        {
            reason: 'Leave',
            runs: [
                ['2026-06-18', '2026-06-19'],
                ['2026-06-21', '2026-06-21'],
            ],
        },
        { reason: 'Sickness 1.5\u00a0h', runs: [['2026-06-19', '2026-06-19']] },
        { reason: 'Midsummer', runs: [['2026-06-21', '2026-06-21']] },
    ]);
});
