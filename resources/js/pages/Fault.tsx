import { route } from '@/lib/route';
import { text } from '@/lib/text';
import { Shell } from '@/ui/Shell';
import { Head, Link } from '@inertiajs/react';

/** Shown where a page cannot be. */
export default function Fault({ status, sentence }: { status: number; sentence: string }) {
    return (
        <Shell>
            <Head title={text.fault.title(status)} />
            <h1>{text.fault.title(status)}</h1>
            <p className="mt-3 max-w-prose">{sentence}</p>
            <p className="mt-6">
                <Link href={route('home')} className="act">
                    {text.fault.home}
                </Link>
            </p>
        </Shell>
    );
}
