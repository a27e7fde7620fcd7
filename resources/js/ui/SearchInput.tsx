interface SearchInputProps {
    label: string;
    value: string;
    onType: (value: string) => void;
}

/** Narrows what stands below it while one types. */
export function SearchInput({ label, value, onType }: SearchInputProps) {
    return (
        <input
            autoFocus
            type="search"
            aria-label={label}
            placeholder={label}
            value={value}
            maxLength={100}
            className="min-h-9 w-full border-b border-edge bg-paper px-2"
            onChange={(event) => {
                onType(event.target.value);
            }}
        />
    );
}
