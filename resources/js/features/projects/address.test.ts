import { describe, expect, it } from 'vitest';
import { projectAddress, shownIn } from './address';

describe('the address of a project', () => {
    it('carries what is open, and nothing that is not', () => {
        expect(projectAddress('LANTERN', 'hours')).toBe('/projects/LANTERN');
        expect(projectAddress('LANTERN', 'hours', { figure: 'actual', task: 'PUTTY', assignee: 'person:ada' })).toBe(
            '/projects/LANTERN?figure=actual&task=PUTTY&assignee=person%3Aada',
        );
        expect(projectAddress('LANTERN', 'money', { figure: 'actual', task: null, assignee: null })).toBe(
            '/projects/LANTERN?show=money&figure=actual',
        );
    });

    it('is read back', () => {
        expect(shownIn(projectAddress('LANTERN', 'money'))).toBe('money');
        expect(shownIn('/projects/LANTERN?figure=actual')).toBe('hours');
        expect(shownIn('/projects/LANTERN')).toBe('hours');
    });
});
