import { OfficeShell } from '@/features/office';
import { instant } from '@/lib/days';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { ImportPreviewProps, TransferProps } from '@/types/generated/props';
import { Confirm } from '@/ui/Confirm';
import { Link, router } from '@inertiajs/react';
import { countWords } from './counts';
import { ImportRows } from './ImportRows';
import { useProgress } from './useProgress';

const copy = officeText.importPage;

/** What an import would do or did, row by row. */
export function ImportPage({ preview }: { preview: ImportPreviewProps }) {
    const { transfer } = preview;
    const percent = useProgress(transfer, 'preview');

    return (
        <OfficeShell title={copy.title} finding={`${copy.findings[transfer.state]} ${transfer.problem}`}>
            <p className="text-faded">{officeText.filesPage.by(transfer.by, instant(transfer.at))}</p>
            {percent !== null && (
                <p className="mt-2 flex items-center gap-3" aria-live="polite">
                    <progress value={percent} max={100} className="h-2 w-64 accent-moss" aria-label={copy.title} />
                    {copy.progress(percent)}
                </p>
            )}
            <Acts transfer={transfer} />
            {transfer.files.length > 0 && transfer.state !== 'refused' && (
                <section aria-labelledby="summary" className="mt-6">
                    <h2 id="summary">{copy.summary}</h2>
                    <ul>
                        {transfer.files.map((file) => (
                            <li key={file.file}>
                                {file.file}: <span className="text-faded">{countWords(file)}</span>
                            </li>
                        ))}
                    </ul>
                </section>
            )}
            <ImportRows preview={preview} />
        </OfficeShell>
    );
}

function Acts({ transfer: { id, state } }: { transfer: TransferProps }) {
    const post = (name: 'office.files.run' | 'office.files.take-back') => () => {
        router.post(route(name, { transfer: id }), {}, { preserveScroll: true });
    };

    return (
        <p className="mt-3 flex flex-wrap items-baseline gap-4">
            {state === 'checked' && (
                <button type="button" className="act act-main" onClick={post('office.files.run')}>
                    {copy.run}
                </button>
            )}
            {(state === 'checked' || state === 'refused' || state === 'failed') && (
                <button
                    type="button"
                    className="act"
                    onClick={() => {
                        router.delete(route('office.files.discard', { transfer: id }));
                    }}
                >
                    {copy.discard}
                </button>
            )}
            {state === 'done' && (
                <Confirm
                    button={{ className: 'act', children: copy.takeBack }}
                    title={copy.asks}
                    yes={copy.takeBack}
                    no={copy.keep}
                    onYes={post('office.files.take-back')}
                >
                    {copy.effect}
                </Confirm>
            )}
            <Link className="act-quiet" href={route('office.files')}>
                {copy.back}
            </Link>
        </p>
    );
}
