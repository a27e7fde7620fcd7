// @vitest-environment happy-dom
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { Combobox } from './Combobox';
import type { Option } from './combobox';
import { offer } from './comboboxFixture';

const clients = [{ code: 'ness', name: 'Ness Trust' }];

function Form() {
    const [chosen, setChosen] = useState<Option[]>([]);

    return (
        <>
            <Combobox
                label="Client"
                kind="clients"
                takesNew
                saysOfNew={(name) => `${name} is new`}
                chosen={chosen}
                onChange={setChosen}
            />
            <output>{chosen.map(({ code }) => code).join(' ')}</output>
        </>
    );
}

const field = () => screen.getByRole<HTMLInputElement>('combobox', { name: 'Client' });
const output = () => document.querySelector('output')?.textContent;

describe('a combobox that takes what is new', () => {
    offer(clients);

    it('says so before and after it is left', async () => {
        const user = userEvent.setup();
        render(<Form />);
        await user.type(field(), 'Harbour Board');
        expect(await screen.findByText('Harbour Board is new')).toBeTruthy();
        await user.tab();

        expect(output()).toBe('Harbour Board');
        expect(field().getAttribute('aria-expanded')).toBe('false');
        expect(screen.getByText('Harbour Board is new')).toBeTruthy();
    });

    it('says so beside what is nearly called so, but not once that is typed in full', async () => {
        const user = userEvent.setup();
        render(<Form />);
        await user.type(field(), 'ness');
        expect(await screen.findByText('Ness Trust')).toBeTruthy();
        // A code in full is no new name.
        expect(screen.queryByText(/is new/)).toBeNull();
        await user.type(field(), ' t');
        expect(await screen.findByText('ness t is new')).toBeTruthy();
        await user.type(field(), 'rust');
        await vi.waitFor(() => {
            expect(screen.queryByText(/is new/)).toBeNull();
        });
    });

    it('does not take for new what is known, by who does not wait for the list', async () => {
        const user = userEvent.setup();
        render(<Form />);
        await user.type(field(), 'ness trust');
        await user.tab();

        await vi.waitFor(() => {
            expect(output()).toBe('ness');
        });
        expect(screen.queryByText(/is new/)).toBeNull();
    });
});
