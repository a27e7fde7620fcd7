import { expect, test } from 'vitest';
import { attendanceOf } from './spanText';

test.each([
    ['8', '16:30', '12-12:30', 480, false],
    ['8', '16:30', '30', 480, false],
    ['8', '16:30', '0:30', 480, false],
    ['8', '18', '15-15:10, 12–12:45 10-10:05', 540, false],
    ['22', '6', '23:45-0:15', 450, true],
    ['9am', '5pm', '12 - 1pm', 420, false],
    ['20', '24:00', '', 240, false],
])('%s to %s less %s is %i minutes', (starts, ends, breaks, minutes, isOvernight) => {
    expect(attendanceOf(starts, ends, breaks)).toEqual({ minutes, isOvernight });
});

test.each([
    ['', '16', ''],
    ['8', 'noon', ''],
    ['8', '16', 'lunch'],
    ['8', '9', '60'],
    ['8:60', '9', ''],
])('%s to %s less %s is not known', (starts, ends, breaks) => {
    expect(attendanceOf(starts, ends, breaks)).toBeNull();
});
