import { instant } from '@/lib/days';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { TransferProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';
import { countWords } from './counts';
import { useProgress } from './useProgress';

const copy = officeText.filesPage;

/** Imports and exports with who and when, and what came of each. */
export function TransferList({ transfers }: { transfers: TransferProps[] }) {
    return (
        <section aria-labelledby="transfers" className="mt-8">
            <h2 id="transfers">{copy.list}</h2>
            <ul>
                {transfers.map((transfer) => (
                    <Transfer key={transfer.id} transfer={transfer} />
                ))}
            </ul>
        </section>
    );
}

function Transfer({ transfer }: { transfer: TransferProps }) {
    const { id, kind, state, by, at, files, problem, hasFile } = transfer;
    const percent = useProgress(transfer, 'files');
    const when = instant(at);

    return (
        <li className="flex flex-wrap items-baseline gap-x-5 border-b border-rule py-1">
            <span className="w-16 font-semibold">{copy.kind[kind]}</span>
            <span className="text-faded">{copy.by(by, when)}</span>
            <span aria-live="polite">
                {copy.state[state]}
                {percent !== null && ` (${copy.percent(percent)})`}
            </span>
            {problem !== '' && <span className="text-brick">{problem}</span>}
            {kind === 'export' && files.length > 0 && (
                <span className="text-faded">{copy.rows(files.reduce((sum, { rows }) => sum + rows, 0))}</span>
            )}
            {kind === 'import' && files.length > 0 && state !== 'refused' && (
                <span className="text-faded">
                    {files
                        .map((file) => `${file.file}: ${countWords(file)}`)
                        .slice(0, 3)
                        .join('; ')}
                </span>
            )}
            <span className="ms-auto">
                {kind === 'import' ? (
                    <Link
                        className="act-quiet"
                        aria-label={copy.openOf(when)}
                        href={route('office.files.transfer', { transfer: id })}
                    >
                        {copy.open}
                    </Link>
                ) : hasFile ? (
                    <a
                        className="act-quiet"
                        aria-label={copy.downloadOf(when)}
                        href={route('office.files.download', { transfer: id })}
                        download
                    >
                        {copy.download}
                    </a>
                ) : (
                    state === 'done' && <span className="text-faded">{copy.expired}</span>
                )}
            </span>
        </li>
    );
}
