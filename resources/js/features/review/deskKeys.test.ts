import { describe, expect, it } from 'vitest';
import { deskCommandFor } from './deskKeys';

const plain = { ctrlKey: false, metaKey: false, altKey: false };

describe('keys of the desk', () => {
    it('leaves what it does not know, and what is held with Ctrl, to the browser', () => {
        expect(deskCommandFor({ ...plain, key: 'n' })).toEqual({ kind: 'sheet', by: 1 });
        expect(deskCommandFor({ ...plain, key: 'x' })).toBeNull();
        expect(deskCommandFor({ ...plain, key: 'a', ctrlKey: true })).toBeNull();
    });
});
