import type { CompositionProps } from '@/types/generated/props';
import { describe, expect, it } from 'vitest';
import { chosenOf, offeredCodes, wholeCode } from './chargeCodes';

const code = (name: string, isRetired = false) => ({ code: name, name, isRetired });
const composition: CompositionProps = {
    separator: '/',
    parts: [
        { name: 'Work package', codes: [code('WP1'), code('WP2'), code('WP0', true)] },
        { name: 'Cost', codes: [code('LAB'), code('TRV')] },
        { name: 'Site', codes: [code('N'), code('S')] },
    ],
    combinations: ['WP1 LAB *', '* TRV N'],
};
const offered = (chosen: string[], part: number, of = composition) => offeredCodes(of, chosen, part).map((one) => one.code);

describe('composed charge codes', () => {
    it('offer what goes together with the parts before', () => {
        expect(offered([], 0)).toEqual(['WP1', 'WP2']);
        expect(offered(['WP1'], 1)).toEqual(['LAB', 'TRV']);
        expect(offered(['WP2'], 1)).toEqual(['TRV']);
        expect(offered(['WP2', 'TRV'], 2)).toEqual(['N']);
        expect(offered(['WP1', 'LAB'], 2)).toEqual(['N', 'S']);
        expect(offered(['WP2', 'LAB'], 2, { ...composition, combinations: [] })).toEqual(['N', 'S']);
    });

    it('are whole once every part fits', () => {
        expect(wholeCode(composition, ['WP1', 'LAB', 'S'])).toBe('WP1/LAB/S');
        expect(wholeCode(composition, ['WP2', 'LAB', 'S'])).toBeNull();
        expect(wholeCode(composition, ['WP1', 'LAB'])).toBeNull();
    });

    it('begin with what is still offered of the one that is held', () => {
        expect(chosenOf(composition, 'WP2/TRV/N')).toEqual(['WP2', 'TRV', 'N']);
        expect(chosenOf(composition, 'WP2/LAB/N')).toEqual(['WP2']);
        expect(chosenOf(composition, 'WP0/LAB/N')).toEqual([]);
        expect(chosenOf(composition, '')).toEqual([]);
    });
});
