<?php

declare(strict_types=1);

namespace App\Features\Directory\Requests;

use App\ChargeCodes\ChargeCodeText;
use App\Http\Input\BoundedRequest;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Moss\Core\ChargeCodes\CodedPart;
use Moss\Core\ChargeCodes\Composition;
use Moss\Core\ChargeCodes\CompositionRefused;
use Moss\Core\ChargeCodes\PartCode;

/** What a client's charge codes are composed of: a name for each part, its codes line by line, and which go together. */
final class ChargeCodesRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'separator' => ['required', Rule::in(Composition::SEPARATORS)],
            'parts' => ['nullable', 'list', 'max:'.Composition::MOST_PARTS],
            'parts.*.name' => ['required', 'string', 'max:200'],
            'parts.*.codes' => ['required', 'string', 'max:100000'],
            'combinations' => ['nullable', 'string', 'max:100000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'parts.*.name' => Wording::of('own_fields.charge_code.parts', ['text' => '']),
            'parts.*.codes' => Wording::of('own_fields.charge_code.parts', ['text' => '']),
        ];
    }

    /**
     * @param  string  $client  its name
     * @return Composition|null null where there are no parts
     *
     * @throws ValidationException
     */
    public function composition(string $client): ?Composition
    {
        /** @var list<array{name: string, codes: string}> $parts */
        $parts = $this->array('parts');
        if ($parts === []) {
            return null;
        }
        try {
            return Composition::of(
                $this->string('separator')->toString(),
                array_map(static fn (array $part): CodedPart => new CodedPart(trim($part['name']), self::codes($part['codes'])), $parts),
                self::lines($this->string('combinations')->toString()),
            );
        } catch (CompositionRefused $refused) {
            throw ValidationException::withMessages(['parts' => ChargeCodeText::refused($refused, $client)]);
        }
    }

    /**
     * Each line has a code and its name; a code in brackets is no longer offered.
     *
     * @return list<PartCode>
     */
    private static function codes(string $text): array
    {
        return array_map(static function (string $line): PartCode {
            $isRetired = preg_match('/^\((\S+)\)(.*)$/u', $line, $found) === 1;
            [$code, $name] = $isRetired ? [$found[1], trim($found[2])] : [...explode(' ', $line, 2), ''];

            return new PartCode($code, trim($name) === '' ? $code : mb_substr(trim($name), 0, 200), $isRetired);
        }, self::lines($text));
    }

    /** @return list<string> */
    private static function lines(string $text): array
    {
        return array_values(array_filter(array_map(static fn (string $line): string => trim((string) preg_replace('/\s+/u', ' ', $line)), explode("\n", $text)), static fn (string $line): bool => $line !== ''));
    }
}
