import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { ClientSystemProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { FieldError } from '@/ui/FieldError';
import { router } from '@inertiajs/react';

const copy = officeText.clientSystemPage;

/** Whom the other system names and nobody here knows, with a way to say who it is. */
export function UnknownPeople({ system: { id, unknown } }: { system: ClientSystemProps }) {
    return unknown.length === 0 ? null : (
        <section aria-labelledby="unknown">
            <h2 id="unknown">{copy.unknown}</h2>
            <FieldError of={['person']} />
            <ul className="mt-2">
                {unknown.map((one) => (
                    <li key={one.id} className="border-b border-rule py-2">
                        <Combobox
                            kind="people"
                            label={copy.isPerson(one.called)}
                            chosen={[]}
                            onChange={([who]) => {
                                if (who !== undefined) {
                                    router.put(
                                        route('office.client-systems.match', { clientSystem: id, there: one.id }),
                                        { person: who.code },
                                        { preserveScroll: true },
                                    );
                                }
                            }}
                        />
                    </li>
                ))}
            </ul>
        </section>
    );
}
