import { text } from '@/lib/text';
import { Deferred, router } from '@inertiajs/react';
import type { ReactNode } from 'react';

/** What comes once the page is there; where it fails, that is said and can be tried again. */
export function Later({ data, children }: { data: string; children: ReactNode }) {
    return (
        <Deferred
            data={data}
            fallback={
                <p aria-busy className="pencilled">
                    {text.progress.comes}
                </p>
            }
            rescue={
                <p className="text-ochre">
                    {text.progress.lost}{' '}
                    <button
                        type="button"
                        className="act-quiet"
                        onClick={() => {
                            router.reload({ only: [data] });
                        }}
                    >
                        {text.progress.again}
                    </button>
                </p>
            }
        >
            {children}
        </Deferred>
    );
}
