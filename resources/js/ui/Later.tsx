import { text } from '@/lib/text';
import { Deferred, router } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { TryAgain } from './TryAgain';

/** What comes once the page is there; where it fails, that is said and can be tried again. */
export function Later({ data, children }: { data: string; children: ReactNode }) {
    return (
        <Deferred
            data={data}
            fallback={
                <p aria-busy className="pencilled">
                    {text.loading.comes}
                </p>
            }
            rescue={
                <TryAgain
                    onAgain={() => {
                        router.reload({ only: [data] });
                    }}
                />
            }
        >
            {children}
        </Deferred>
    );
}
