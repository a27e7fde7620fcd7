// @vitest-environment happy-dom
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { Combobox } from './Combobox';
import type { Option } from './combobox';
import { offer } from './comboboxFixture';

const people = [
    { code: 'ada', name: 'Ada Lock' },
    { code: 'bo', name: 'Bo Quay' },
    { code: 'bo-2', name: 'Bo Quay' },
];

function Form({ takesMany }: { takesMany?: boolean }) {
    const [chosen, setChosen] = useState<Option[]>([]);

    return (
        <form>
            <Combobox
                label="Person"
                kind="people"
                name="person"
                required
                chosen={chosen}
                {...(takesMany === undefined ? {} : { takesMany })}
                onChange={setChosen}
            />
            <output>{chosen.map(({ code }) => code).join(' ')}</output>
        </form>
    );
}

const field = () => screen.getByRole<HTMLInputElement>('combobox', { name: 'Person' });
const output = () => document.querySelector('output')?.textContent;

describe('a combobox', () => {
    offer(people);

    it('offers what is typed and takes it by keyboard', async () => {
        const user = userEvent.setup();
        render(<Form />);
        await user.type(field(), 'bo');
        const options = await screen.findAllByRole('option');

        // Two of one name are told apart by their codes.
        expect(options.map(({ textContent }) => textContent)).toEqual(['Bo Quaybo', 'Bo Quaybo-2']);
        expect(field().getAttribute('aria-expanded')).toBe('true');

        await user.keyboard('{ArrowDown}{Enter}');

        expect(output()).toBe('bo-2');
        expect(field().value).toBe('Bo Quay');
        expect(field().getAttribute('aria-expanded')).toBe('false');
        expect(document.querySelector<HTMLInputElement>('input[type=hidden]')?.value).toBe('bo-2');
    });

    it('is not filled with what is on no list, and says so to the form', async () => {
        const user = userEvent.setup();
        render(<Form />);
        expect(field().validity.valid).toBe(false);
        await user.type(field(), 'xyzzy');
        expect(await screen.findByText('No matches')).toBeTruthy();
        await user.tab();

        expect(output()).toBe('');
        expect(field().validity.valid).toBe(false);
    });

    it('takes a name that was typed in full by who does not wait for the list', async () => {
        const user = userEvent.setup();
        render(<Form />);
        await user.type(field(), 'ada lock');
        await user.tab();

        await vi.waitFor(() => {
            expect(output()).toBe('ada');
            expect(field().validity.valid).toBe(true);
        });
    });

    it('goes back to what was chosen on Escape', async () => {
        const user = userEvent.setup();
        render(<Form />);
        await user.type(field(), 'ada');
        await screen.findAllByRole('option');
        await user.keyboard('{Enter}');
        await user.type(field(), 'bo{Escape}');

        expect(field().value).toBe('Ada Lock');
        expect(output()).toBe('ada');
    });

    it('takes several, leaves out those chosen, and gives them back', async () => {
        const user = userEvent.setup();
        render(<Form takesMany />);
        await user.type(field(), 'ada');
        await screen.findAllByRole('option');
        await user.keyboard('{Enter}');
        await user.type(field(), 'a');
        expect((await screen.findAllByRole('option')).map(({ textContent }) => textContent)).not.toContain('Ada Lock');
        await user.keyboard('{Enter}');
        expect(output()).toBe('ada bo');

        await user.click(screen.getByRole('button', { name: 'Remove Ada Lock' }));
        expect(output()).toBe('bo');
        await user.click(field());
        await user.keyboard('{Escape}{Backspace}');
        expect(output()).toBe('');
    });

    it('says that the list could not be loaded', async () => {
        vi.stubGlobal(
            'fetch',
            vi.fn(() => Promise.reject(new Error('away'))),
        );
        const user = userEvent.setup();
        render(<Form />);
        await user.type(field(), 'ada');

        expect(await screen.findByText('The list could not be loaded. Type again to retry.')).toBeTruthy();
    });
});
