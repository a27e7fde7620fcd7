import type { LineProps } from '@/types/generated/props';
import { describe, expect, it } from 'vitest';
import { rolesOfWeek } from './weekRoles';

const line = (key: string, roleName: string | null): LineProps => ({
    key,
    task: 1,
    role: null,
    taskName: key,
    taskCode: key,
    projectCode: 'P',
    projectName: 'P',
    phase: null,
    roleName,
    isPencilled: false,
    closedBecause: null,
    chargeCode: null,
    choosesChargeCode: false,
    fields: [],
    cells: [],
});

describe('the week by role', () => {
    it('adds lines of one role up, the most first, and leaves out what is empty', () => {
        const minutes: Readonly<Record<string, number>> = { a: 60, b: 240, c: 200, d: 0 };
        const lines = [line('a', 'Fitter'), line('b', null), line('c', 'Fitter'), line('d', 'Drafter')];

        expect(rolesOfWeek(lines, 'Surveyor', ({ key }) => minutes[key] ?? 0)).toEqual([
            { role: 'Fitter', minutes: 260 },
            { role: 'Surveyor', minutes: 240 },
        ]);
    });
});
