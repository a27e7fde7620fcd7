import { route } from '@/lib/route';
import { text } from '@/lib/text';
import { officeText } from '@/lib/officeText';
import type { ApiReferenceProps } from '@/types/generated/props';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { Link } from '@inertiajs/react';
import { FieldTable } from './FieldTable';
import { Operation } from './Operation';

const copy = text.apiReference;

/** What programs can ask with a token, to be read. */
export function ReferencePage({ reference }: { reference: ApiReferenceProps }) {
    return (
        <Shell>
            <PageHeading title={copy.title} finding={copy.finding(reference.operations.length)}>
                <Link className="act-quiet" href={route('account')}>
                    {officeText.accountPage.title}
                </Link>
            </PageHeading>
            <div className="mt-2 flex max-w-prose flex-col gap-2">
                <p>{copy.begin(reference.address)}</p>
                <p>{copy.repeat}</p>
                <p>{copy.versions}</p>
                <p>{copy.limits}</p>
            </div>
            <p className="mt-2">
                <a className="act-quiet" href={reference.document}>
                    {copy.document}
                </a>
            </p>
            {reference.operations.map((operation) => (
                <Operation key={operation.id} operation={operation} />
            ))}
            <h2 className="mt-8">{copy.objects}</h2>
            {reference.objects.map(({ name, meaning, fields }) => (
                <section key={name} aria-labelledby={`object ${name}`} className="mt-4">
                    <h3 id={`object ${name}`}>{name}</h3>
                    <p className="text-faded">{meaning}</p>
                    <FieldTable name={name} fields={fields} />
                </section>
            ))}
        </Shell>
    );
}
