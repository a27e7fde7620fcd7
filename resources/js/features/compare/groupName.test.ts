import { describe, expect, it } from 'vitest';
import { fullName, groupName, partName } from './groupName';

describe('names of groups', () => {
    it('say in words what belongs to none', () => {
        expect(groupName('client', '-', '-')).toBe('No client');
        expect(groupName('phase', 'LENS/-', '-')).toBe('No phase');
    });

    it('tell tasks of one name apart by their projects', () => {
        expect(fullName('task', 'LENS/FIT', 'Fit')).toBe('Fit (LENS)');
        expect(fullName('phase', 'LENS/-', '-')).toBe('No phase (LENS)');
        expect(fullName('client', 'harbour', 'Harbour Board')).toBe('Harbour Board');
    });

    it('leave out the project that they stand below', () => {
        expect(partName({ by: 'project', then: 'task' }, 'LENS/FIT', 'Fit')).toBe('Fit');
        expect(partName({ by: 'person', then: 'task' }, 'LENS/FIT', 'Fit')).toBe('Fit (LENS)');
    });
});
