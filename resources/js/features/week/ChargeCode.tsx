import { text } from '@/lib/text';
import type { LineProps } from '@/types/generated/props';
import { soon } from '@/ui/soon';
import { useState } from 'react';
import type { SheetPage } from './useSheetPage';

const ChargeCodeForm = soon(async () => (await import('./ChargeCodeForm')).ChargeCodeForm);

/** The charge code of a line whose client composes them, and the way to choose another. */
export function ChargeCode({ page: { sheet }, line }: { page: SheetPage; line: LineProps }) {
    const [isOpen, open] = useState(false);
    const { chargeCode, choosesChargeCode } = line;
    if (!choosesChargeCode) {
        return null;
    }

    return (
        <>
            <p className="mt-1 [overflow-wrap:anywhere]">
                <span className="text-faded">{text.ownFields.chargeCode}:</span>{' '}
                {chargeCode ?? <span className="text-ochre">{text.ownFields.noChargeCode}</span>}
                {sheet.mayRecord && (
                    <button
                        type="button"
                        className="act-quiet ms-3"
                        aria-expanded={isOpen}
                        onClick={() => {
                            open(!isOpen);
                        }}
                    >
                        {chargeCode === null ? text.ownFields.choose : text.ownFields.chooseAnother}
                    </button>
                )}
            </p>
            {isOpen && (
                <ChargeCodeForm
                    at={sheet.at}
                    line={line}
                    onClose={() => {
                        open(false);
                    }}
                />
            )}
        </>
    );
}
