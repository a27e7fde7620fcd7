import { text } from '@/lib/text';

interface TryAgainProps {
    /** What is not there. */
    says?: string;
    onAgain: () => void;
}

/** Says in its place what could not be loaded, with the way to try again. */
export function TryAgain({ says = text.loading.lost, onAgain }: TryAgainProps) {
    return (
        <p role="alert" className="text-ochre">
            {says}{' '}
            <button type="button" className="act-quiet" onClick={onAgain}>
                {text.loading.again}
            </button>
        </p>
    );
}
