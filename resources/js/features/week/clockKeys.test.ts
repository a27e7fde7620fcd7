import { expect, test } from 'vitest';
import { clockKeyFor } from './clockKeys';

const plain = { ctrlKey: false, metaKey: false, altKey: false, shiftKey: false };
const span = { starts: 540, ends: 630 };

test('arrows move, lengthen and begin earlier by the step', () => {
    expect(clockKeyFor({ ...plain, key: 'ArrowRight' }, span, 15)).toEqual({ kind: 'move', by: 15 });
    expect(clockKeyFor({ ...plain, key: 'ArrowLeft', shiftKey: true }, span, 15)).toEqual({ kind: 'end', by: -15 });
    expect(clockKeyFor({ ...plain, key: 'ArrowLeft', ctrlKey: true }, span, 15)).toEqual({ kind: 'start', by: -15 });
});

test('letters ink, split, open and remove', () => {
    expect(clockKeyFor({ ...plain, key: 'i' }, span, 15)).toEqual({ kind: 'ink' });
    expect(clockKeyFor({ ...plain, key: 's' }, span, 15)).toEqual({ kind: 'split', at: 585 });
    expect(clockKeyFor({ ...plain, key: 'Enter' }, span, 15)).toEqual({ kind: 'open' });
    expect(clockKeyFor({ ...plain, key: 'Delete' }, span, 15)).toEqual({ kind: 'remove' });
});

test('what is no longer than a step is not split, and other keys are left to the browser', () => {
    expect(clockKeyFor({ ...plain, key: 's' }, { starts: 540, ends: 555 }, 15)).toBeNull();
    expect(clockKeyFor({ ...plain, key: 's', ctrlKey: true }, span, 15)).toBeNull();
    expect(clockKeyFor({ ...plain, key: 'ArrowRight', altKey: true }, span, 15)).toBeNull();
    expect(clockKeyFor({ ...plain, key: 'q' }, span, 15)).toBeNull();
});
