<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Exchange\ExchangeText;
use App\Http\Input\BoundedRequest;

/** Files to be imported, as text. */
final class ImportRequest extends BoundedRequest implements DescribesBody
{
    private const MOST = 60;

    /** Of one file, in bytes; what is larger is imported by the command. */
    private const LONGEST = 1_500_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'files' => ['required', 'list', 'max:'.self::MOST],
            'files.*.name' => ['required', 'string', 'regex:/^[a-z_]{1,60}\.csv$/D', 'distinct'],
            'files.*.content' => ['required', 'string', 'max:'.self::LONGEST],
            'replacesPlan' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['files' => ExchangeText::get('transfer.none'), 'files.*.name.regex' => ExchangeText::get('transfer.file_name', ['name' => ':input'])];
    }

    public static function fields(): array
    {
        return [
            'files' => ['type' => 'array', 'minItems' => 1, 'maxItems' => self::MOST, 'items' => ['type' => 'object', 'required' => ['name', 'content'], 'properties' => [
                'name' => ['type' => 'string', 'description' => 'As the exchange format has it: `entries.csv`.'],
                'content' => ['type' => 'string', 'maxLength' => self::LONGEST, 'description' => 'The whole file.'],
            ]]],
            'replacesPlan' => ['type' => 'boolean', 'default' => false, 'description' => 'Whether assignments that the files do not have are removed.'],
        ];
    }

    public static function required(): array
    {
        return ['files'];
    }

    /** @return non-empty-array<string, string> content by name */
    public function files(): array
    {
        /** @var non-empty-list<array{name: string, content: string}> $files */
        $files = $this->array('files');

        return array_column($files, 'content', 'name');
    }
}
