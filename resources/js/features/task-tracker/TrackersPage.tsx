import { OfficeShell } from '@/features/office';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { TrackerRowProps, TrackersProps } from '@/types/generated/props';
import { Confirm } from '@/ui/Confirm';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { TableHead } from '@/ui/TableHead';
import { router, useForm } from '@inertiajs/react';

const copy = officeText.trackersPage;

/** All task trackers, and a new one. */
export function TrackersPage({ trackers: { rows } }: { trackers: TrackersProps }) {
    const form = useForm({ name: '', address: '', token: '' });
    const field = (name: 'name' | 'address' | 'token') => ({
        value: form.data[name],
        required: true,
        onChange: (event: { target: { value: string } }) => {
            form.setData(name, event.target.value);
        },
    });

    return (
        <OfficeShell title={copy.title} finding={rows.length === 0 ? copy.none : copy.finding(rows.length)}>
            <p className="pencilled max-w-prose">{copy.hint}</p>
            {rows.length > 0 && (
                <table className="mt-4 w-full max-w-4xl">
                    <TableHead heads={[copy.name, copy.links, copy.acts]} />
                    <tbody>
                        {rows.map((row) => (
                            <Row key={row.id} row={row} />
                        ))}
                    </tbody>
                </table>
            )}
            <form
                aria-label={copy.add}
                className="mt-8 flex max-w-4xl flex-wrap items-baseline-last gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.post(route('office.trackers.add'), {
                        preserveScroll: true,
                        onSuccess: () => {
                            form.reset();
                        },
                    });
                }}
            >
                <Field label={copy.name} maxLength={100} className="w-52" {...field('name')} />
                <Field
                    label={copy.address}
                    inputMode="url"
                    maxLength={2000}
                    className="w-96 max-w-full"
                    placeholder={copy.addressHint}
                    {...field('address')}
                />
                <Field label={copy.token} maxLength={1000} autoComplete="off" className="w-64" {...field('token')} />
                <button type="submit" disabled={form.processing} className="act">
                    {copy.add}
                </button>
                <div className="w-full">
                    <FieldError />
                </div>
            </form>
        </OfficeShell>
    );
}

function Row({ row: { id, name, address, links } }: { row: TrackerRowProps }) {
    return (
        <tr>
            <th scope="row" className="row-name border-b border-rule py-1 pe-4">
                {name}
                <span className="block font-normal text-faded">{address}</span>
            </th>
            <td className="border-b border-rule pe-4">{links}</td>
            <td className="border-b border-rule">
                <Confirm
                    button={{ className: 'act-quiet', children: copy.remove, 'aria-label': copy.removeOf(name) }}
                    title={copy.removeTitle(name)}
                    yes={copy.remove}
                    no={copy.no}
                    onYes={() => {
                        router.delete(route('office.trackers.remove', { tracker: id }), { preserveScroll: true });
                    }}
                >
                    {copy.removeWill}
                </Confirm>
            </td>
        </tr>
    );
}
