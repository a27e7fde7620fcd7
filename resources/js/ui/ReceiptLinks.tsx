import { route } from '@/lib/route';
import { text } from '@/lib/text';

/** The receipts of an expense, each a link to its file. */
export function ReceiptLinks({ receipts }: { receipts: readonly { id: number; name: string }[] }) {
    return (
        receipts.length > 0 && (
            <span className="flex flex-wrap gap-x-3 text-[0.9rem]">
                {receipts.map(({ id, name }) => (
                    <a
                        key={id}
                        href={route('receipts', { receipt: id })}
                        target="_blank"
                        rel="noreferrer"
                        title={text.trace.receipt(name)}
                        className="[overflow-wrap:anywhere] underline decoration-edge underline-offset-4"
                    >
                        {name}
                    </a>
                ))}
            </span>
        )
    );
}
