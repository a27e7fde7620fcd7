<?php

declare(strict_types=1);

namespace App\Api\OpenApi;

use App\Api\Props\ApiFieldProps;
use App\Api\Props\ApiObjectProps;
use App\Api\Props\ApiOperationProps;
use App\Api\Props\ApiReferenceProps;

/** The document as a page shows it: nothing is said here that is not said there. */
final readonly class Reference
{
    public function __construct(private Document $document)
    {
    }

    public function props(): ApiReferenceProps
    {
        $document = $this->document->toArray();
        $operations = [];
        foreach ((array) $document['paths'] as $path => $methods) {
            foreach ((array) $methods as $method => $operation) {
                $operations[] = self::operation(strtoupper((string) $method), (string) $path, (array) $operation);
            }
        }
        $objects = [];
        foreach ((array) data_get($document, 'components.schemas') as $name => $schema) {
            $objects[] = new ApiObjectProps((string) $name, self::text($schema, 'description'), self::fields($schema));
        }

        return new ApiReferenceProps('/api/v1', route('api.document', [], false), $operations, $objects);
    }

    /** @param  array<array-key, mixed>  $operation */
    private static function operation(string $method, string $path, array $operation): ApiOperationProps
    {
        $parameters = [];
        foreach ((array) $operation['parameters'] as $parameter) {
            $parameters[] = new ApiFieldProps(self::text($parameter, 'name'), self::type(data_get($parameter, 'schema')), data_get($parameter, 'required') === true, self::text($parameter, 'description') ?: self::text($parameter, 'schema.description'));
        }
        $problems = [];
        foreach ((array) $operation['responses'] as $status => $response) {
            if ((int) $status >= 400) {
                $problems[] = $status.' '.self::text($response, 'description');
            }
        }
        $answer = data_get($operation, ['responses', 200, 'content', 'application/json', 'schema']);

        return new ApiOperationProps(
            self::text($operation, 'operationId'), $method, $path, self::text($operation, 'summary'), self::text($operation, 'description'), $parameters,
            self::fields(data_get($operation, ['requestBody', 'content', 'application/json', 'schema'])), $answer === null ? null : self::type($answer), $problems,
        );
    }

    /** @return list<ApiFieldProps> those of objects in lists under their list */
    private static function fields(mixed $schema, string $under = ''): array
    {
        $fields = [];
        $required = (array) data_get($schema, 'required');
        foreach ((array) data_get($schema, 'properties') as $name => $field) {
            $fields[] = new ApiFieldProps($under.$name, self::type($field), in_array($name, $required, true), self::text($field, 'description'));
            array_push($fields, ...self::fields(data_get($field, 'items'), $under.$name.'[].'));
        }

        return $fields;
    }

    private static function type(mixed $schema): string
    {
        $reference = data_get($schema, '$ref');
        if (is_string($reference)) {
            return basename($reference);
        }
        if (data_get($schema, 'anyOf') !== null) {
            return implode(', ', array_map(self::type(...), (array) data_get($schema, 'anyOf')));
        }
        if (data_get($schema, 'type') === 'array') {
            return self::type(data_get($schema, 'items')).'[]';
        }
        $values = array_filter((array) data_get($schema, 'enum'), is_string(...));

        return $values === [] ? implode(', ', array_filter((array) data_get($schema, 'type'), is_string(...))) : implode(' | ', $values);
    }

    private static function text(mixed $of, string $name): string
    {
        $text = data_get($of, $name);

        // What stands between backticks is so in the document only.
        return is_string($text) ? str_replace('`', '', $text) : '';
    }
}
