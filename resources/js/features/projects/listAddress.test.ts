import type { ProjectsProps } from '@/types/generated/props';
import { expect, test } from 'vitest';
import { listAddress } from './listAddress';

const list = { search: '', state: 'open', manager: '', concern: '', sort: 'attention', page: 3 } as unknown as ProjectsProps;

test('what is usual is not said', () => {
    expect(listAddress(list, {})).toBe('/projects');
    expect(listAddress(list, { state: 'open', sort: 'attention', page: 1 })).toBe('/projects');
});

test('another question begins on the first page, and keeps what else was asked', () => {
    expect(listAddress({ ...list, search: 'weir', concern: 'over plan' }, { sort: 'name' })).toBe(
        '/projects?search=weir&only=over+plan&sort=name',
    );
    expect(listAddress({ ...list, search: 'weir' }, { search: '' })).toBe('/projects');
    expect(listAddress({ ...list, manager: 'mo' }, { page: 2 })).toBe('/projects?manager=mo&page=2');
});
