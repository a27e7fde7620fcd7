import { describe, expect, it } from 'vitest';
import { chosenGrouping, groupingName, groupingOptions, groupingValue } from './groupings';

const place = { code: 'place', name: 'Place of work', values: [{ code: 'home', name: 'At home' }] };
const miles = { code: 'miles', name: 'Miles', values: null };
const asked = { field: place, fieldValues: [{ code: 'home', name: 'At home' }], ownFields: [place, miles] };

describe('groupings', () => {
    it('offer own fields by their names', () => {
        const options = groupingOptions(asked);

        expect(options).toContainEqual(['project', 'Project']);
        expect(options).toContainEqual(['field:place', 'Place of work']);
        expect(options.map(([option]) => option)).not.toContain('field');
    });

    it('are found again among the options', () => {
        expect(groupingValue('field', asked)).toBe('field:place');
        expect(groupingValue('team', asked)).toBe('team');
        expect(groupingName('field', place)).toBe('Place of work');
        expect(groupingName('team', place)).toBe('Team');
    });

    it('forget what was narrowed by another own field', () => {
        expect(chosenGrouping('field:place', asked)).toMatchObject({ grouping: 'field', fieldValues: [{ code: 'home' }] });
        expect(chosenGrouping('field:miles', asked)).toMatchObject({ grouping: 'field', field: miles, fieldValues: [] });
        expect(chosenGrouping('team', asked)).toMatchObject({ grouping: 'team', field: place });
    });
});
