<?php

declare(strict_types=1);

namespace App\Features\OwnFieldSettings\Requests;

use App\Features\OwnFieldSettings\Actions\OwnFieldInput;
use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Models\Client;
use App\Models\OwnField;
use App\Models\Team;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Moss\Core\Calendar\Day;
use Moss\Core\OwnFields\FieldKind;
use Moss\Core\OwnFields\FieldSubject;

/** What the office enters of an own field. */
final class OwnFieldRequest extends BoundedRequest
{
    private const CODE = '/^[A-Za-z0-9._-]{1,32}$/D';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $isNew = $this->known() === null;

        return [
            'name' => ['required', 'string', 'max:200'],
            'code' => ['nullable', 'string', 'regex:'.self::CODE],
            'subject' => [$isNew ? 'required' : 'nullable', Rule::enum(FieldSubject::class)],
            'kind' => [$isNew ? 'required' : 'nullable', Rule::enum(FieldKind::class)],
            'isRequired' => ['nullable', 'boolean'],
            'isRetired' => ['nullable', 'boolean'],
            'startsOn' => ['nullable', 'string', new WorkDay(Wording::of('own_fields.starts_on'))],
            'team' => ['nullable', 'string', Rule::exists('teams', 'code')],
            'client' => ['nullable', 'string', Rule::exists('clients', 'code')],
            'choices' => [Rule::requiredIf($this->kind() === FieldKind::Choice), 'nullable', 'string', 'max:20000', function (string $name, mixed $text, Closure $fail): void {
                $fault = $this->kind() === FieldKind::Choice ? self::choicesFault(is_string($text) ? $text : '') : null;
                if ($fault !== null) {
                    $fail($fault);
                }
            }],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $messages = [];
        foreach (['name', 'code', 'subject', 'kind', 'team', 'client'] as $field) {
            $messages[$field] = Wording::of('own_fields.'.$field);
        }

        return [...$messages, 'choices.required' => Wording::of('own_fields.choices')];
    }

    public function field(): OwnFieldInput
    {
        $known = $this->known();

        return new OwnFieldInput(
            $known->code ?? $this->string('code')->trim()->toString(),
            $this->string('name')->trim()->toString(),
            $known->subject ?? FieldSubject::from($this->string('subject')->toString()),
            $this->kind() ?? FieldKind::Text,
            $this->boolean('isRequired'),
            $this->filled('startsOn') ? Day::of($this->string('startsOn')->toString()) : null,
            $this->filled('team') ? Team::query()->where('code', $this->string('team')->toString())->sole()->id : null,
            $this->filled('client') ? Client::query()->where('code', $this->string('client')->toString())->sole()->id : null,
            self::choices($this->string('choices')->toString()),
            $this->boolean('isRetired'),
        );
    }

    private function known(): ?OwnField
    {
        $field = $this->route('ownField');

        return $field instanceof OwnField ? $field : null;
    }

    private function kind(): ?FieldKind
    {
        return $this->known()->kind ?? FieldKind::tryFrom($this->string('kind')->toString());
    }

    /**
     * Each line is a name, or a code, an equals sign and a name.
     *
     * @return array<string, string> names by code
     */
    private static function choices(string $text): array
    {
        $choices = [];
        foreach (self::lines($text) as [$code, $name]) {
            $choices[$code] = $name;
        }

        return $choices;
    }

    private static function choicesFault(string $text): ?string
    {
        $seen = [];
        foreach (self::lines($text) as [$code, $name]) {
            if (preg_match(self::CODE, $code) !== 1 || $name === '' || mb_strlen($name) > 200) {
                return Wording::of('own_fields.choice_code', ['code' => mb_strimwidth($code === '' ? $name : $code, 0, 40, '…', 'UTF-8')]);
            }
            if (isset($seen[$code])) {
                return Wording::of('own_fields.choice_twice', ['code' => $code]);
            }
            $seen[$code] = true;
        }

        return $seen === [] ? Wording::of('own_fields.choices') : null;
    }

    /** @return list<array{string, string}> code and name */
    private static function lines(string $text): array
    {
        $lines = [];
        foreach (explode("\n", $text) as $line) {
            $line = trim((string) preg_replace('/\s+/u', ' ', $line));
            if ($line !== '') {
                $parts = explode('=', $line, 2);
                $lines[] = isset($parts[1]) ? [trim($parts[0]), trim($parts[1])] : [substr(Str::slug($line), 0, 32), $line];
            }
        }

        return $lines;
    }
}
