import { chosenOf, offeredCodes, wholeCode } from '@/lib/chargeCodes';
import { read } from '@/lib/http';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { CompositionProps, LineProps, WeekProps } from '@/types/generated/props';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';
import { useEffect, useState } from 'react';

interface ChargeCodeFormProps {
    at: WeekProps['at'];
    line: LineProps;
    onClose: () => void;
}

/** The parts of a charge code to choose from, once the server has told them. */
export function ChargeCodeForm({ at, line, onClose }: ChargeCodeFormProps) {
    const [composition, setComposition] = useState<CompositionProps | null>(null);
    const { task } = line;
    useEffect(() => {
        let isOver = false;
        void read<CompositionProps>(route('week.charge-code', { ...at }), { task }).then((found) => {
            if (!isOver) {
                setComposition(found);
            }
        });

        return () => {
            isOver = true;
        };
    }, [at, task]);

    return composition === null ? null : <PartsForm composition={composition} at={at} line={line} onClose={onClose} />;
}

function PartsForm({ composition, at, line, onClose }: ChargeCodeFormProps & { composition: CompositionProps }) {
    const [chosen, choose] = useState(() => chosenOf(composition, line.chargeCode ?? ''));
    const whole = wholeCode(composition, chosen);
    const send = (chargeCode: string) => {
        router.put(
            route('week.charge-code.choose', { ...at }),
            { task: line.task, role: line.role, chargeCode },
            { preserveScroll: true, preserveState: true, onSuccess: onClose },
        );
    };

    return (
        <form
            aria-label={text.ownFields.chargeCode}
            className="my-2 flex flex-col gap-2 border-s-2 border-moss ps-3"
            onSubmit={(event) => {
                event.preventDefault();
                if (whole !== null) {
                    send(whole);
                }
            }}
        >
            {composition.parts.map(({ name }, part) => (
                <Select
                    key={name}
                    label={name}
                    value={chosen[part] ?? ''}
                    options={[
                        ['', text.ownFields.none],
                        ...offeredCodes(composition, chosen, part).map((one) => [one.code, `${one.code} ${one.name}`] as const),
                    ]}
                    onChoose={(code) => {
                        choose([...chosen.slice(0, part), ...(code === '' ? [] : [code])]);
                    }}
                />
            ))}
            <p aria-live="polite" className="font-semibold [overflow-wrap:anywhere]">
                {whole ?? <span className="font-normal text-faded">{text.ownFields.choosePart}</span>}
            </p>
            <p className="flex flex-wrap gap-2">
                <button type="submit" className="act act-main" disabled={whole === null}>
                    {text.ownFields.use}
                </button>
                <button
                    type="button"
                    className="act"
                    onClick={() => {
                        send('');
                    }}
                >
                    {text.ownFields.useOfTask}
                </button>
                <button type="button" className="act-quiet" onClick={onClose}>
                    {text.week.close}
                </button>
            </p>
        </form>
    );
}
