import { expect, test } from 'vitest';
import { wayOf, type Asked } from './ways';

const get = (path: string, more: Partial<Asked> = {}): Asked => ({
    ...{ method: 'GET', path: `/${path}`, isNavigation: false, isVisit: false, acceptsJson: false },
    ...more,
});

test.each([
    ['a built file', get('build/assets/app-1.js'), 'file'],
    ['the week', get('week/2026-W25', { isNavigation: true }), 'page'],
    ['the tasks', get('tasks', { isNavigation: true }), 'page'],
    ['the start', get('week', { isNavigation: true }), 'start'],
    ['the front page', get('', { isNavigation: true }), 'start'],
    ['a visit of the week', get('week/2026-W25', { isVisit: true }), 'visit'],
    ['a visit of another page', get('leave', { isVisit: true }), 'network'],
    ['another page', get('leave', { isNavigation: true }), 'other'],
    ['pencil', get('people/ada/week/2026-W25/pencil', { acceptsJson: true }), 'data'],
    ['the timer', get('timer', { acceptsJson: true }), 'data'],
    ['the audit trail', get('people/ada/week/2026-W25/audit-trail', { acceptsJson: true }), 'network'],
    ['what is saved', { ...get('people/ada/week/2026-W25/cells', { acceptsJson: true }), method: 'PUT' }, 'network'],
    ['another’s week', get('people/ada/week/2026-W25', { isNavigation: true }), 'other'],
])('%s', (_, asked, expected) => {
    expect(wayOf(asked)).toBe(expected);
});
