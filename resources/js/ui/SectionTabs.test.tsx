// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import type { ComponentProps } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { SectionTabs } from './SectionTabs';

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
