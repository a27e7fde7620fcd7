import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { Link } from '@inertiajs/react';
import { useState } from 'react';

const copy = officeText.recoveryCodesPage;

/** Codes for the day on which the phone is not there; shown once. */
export function RecoveryCodesPage({ codes }: { codes: string[] }) {
    const [isCopied, setCopied] = useState(false);

    return (
        <Shell>
            <PageHeading title={copy.title} finding={copy.explained} />
            <ol
                aria-label={copy.list}
                className="mt-4 grid w-fit grid-cols-1 gap-x-10 gap-y-1 border-y border-rule py-3 font-mono tracking-wide sm:grid-cols-2"
            >
                {codes.map((code) => (
                    <li key={code}>{code}</li>
                ))}
            </ol>
            <p className="no-print mt-4 flex flex-wrap gap-2">
                <Link href={route('home')} className="act act-main">
                    {copy.done}
                </Link>
                <button
                    type="button"
                    className="act"
                    onClick={() => {
                        void navigator.clipboard.writeText(codes.join('\n')).then(() => {
                            setCopied(true);
                        });
                    }}
                >
                    {isCopied ? copy.copied : copy.copy}
                </button>
                <button
                    type="button"
                    className="act"
                    onClick={() => {
                        window.print();
                    }}
                >
                    {copy.print}
                </button>
            </p>
        </Shell>
    );
}
