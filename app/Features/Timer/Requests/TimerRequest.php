<?php

declare(strict_types=1);

namespace App\Features\Timer\Requests;

use App\Features\Timer\Actions\SeenTimer;
use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use DateTimeImmutable;
use DateTimeZone;
use Moss\Core\Sheet\ClientNote;

/** An act on a timer: which one was seen, how it was, and when the act was meant. */
class TimerRequest extends BoundedRequest
{
    /** An act that waited longer than this for a connection is no longer the same act. */
    private const LONGEST_WAIT = 7 * 86_400;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'timer' => ['required', new RowId],
            'seen' => ['required', 'integer', 'min:1', 'max:1000000000'],
            ...self::ofAnyAct(),
        ];
    }

    /** @return array<string, list<mixed>> */
    protected static function ofAnyAct(): array
    {
        return [
            'ago' => ['nullable', 'integer', 'min:0', 'max:'.self::LONGEST_WAIT],
            'at' => ['nullable', 'date_format:Y-m-d\TH:i'],
            'note' => ['nullable', 'string', 'max:'.ClientNote::MAX_LENGTH],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['timer' => Wording::of('timer.gone'), 'seen' => Wording::of('timer.moved_on'), 'ago' => Wording::of('timer.too_long_ago'), 'at' => Wording::of('timer.when'), 'note.max' => Wording::of('timer.note')];
    }

    public function seen(): SeenTimer
    {
        return new SeenTimer($this->integer('timer'), $this->integer('seen'));
    }

    public function note(): string
    {
        return trim($this->string('note')->toString());
    }

    /** When the act was meant: at a time by the person's clock, if one was given, else some seconds ago, else now. */
    public function instant(Today $today, ?string $timezone): DateTimeImmutable
    {
        $now = $today->now();
        if ($this->filled('at')) {
            return min($now, new DateTimeImmutable($this->string('at')->toString(), new DateTimeZone($timezone ?? 'UTC')))->setTimezone(new DateTimeZone('UTC'));
        }

        return $now->modify('-'.$this->integer('ago').' seconds');
    }
}
