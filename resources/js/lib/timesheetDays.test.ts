import { describe, expect, it } from 'vitest';
import { timesheetDays } from './timesheetDays';

describe('the days of a timesheet', () => {
    it.each([
        ['2026-W25', /^Week 25$/],
        ['2026-06', /^June 2026$/],
        ['2026-06-16--2026-06-30', /16.*30/],
    ])('%s', (at, named) => {
        expect(timesheetDays(at)).toMatch(named);
    });
});
