import { OfficeShell } from '@/features/office';
import { wholeDate } from '@/lib/days';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { IntakeLinkProps, IntakeSettingsProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { DateField } from '@/ui/DateField';
import { FieldError } from '@/ui/FieldError';
import { Switch } from '@/ui/Switch';
import type { Option } from '@/ui/combobox';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const copy = officeText.intakeSettingsPage;

/** Who may request work, and the links of clients. */
export function IntakeSettingsPage({ intake }: { intake: IntakeSettingsProps }) {
    const [client, setClient] = useState<Option[]>([]);

    return (
        <OfficeShell title={copy.title} finding={intake.isOpen ? copy.open : copy.closed}>
            <div className="mt-3">
                <Switch
                    label={copy.switch}
                    isOn={intake.isOpen}
                    onTurn={(open) => {
                        router.put(route('office.intake.save'), { open }, { preserveScroll: true });
                    }}
                />
            </div>
            <section aria-labelledby="links" className="mt-8 max-w-4xl">
                <h2 id="links">{copy.links}</h2>
                <p className="text-faded">{intake.links.length === 0 ? copy.noLinks : copy.linksHint}</p>
                <ul className="mt-2">
                    {intake.links.map((link) => (
                        <LinkRow key={link.id} link={link} />
                    ))}
                </ul>
                <form
                    aria-label={copy.add}
                    className="mt-3 flex flex-wrap items-baseline-last gap-3"
                    onSubmit={(event) => {
                        event.preventDefault();
                        router.post(route('office.intake.add-link'), Object.fromEntries(new FormData(event.currentTarget)), {
                            preserveScroll: true,
                        });
                    }}
                >
                    <Combobox
                        label={copy.client}
                        kind="clients"
                        name="client"
                        required
                        className="w-56"
                        chosen={client}
                        onChange={setClient}
                    />
                    <DateField label={copy.endsOn} name="endsOn" required min={intake.today} />
                    <button type="submit" className="act">
                        {copy.add}
                    </button>
                </form>
                <FieldError />
            </section>
        </OfficeShell>
    );
}

function LinkRow({ link }: { link: IntakeLinkProps }) {
    const [isCopied, copied] = useState(false);

    return (
        <li className="flex flex-wrap items-baseline gap-x-4 border-b border-rule py-1">
            <span className="font-semibold">{link.client}</span>
            <span className="text-faded">{copy.until(wholeDate(link.endsOn))}</span>
            <span className="min-w-0 basis-full text-[0.85em] [overflow-wrap:anywhere] text-faded select-all">
                {link.address}
            </span>
            <button
                type="button"
                className="act-quiet"
                aria-label={copy.copyOf(link.client)}
                onClick={() => {
                    void navigator.clipboard.writeText(link.address).then(() => {
                        copied(true);
                    });
                }}
            >
                {isCopied ? copy.copied : copy.copy}
            </button>
            <button
                type="button"
                className="act-quiet"
                aria-label={copy.revokeOf(link.client)}
                onClick={() => {
                    router.delete(route('office.intake.revoke-link', { link: link.id }), { preserveScroll: true });
                }}
            >
                {copy.revoke}
            </button>
        </li>
    );
}
