import { read } from '@/lib/http';
import { route } from '@/lib/route';
import type { TransferProps, TransferState } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';

const EVERY = 1000;

const UNDER_WAY: readonly TransferState[] = ['waiting', 'checking', 'queued', 'running'];

/** How much of a transfer is done; once it has come further, the page is loaded again. */
export function useProgress(transfer: TransferProps, reloads: string): number | null {
    const [percent, setPercent] = useState(transfer.percent);
    const { id, state } = transfer;

    useEffect(() => {
        if (!UNDER_WAY.includes(state)) {
            return;
        }
        const timer = setInterval(() => {
            void read<TransferProps>(route('office.files.progress', { transfer: id })).then((now) => {
                if (now === null) {
                    return;
                }
                setPercent(now.percent);
                if (now.state !== state) {
                    router.reload({ only: [reloads] });
                }
            });
        }, EVERY);

        return () => {
            clearInterval(timer);
        };
    }, [id, state, reloads]);

    return percent;
}
