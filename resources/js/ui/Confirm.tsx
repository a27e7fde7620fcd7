import type { ComponentProps } from 'react';
import type { ConfirmDialogProps } from './ConfirmDialog';
import { Opener, type Opened } from './Opener';
import { soon } from './soon';

const ConfirmDialog = soon(async () => (await import('./ConfirmDialog')).ConfirmDialog);

interface ConfirmProps extends Omit<ConfirmDialogProps, keyof Opened> {
    /** The button that asks first. */
    button: ComponentProps<'button'>;
}

/** A button that asks before it does something that cannot be undone. */
export function Confirm({ button, ...dialog }: ConfirmProps) {
    return (
        <Opener button={(onClick) => <button type="button" {...button} onClick={onClick} />}>
            {(opened, meanwhile) => <ConfirmDialog {...dialog} {...opened} meanwhile={meanwhile} />}
        </Opener>
    );
}
