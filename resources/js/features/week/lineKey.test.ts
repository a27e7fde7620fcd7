import fc from 'fast-check';
import { expect, it } from 'vitest';
import { lineKey, ofLine } from './lineKey';

it('reads from the key of a line what it was made of', () => {
    fc.assert(
        fc.property(fc.nat(), fc.option(fc.nat()), (task, role) => {
            expect(ofLine(lineKey({ task, role }))).toEqual({ task, role });
        }),
    );
});
