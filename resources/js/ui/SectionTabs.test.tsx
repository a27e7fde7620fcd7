// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import type { ComponentProps } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { GroupedTabs, SectionTabs } from './SectionTabs';

const page = vi.hoisted(() => ({ url: '' }));
vi.mock('@inertiajs/react', () => ({
    usePage: () => page,
    Link: ({ children, ...given }: ComponentProps<'a'>) => <a {...given}>{children}</a>,
}));

afterEach(cleanup);

const tabs = [
    ['/office', 'Today'],
    ['/office/files', 'Files'],
] as const;

describe('the tabs of a section', () => {
    it.each([
        ['/office', 'Today', 'page'],
        ['/office/files?page=2', 'Files', 'page'],
        ['/office/files/8', 'Files', 'true'],
        ['/office/filesystem', 'Today', 'true'],
    ])('at %s mark %s', (url, name, current) => {
        page.url = url;
        render(<SectionTabs label="Time office" tabs={tabs} />);
        const marked = screen.getAllByRole('link').filter((link) => link.hasAttribute('aria-current'));
        expect(marked.map((link) => [link.textContent, link.getAttribute('aria-current')])).toEqual([[name, current]]);
    });

    it('mark nothing on a page of another section', () => {
        page.url = '/projects';
        render(<SectionTabs label="Time office" tabs={tabs} />);
        expect(screen.getAllByRole('link').filter((link) => link.hasAttribute('aria-current'))).toEqual([]);
    });
});

describe('the tabs of a section with groups', () => {
    const groups = [
        ['Today', { 'office.today': 'Today' }],
        ['Time', { 'office.periods': 'Periods', 'office.rules': 'House rules' }],
    ] as const;

    it('show the group that one is in with its tabs', () => {
        page.url = '/office/rules?rule=1';
        render(<GroupedTabs label="Time office" groups={groups} />);
        const marked = screen.getAllByRole('link').filter((link) => link.hasAttribute('aria-current'));
        expect(marked.map((link) => link.textContent)).toEqual(['Time', 'House rules']);
        expect(screen.getByRole('navigation', { name: 'Time' }).querySelectorAll('a')).toHaveLength(2);
    });

    it('show the groups alone where one has a single page', () => {
        page.url = '/office';
        render(<GroupedTabs label="Time office" groups={groups} />);
        expect(screen.getAllByRole('link').map((link) => link.textContent)).toEqual(['Today', 'Time']);
    });
});
