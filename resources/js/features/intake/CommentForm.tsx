import { TextArea } from '@/ui/TextArea';
import { router } from '@inertiajs/react';
import { useState } from 'react';

interface CommentFormProps {
    /** What is written, and what sends it. */
    label: string;
    act: string;
    address: string;
    hint?: string;
}

/** A text that is sent somewhere, and then gone from the field. */
export function CommentForm({ label, act, address, hint }: CommentFormProps) {
    const [count, setCount] = useState(0);

    return (
        <form
            key={count}
            aria-label={act}
            className="mt-3 flex max-w-2xl flex-col gap-2"
            onSubmit={(event) => {
                event.preventDefault();
                router.post(address, Object.fromEntries(new FormData(event.currentTarget)), {
                    preserveScroll: true,
                    onSuccess: () => {
                        setCount(count + 1);
                    },
                });
            }}
        >
            <TextArea label={label} name="text" required maxLength={5000} />
            {hint !== undefined && <p className="pencilled">{hint}</p>}
            <button type="submit" className="act self-start">
                {act}
            </button>
        </form>
    );
}
