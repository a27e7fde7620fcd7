// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Checkbox } from './Checkbox';
import { Confirm } from './Confirm';
import { Dialog } from './Dialog';
import { RadioGroup } from './RadioGroup';
import { Select } from './Select';
import { Tooltip } from './Tooltip';

afterEach(cleanup);

describe('a select', () => {
    const options = [
        ['', 'Everybody'],
        ['team', 'One team'],
    ] as const;

    it('is opened and chosen from by keyboard, and sends its value', async () => {
        const user = userEvent.setup();
        const onChoose = vi.fn();
        render(<Select label="Applies to" name="scope" options={options} onChoose={onChoose} />);
        const field = () => screen.getByRole('combobox', { name: 'Applies to' });
        expect(field().textContent).toContain('Everybody');
        const sent = () => document.querySelector<HTMLInputElement>('input[name=scope]')?.value;
        expect(sent()).toBe('');

        field().focus();
        await user.keyboard('{Enter}');
        await user.click(await screen.findByRole('option', { name: 'One team' }));

        expect(onChoose).toHaveBeenCalledExactlyOnceWith('team');
        expect(sent()).toBe('team');
        expect(field().textContent).toContain('One team');
        expect(document.activeElement).toBe(field());
    });

    it('is opened by an arrow and by a letter, and left as it was', async () => {
        const user = userEvent.setup();
        const onChoose = vi.fn();
        for (const key of ['{ArrowDown}', 'o']) {
            render(<Select label="Applies to" options={options} onChoose={onChoose} />);
            screen.getByRole('combobox', { name: 'Applies to' }).focus();
            await user.keyboard(key);
            expect(await screen.findAllByRole('option')).toHaveLength(2);
            await user.keyboard('{Escape}');
            expect(screen.queryByRole('option')).toBeNull();
            cleanup();
        }
        expect(onChoose).not.toHaveBeenCalled();
    });

    it('shows what it is given and says what is wrong with it', () => {
        render(<Select label="Applies to" options={options} value="team" isInvalid hint="From today on" />);
        const field = screen.getByRole('combobox', { name: 'Applies to' });

        expect(field.textContent).toContain('One team');
        expect(field.getAttribute('aria-invalid')).toBe('true');
        expect(document.getElementById(field.getAttribute('aria-describedby') ?? '')?.textContent).toBe('From today on');
    });
});

describe('a checkbox', () => {
    it('is turned by its label and by the space bar', async () => {
        const user = userEvent.setup();
        const onChange = vi.fn();
        render(<Checkbox label="Billable" onChange={onChange} />);
        await user.click(screen.getByText('Billable'));
        screen.getByRole('checkbox', { name: 'Billable' }).focus();
        await user.keyboard(' ');

        expect(onChange.mock.calls).toEqual([[true], [false]]);
    });
});

describe('a group of radio buttons', () => {
    it('is one stop of the keyboard and is moved through by arrows', async () => {
        const user = userEvent.setup();
        const onChoose = vi.fn();
        const parts = [
            ['0', 'The whole week'],
            ['1', 'Only Slipway'],
        ] as const;
        render(<RadioGroup label="What to submit" options={parts} value="0" onChoose={onChoose} />);
        expect(screen.getByRole('radiogroup', { name: 'What to submit' })).toBeTruthy();
        await user.tab();
        expect(document.activeElement).toBe(screen.getByRole('radio', { name: 'The whole week' }));
        await user.keyboard('{ArrowDown}');
        await user.click(screen.getByRole('radio', { name: 'Only Slipway' }));

        expect(onChoose).toHaveBeenCalledWith('1');
    });
});

describe('what is asked first', () => {
    it('has the focus on the way back and does nothing by it', async () => {
        const user = userEvent.setup();
        const onYes = vi.fn();
        render(
            <Confirm title="Close May?" yes="Close" no="Not yet" onYes={onYes} button={{ children: 'Close May' }}>
                It cannot be undone.
            </Confirm>,
        );
        await user.click(screen.getByRole('button', { name: 'Close May' }));
        const asked = await screen.findByRole('alertdialog', { name: 'Close May?' });
        expect(document.getElementById(asked.getAttribute('aria-describedby') ?? '')?.textContent).toBe('It cannot be undone.');
        expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Not yet' }));
        await user.keyboard('{Enter}');
        expect(screen.queryByRole('alertdialog')).toBeNull();
        expect(onYes).not.toHaveBeenCalled();

        await user.click(screen.getByRole('button', { name: 'Close May' }));
        await user.click(await screen.findByRole('button', { name: 'Close' }));
        expect(onYes).toHaveBeenCalledOnce();
    });
});

describe('a dialog', () => {
    it('is named by its title and closed by Escape', async () => {
        const user = userEvent.setup();
        const onClose = vi.fn();
        render(
            <Dialog isOpen title="Keyboard shortcuts" onClose={onClose}>
                <input aria-label="Search" />
            </Dialog>,
        );
        expect(screen.getByRole('dialog', { name: 'Keyboard shortcuts' })).toBeTruthy();
        await user.keyboard('{Escape}');

        expect(onClose).toHaveBeenCalledOnce();
    });
});

describe('a tooltip', () => {
    it('says what a button does once one comes to it by keyboard, and nothing before', async () => {
        const user = userEvent.setup();
        render(
            <Tooltip says="Choose from a calendar">
                <button>▾</button>
            </Tooltip>,
        );
        expect(screen.queryByRole('tooltip')).toBeNull();
        await user.tab();
        expect((await screen.findByRole('tooltip')).textContent).toBe('Choose from a calendar');
        expect(screen.getByRole('button').getAttribute('aria-describedby')).not.toBeNull();
        await user.keyboard('{Escape}');
        expect(screen.queryByRole('tooltip')).toBeNull();
    });
});
