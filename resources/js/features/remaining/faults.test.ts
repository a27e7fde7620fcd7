import { describe, expect, it } from 'vitest';
import { faultIn } from './faults';

describe('why an estimate was refused', () => {
    it.each([
        [{ fault: 'no_reason' }, 'no_reason'],
        [{ fault: 'not_confirmed' }, 'not_confirmed'],
        [{ fault: 'task_done' }, 'other'],
        [{ message: 'Too many requests' }, 'other'],
        [null, 'other'],
        ['<html>', 'other'],
    ])('%j is %s', (body, fault) => {
        expect(faultIn(body)).toBe(fault);
    });
});
