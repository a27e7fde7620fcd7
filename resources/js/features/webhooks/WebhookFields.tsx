import { officeText } from '@/lib/officeText';
import type { WebhookTopic } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { Field } from '@/ui/Field';

const copy = officeText.webhooksPage;

export interface WebhookValues {
    name: string;
    address: string;
    topics: WebhookTopic[];
}

interface WebhookFieldsProps {
    values: WebhookValues;
    /** Every topic there is. */
    topics: WebhookTopic[];
    onChange: (values: Partial<WebhookValues>) => void;
}

/** What the other system is called, where it is, and what it is told of. */
export function WebhookFields({ values, topics, onChange }: WebhookFieldsProps) {
    return (
        <>
            <Field
                label={copy.name}
                required
                maxLength={100}
                className="w-52"
                value={values.name}
                onChange={(event) => {
                    onChange({ name: event.target.value });
                }}
            />
            <Field
                label={copy.address}
                required
                inputMode="url"
                maxLength={2000}
                className="w-96 max-w-full"
                placeholder={copy.addressHint}
                value={values.address}
                onChange={(event) => {
                    onChange({ address: event.target.value });
                }}
            />
            <fieldset className="flex w-full flex-wrap gap-x-5">
                <legend>{copy.topics}</legend>
                {topics.map((topic) => (
                    <Checkbox
                        key={topic}
                        label={copy.topicNames[topic]}
                        checked={values.topics.includes(topic)}
                        onChange={(isChosen) => {
                            onChange({
                                topics: topics.filter((one) => (one === topic ? isChosen : values.topics.includes(one))),
                            });
                        }}
                    />
                ))}
            </fieldset>
        </>
    );
}
